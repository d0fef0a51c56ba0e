package app.kehre.core.rehearsal;

import java.time.Duration;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

import app.kehre.core.dose.Interval;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.timeline.Done;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;

/**
 * Somebody who teaches as a seed says: each piece of the class takes as long as it is planned, times a factor that is drawn
 * (figures.md, "Rehearsal"; Kehre's estimates).
 */
final class SimulatedInstructor {

    /** Standard deviations of the logarithm of how much longer something takes than planned. */
    private static final double TALK = 0.25;
    private static final double EXPLAIN = 0.35;
    private static final double CHANGING = 0.3;
    private static final double PAUSE = 0.15;
    private static final double REPS = 0.05;
    /** How often a line is forgotten, and the second side of one. */
    private static final double FORGETS_LINE = 0.01;
    private static final double FORGETS_SIDE = 0.03;
    /** How often a side that owes is given what it is owed once Kehre has said so. */
    private static final double PAYS = 0.7;
    private static final double HUNDRED = 100;

    private final RandomGenerator chance;
    private final Habits habits;

    SimulatedInstructor(long seed, Habits habits) {
        this.chance = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        this.habits = habits;
    }

    /**
     * Draws how long a span takes.
     *
     * @param length how long it is at the pace at which people really move
     */
    Duration takes(Span span, Duration length, Timeline timeline) {
        double spread = spread(span, timeline);
        if (spread == 0) {
            return length;
        }
        double slower = 1 + habits.slow() / HUNDRED;
        double factor = slower * Math.exp(spread * Math.clamp(chance.nextGaussian(), -2.5, 2.5));
        return Duration.ofMillis(Math.round(length.toMillis() * factor));
    }

    /** What the clock or the music drives takes as long as it is planned. */
    private static double spread(Span span, Timeline timeline) {
        return switch (span.phase()) {
            case TALK -> TALK;
            case EXPLAIN -> span.turn().stage().isPresent() ? 0 : EXPLAIN;
            case SET_UP, TRANSITION, SIDE_CHANGE -> CHANGING;
            case PAUSE -> PAUSE;
            case REST -> byClock(span, timeline) ? 0 : CHANGING;
            case WORK, HOLD -> span.done().unit() == Done.Unit.REPS || span.done().unit() == Done.Unit.BREATHS
                    ? REPS
                    : 0;
        };
    }

    private static boolean byClock(Span span, Timeline timeline) {
        return timeline.plan().find(span.entry()).flatMap(Entry::item).map(Item::dose)
                .filter(Interval.class::isInstance).isPresent();
    }

    /** Draws whether a line is forgotten as it comes. */
    boolean forgetsLine(Span first) {
        return habits.forgets() && first.phase() != Phase.TALK && chance.nextDouble() < FORGETS_LINE;
    }

    /** Draws whether the side that comes is forgotten. */
    boolean forgetsSide() {
        return habits.forgets() && chance.nextDouble() < FORGETS_SIDE;
    }

    /** Draws whether a side is given what it is owed. */
    boolean pays() {
        return chance.nextDouble() < PAYS;
    }
}
