package app.kehre.desk.teach;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

import app.kehre.core.catching.CatchingUp;
import app.kehre.core.catching.Rest;
import app.kehre.core.teaching.Course;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.timeline.Stretch;

/** Sees to it that a proposal stands ready while a class is late, or has much time left. */
final class Offers {

    /** A proposal is made anew when the class is later, or earlier, by so much more. Kehre's estimate. */
    private static final Duration ANEW = Duration.ofSeconds(15);

    /** Where a proposal is looked for beside the JavaFX thread. */
    interface Beside {
        /** Looks for one, then shows it on the JavaFX thread unless another was asked for by then. */
        void ask(Supplier<Offer> work, Consumer<Offer> show);
    }

    private final Beside beside;
    private final ReadOnlyObjectWrapper<Optional<Offer>> offer = new ReadOnlyObjectWrapper<>(
            Optional.empty());
    private Duration threshold = CatchingUp.THRESHOLD;
    private Optional<Asked> asked = Optional.empty();
    private Optional<Duration> left = Optional.empty();

    /** For what a proposal was asked: the class, the turn of its line, how late it was. */
    private record Asked(Course course, Optional<Stretch> turn, Duration over) {}

    Offers(Beside beside) {
        this.beside = beside;
    }

    ReadOnlyObjectProperty<Optional<Offer>> offer() {
        return offer.getReadOnlyProperty();
    }

    Duration threshold() {
        return threshold;
    }

    void setThreshold(Duration other) {
        threshold = other;
        asked = Optional.empty();
    }

    /**
     * Looks whether one is needed.
     *
     * @param kept whether Kehre takes it by itself
     */
    void look(TeachingRun run, Instant now, Instant wall, boolean kept) {
        Rest rest = Rest.of(run, now, wall);
        boolean due = CatchingUp.isWorthIt(rest, threshold) || kept && CatchingUp.isDue(rest, threshold);
        if (!run.state().under() || !due) {
            left = Optional.empty();
            clear();
            return;
        }
        boolean leftAlone = left.filter(over -> apart(over, rest.over()).compareTo(threshold) < 0)
                .isPresent();
        Asked next = new Asked(run.course(), run.timeline().turnAt(rest.place()), rest.over());
        if (!leftAlone && asked.filter(last -> alike(last, next)).isEmpty()) {
            left = Optional.empty();
            asked = Optional.of(next);
            boolean keep = kept && CatchingUp.isDue(rest, threshold);
            beside.ask(() -> Offer.of(rest, keep ? CatchingUp.first(rest) : CatchingUp.of(rest), keep),
                    found -> offer.set(Optional.of(found)));
        }
    }

    private static boolean alike(Asked last, Asked next) {
        return last.course() == next.course() && last.turn().equals(next.turn())
                && apart(last.over(), next.over()).compareTo(ANEW) < 0;
    }

    private static Duration apart(Duration one, Duration other) {
        return one.minus(other).abs();
    }

    /** Shows the next way. */
    void next() {
        offer.set(offer.get().map(Offer::next));
    }

    /** Leaves the class as it is until it is later by as much again. */
    void leave() {
        left = offer.get().map(found -> found.rest().over());
        clear();
    }

    /** Drops what stands there: the class has changed. */
    void clear() {
        asked = Optional.empty();
        if (offer.get().isPresent()) {
            offer.set(Optional.empty());
        }
    }
}
