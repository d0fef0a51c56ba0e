package app.kehre.core.dose;

import java.time.Duration;

/**
 * As many as possible in a time.
 *
 * @param length 1 to 1800 s
 * @param toBeat the number to beat, 1 to 300; 0 where there is none
 * @param sides how the sides share the work
 */
public record AsMany(Duration length, int toBeat, Sides sides) implements Dose {
    public AsMany {
        Limits.WORK.check(length);
        Limits.TO_BEAT.check(toBeat);
    }

    @Override
    public AsMany withSides(Sides other) {
        return new AsMany(length, toBeat, other);
    }
}
