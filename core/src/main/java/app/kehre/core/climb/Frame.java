package app.kehre.core.climb;

/**
 * The field in which a climb is drawn, from its upper left corner.
 *
 * @param width in the unit of the drawing, over 0
 * @param height in the unit of the drawing, over 0
 * @param seconds from its left to its right edge, over 0
 */
public record Frame(double width, double height, int seconds) {

    /** The efforts at the lower and the upper edge: nobody who stands is below, and 10 is the most. */
    private static final double LEAST = 1;
    private static final double MOST = 10;

    public Frame {
        if (width <= 0 || height <= 0 || seconds <= 0) {
            throw new IllegalArgumentException(
                    "A field must be wider, higher and longer than 0, not %s x %s, %d s.".formatted(width,
                            height,
                            seconds));
        }
    }

    /**
     * Returns where a second lies across; seconds beyond the field lie outside of it.
     *
     * @param second of the class, from 0
     */
    public double x(double second) {
        return second / seconds * width;
    }

    /**
     * Returns where an effort from 0 to 10 lies, from above.
     *
     * @param effort 0 to 10
     */
    public double y(double effort) {
        return height * (1 - Math.clamp((effort - LEAST) / (MOST - LEAST), 0, 1));
    }

    /**
     * Returns the second at a distance from the left edge, within the field.
     *
     * @param x in the unit of the drawing
     */
    public int second(double x) {
        return Math.clamp(Math.round(x / width * seconds), 0, seconds);
    }
}
