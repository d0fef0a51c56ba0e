package app.kehre.core.dose;

import java.time.Duration;

/**
 * Work and rest by the clock.
 *
 * @param work of one round, 1 to 1800 s
 * @param rest after each round, 0 to 600 s
 * @param rounds 1 to 60, on each side where the sides are done one after the other
 * @param lastRest whether a rest follows the very last round, in which the group changes to what is next
 * @param sides how the sides share the work; changing side lies inside the rest
 */
public record Interval(Duration work, Duration rest, int rounds, boolean lastRest, Sides sides)
        implements
            Dose {
    public Interval {
        Limits.WORK.check(work);
        Limits.REST.check(rest);
        Limits.ROUNDS.check(rounds);
        lastRest = lastRest || rest.isZero();
    }

    @Override
    public Interval withSides(Sides other) {
        return new Interval(work, rest, rounds, lastRest, other);
    }
}
