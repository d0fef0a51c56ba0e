package app.kehre.desk.brief;

import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

import app.kehre.core.advice.Threshold;
import app.kehre.core.brief.Brief;
import app.kehre.core.brief.School;
import app.kehre.core.capacity.Capacity;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.timeline.SlotFit;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.typing.FigureText;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.Commit;
import app.kehre.desk.session.Learning;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.TypedText;

/** What the Brief place shows and does, without a single node. */
public final class BriefViewModel {

    private final OpenPlan open;
    private final Consumer<String> hint;
    private final Learning learning;
    private final Supplier<Library> library;

    /**
     * Makes a view model of the open plan.
     *
     * @param library what can be chosen now
     * @param hint told what the text that is being typed would mean, or what is against it
     * @param learning what was learned from classes that were taught
     */
    public BriefViewModel(OpenPlan open, Supplier<Library> library, Consumer<String> hint,
            Learning learning) {
        this.library = library;
        this.learning = learning;
        this.open = open;
        this.hint = hint;
    }

    OpenPlan open() {
        return open;
    }

    Brief brief() {
        return open.plan().brief();
    }

    Capacity capacity() {
        return Capacity.of(open.plan());
    }

    /** Returns how the class would fit its slot in a teaching style. */
    SlotFit taught(School.Teaching style) {
        ClassPlan plan = open.plan();
        return Timeline.of(plan.with(plan.brief().with(plan.brief().schools().with(style)))).fit();
    }

    void hint(String text) {
        hint.accept(text);
    }

    /** Returns what happens with a typed text of the brief. */
    Commit typed(String name, BiFunction<Brief, String, Reading<Brief>> reader) {
        return new TypedText(open, () -> name, text -> reader.apply(brief(), text).map(open.plan()::with),
                _ -> "");
    }

    /** Returns what happens with a typed figure. */
    Commit figure(Threshold figure) {
        return new TypedText(open, () -> "Figure: " + figure.words(),
                text -> FigureText.with(open.plan(), figure, text), _ -> "");
    }

    /** Returns a brief in which its group knows what it did lately. */
    Brief known(Brief brief) {
        return learning.known(brief);
    }

    /** Finds what is usual for the regular group, if that is otherwise than it stands. */
    Optional<Brief> usual() {
        return learning.usual(brief(), library.get());
    }

    /** Changes the brief as one step. */
    void change(String name, UnaryOperator<Brief> change) {
        open.edit(name, plan -> plan.with(change.apply(plan.brief())));
    }
}
