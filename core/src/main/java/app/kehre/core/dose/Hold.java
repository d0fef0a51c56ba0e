package app.kehre.core.dose;

import java.time.Duration;

/**
 * A position held: isometric work or a stretch.
 *
 * @param sets how often, 1 to 20, on each side where the sides are done one after the other
 * @param length of one hold, 1 to 600 s
 * @param rest between two holds, 0 to 600 s; none after the last
 * @param sides how the sides share the work
 */
public record Hold(int sets, Duration length, Duration rest, Sides sides) implements Dose {
    public Hold {
        Limits.SETS.check(sets);
        Limits.HOLD.check(length);
        Limits.REST.check(rest);
    }

    /** Returns one hold, both sides at once. */
    public static Hold of(Duration length) {
        return new Hold(1, length, Duration.ZERO, Sides.TOGETHER);
    }

    @Override
    public Hold withSides(Sides other) {
        return new Hold(sets, length, rest, other);
    }
}
