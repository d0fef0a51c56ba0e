package app.kehre.desk.proposals;

import java.time.Duration;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Effect;
import app.kehre.core.balance.Mend;
import app.kehre.core.dose.Lengths;
import app.kehre.core.dose.Reading;
import app.kehre.core.exercise.Library;
import app.kehre.core.fitting.Change;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.control.Latest;
import app.kehre.desk.session.OpenPlan;

/** Ways to make the class fit, what they change, and what would come of the ticked changes; without a single node. */
public final class FitViewModel {

    /**
     * What would come of the ticked changes.
     *
     * @param timeline the class as it would be
     * @param effect length, effort, findings gone and new
     */
    record Outcome(Timeline timeline, Effect effect) {}

    private final OpenPlan open;
    private final Supplier<Library> library;
    private final Latest fits = new Latest("fits");
    private final Latest effects = new Latest("effects of a fit");
    private final ReadOnlyObjectWrapper<Optional<Fitting.Found>> found = new ReadOnlyObjectWrapper<>(
            Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Outcome>> outcome = new ReadOnlyObjectWrapper<>(
            Optional.empty());
    private final Set<Change> ticked = new LinkedHashSet<>();
    private int way;
    private Duration asked = Duration.ZERO;

    /** Makes a view model of the open plan. */
    public FitViewModel(OpenPlan open, Supplier<Library> library) {
        this.open = open;
        this.library = library;
        open.settled().addListener(_ -> forget());
    }

    /** Returns what came of the last question; nothing before it, and after every edit. */
    ReadOnlyObjectProperty<Optional<Fitting.Found>> found() {
        return found.getReadOnlyProperty();
    }

    /** Returns what would come of the ticked changes, a moment after they were ticked. */
    ReadOnlyObjectProperty<Optional<Outcome>> outcome() {
        return outcome.getReadOnlyProperty();
    }

    Timeline before() {
        return open.settled().get();
    }

    /** Returns the length that would fill the slot, in words. */
    String slotWords() {
        return Lengths.clock(open.plan().brief().slot());
    }

    /** Asks for ways to a length of the class, or of a segment. Returns the sentence against the length, if any. */
    String ask(String length, Optional<Integer> segment) {
        Reading<Duration> reading = Lengths
                .parse(length.strip().matches("\\d+") ? length.strip() + " min" : length);
        if (reading.value().isEmpty() || !reading.value().get().isPositive()) {
            return reading.value().isEmpty() ? reading.problem() : "A class lasts longer than that.";
        }
        asked = reading.value().get();
        ClassPlan plan = open.plan();
        fits.ask(() -> Fitting.of(plan, new Fitting.Asked(reading.value().get(), segment)), this::show);
        return "";
    }

    private void show(Fitting.Found now) {
        way = 0;
        ticked.clear();
        now.ways().stream().limit(1).forEach(first -> ticked.addAll(first.changes()));
        found.set(Optional.of(now));
        if (!now.ways().isEmpty()) {
            work();
        }
    }

    int chosen() {
        return way;
    }

    List<Change> changes() {
        return found.get().filter(now -> way < now.ways().size()).map(now -> now.ways().get(way).changes())
                .orElse(List.of());
    }

    /** Chooses a way, all its changes ticked. */
    void choose(int at) {
        way = at;
        ticked.clear();
        ticked.addAll(changes());
        work();
    }

    boolean isTicked(Change change) {
        return ticked.contains(change);
    }

    void tick(Change change, boolean so) {
        if (so ? ticked.add(change) : ticked.remove(change)) {
            work();
        }
    }

    int tickedCount() {
        return ticked.size();
    }

    private List<Change> inOrder() {
        return changes().stream().filter(ticked::contains).toList();
    }

    /** Shows the ticked changes on the road, and works out what comes of them. */
    private void work() {
        ClassPlan before = open.plan();
        ClassPlan after = Change.all(before, inOrder());
        open.preview(after);
        Library all = library.get();
        effects.ask(() -> new Outcome(Timeline.of(after),
                Effect.of(Assessment.of(before, all), new Mend("fit", after), all)),
                now -> outcome.set(Optional.of(now)));
    }

    /** Takes the ticked changes as one step. */
    void take() {
        List<Change> taken = inOrder();
        if (!taken.isEmpty()) {
            open.edit("Fit to " + Lengths.clock(asked), plan -> Change.all(plan, taken));
        }
    }

    /** Drops what was proposed; the class is shown as it stands again. */
    public void drop() {
        if (found.get().isPresent()) {
            forget();
            open.endPreview();
        }
    }

    private void forget() {
        fits.drop();
        effects.drop();
        ticked.clear();
        way = 0;
        outcome.set(Optional.empty());
        found.set(Optional.empty());
    }
}
