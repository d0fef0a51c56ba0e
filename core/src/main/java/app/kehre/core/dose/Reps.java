package app.kehre.core.dose;

import java.time.Duration;

/**
 * Counted repetitions in sets.
 *
 * @param sets 1 to 20, on each side where the sides are done one after the other
 * @param reps in each set, 1 to 300
 * @param tempo of one rep
 * @param rest between two sets, 0 to 600 s; none after the last
 * @param sides how the sides share the work; alternating reps count both sides together
 */
public record Reps(int sets, int reps, Tempo tempo, Duration rest, Sides sides) implements Dose {
    public Reps {
        Limits.SETS.check(sets);
        Limits.REPS.check(reps);
        Limits.REST.check(rest);
    }

    /** Returns one set without rest at the usual tempo, both sides at once. */
    public static Reps of(int reps) {
        return new Reps(1, reps, Tempo.USUAL, Duration.ZERO, Sides.TOGETHER);
    }

    @Override
    public Reps withSides(Sides other) {
        return new Reps(sets, reps, tempo, rest, other);
    }
}
