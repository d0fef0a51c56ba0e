package app.kehre.core.footwork;

import org.jspecify.annotations.Nullable;

/**
 * Where the weight stands, in steps, seen from above with the front of the room ahead. The bench lies across:
 * its top is at {@code y} 0 from {@code x} -1 to 1, its long sides face the front and the back of the room.
 *
 * @param x steps to the right of the middle
 * @param y steps to the front; -1 is close behind the bench, 1 close in front of it
 * @param level on the floor, on top, or with the bench between the feet
 */
public record Spot(int x, int y, Level level) {

    /** How high one stands. */
    public enum Level {
        /** On the floor where there is no bench. */
        OPEN,
        /** On the floor beside the bench. */
        FLOOR,
        /** On top of the bench. */
        TOP,
        /** On the floor, the bench between the feet. */
        ASTRIDE
    }

    /** From the middle of the bench to its end, in steps. */
    static final int END = 1;

    /** Behind the middle of the bench, where a class on the step begins. */
    public static final Spot BEHIND = new Spot(0, -1, Level.FLOOR);

    /** Where a class on the floor begins. */
    public static final Spot CENTRE = new Spot(0, 0, Level.OPEN);

    /** Returns a spot on the floor beside the bench. */
    static Spot floor(int x, int y) {
        return new Spot(x, y, Level.FLOOR);
    }

    /** Returns the spot moved by so many steps. */
    Spot plus(int right, int ahead) {
        return new Spot(x + right, y + ahead, level);
    }

    /** Returns whether it is where the bench is. */
    boolean onBench() {
        return level != Level.OPEN && y == 0 && Math.abs(x) <= END;
    }

    /** Returns the spot mirrored from right to left. */
    Spot mirrored() {
        return new Spot(-x, y, level);
    }

    /** Written out: places are looked up so often that the usual way takes most of the time. */
    @Override
    public boolean equals(@Nullable Object other) {
        return this == other
                || other instanceof Spot spot && x == spot.x && y == spot.y && level == spot.level;
    }

    @Override
    public int hashCode() {
        return (x * 31 + y) * 31 + level.ordinal();
    }

    /** Returns where it is in words: "behind the bench, at its right end". */
    public String words() {
        return switch (level) {
            case OPEN -> x == 0 && y == 0 ? "in the middle" : open();
            case TOP -> "on top" + along();
            case ASTRIDE -> "astride the bench";
            case FLOOR -> y == 0 && Math.abs(x) > END
                    ? "beyond the %s end".formatted(x > 0 ? "right" : "left")
                    : (y < 0 ? "behind the bench" : "in front of the bench") + along();
        };
    }

    private String open() {
        String aside = x == 0 ? "" : "%d to the %s".formatted(Math.abs(x), x > 0 ? "right" : "left");
        String ahead = y == 0 ? "" : "%d %s".formatted(Math.abs(y), y > 0 ? "forward" : "back");
        return aside + (aside.isEmpty() || ahead.isEmpty() ? "" : ", ") + ahead;
    }

    private String along() {
        return x == 0 ? "" : ", at its %s end".formatted(x > 0 ? "right" : "left");
    }
}
