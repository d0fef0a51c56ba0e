package app.kehre.desk.session;

import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

import app.kehre.core.balance.Assessment;
import app.kehre.core.exercise.Library;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.control.Latest;

/**
 * The open class as it is laid out and judged: once after each edit and while somebody types, beside the JavaFX thread. All
 * places show this one; its {@link Assessment} carries the plan and the timeline that it is about.
 */
public final class JudgedPlan {

    private final OpenPlan open;
    private final Supplier<Library> library;
    private final ReadOnlyObjectWrapper<Assessment> assessment;
    private final Latest asked = new Latest("judging");

    /** Judges an open plan from now on. */
    public JudgedPlan(OpenPlan open, Supplier<Library> library) {
        this.open = open;
        this.library = library;
        this.assessment = new ReadOnlyObjectWrapper<>(
                Assessment.orUnjudged(open.shown().get(), library.get()));
        open.shown().addListener((_, _, shown) -> judge(shown));
    }

    /** Returns the class that is judged. */
    public OpenPlan open() {
        return open;
    }

    /** Returns the class as it was judged last, which is a moment behind what is shown. */
    public ReadOnlyObjectProperty<Assessment> assessment() {
        return assessment.getReadOnlyProperty();
    }

    /** Judges again, since the library has changed. */
    public void again() {
        asked.drop();
        assessment.set(Assessment.orUnjudged(open.shown().get(), library.get()));
    }

    /** Returns whether the class that is shown, or one just like it, has been judged. */
    public boolean done() {
        return assessment.get().timeline().equals(open.shown().get());
    }

    private void judge(Timeline shown) {
        Library all = library.get();
        asked.ask(() -> Assessment.orUnjudged(shown, all), assessment::set);
    }
}
