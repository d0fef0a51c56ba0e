package app.kehre.core.fitting;

import java.time.Duration;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;

import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Entry;
import app.kehre.core.timeline.Timeline;

/**
 * What of a class is open to change, and what of it is measured.
 *
 * @param fixed lines that stay as they are
 * @param kept lines that may be shortened but not left out
 * @param rounds how many rounds of a circuit have begun and stay as they are; 0 before it
 * @param measured how long the class is, or what is left of it
 */
public record Changeable(Predicate<Entry> fixed, Predicate<Entry> kept, ToIntFunction<Circuit> rounds,
        Function<Timeline, Duration> measured) {

    /** A class that is planned: all of it. */
    static final Changeable ALL = allBut(_ -> false);

    /** Returns all of a class but some lines. */
    public static Changeable allBut(Predicate<Entry> fixed) {
        return new Changeable(fixed, _ -> false, _ -> 0, Timeline::total);
    }

    /** Returns the same with more lines that stay as they are. */
    public Changeable but(Predicate<Entry> more) {
        return new Changeable(fixed.or(more), kept, rounds, measured);
    }

    /** Returns the same with more lines that may be shortened only. */
    public Changeable keeping(Predicate<Entry> more) {
        return new Changeable(fixed, kept.or(more), rounds, measured);
    }

    boolean mayChange(Entry entry) {
        return !fixed.test(entry);
    }

    boolean mayGo(Entry entry) {
        return !kept.test(entry);
    }

    int begun(Circuit circuit) {
        return rounds.applyAsInt(circuit);
    }

    Duration length(Timeline timeline) {
        return measured.apply(timeline);
    }
}
