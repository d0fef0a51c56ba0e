package app.kehre.core.climb;

/**
 * Points in a field, in their order.
 *
 * @param across from the left; do not change them
 * @param down from above, as many; do not change them
 */
public record Path(double[] across, double[] down) {

    public Path {
        if (across.length != down.length) {
            throw new IllegalArgumentException(
                    "%d points across and %d down.".formatted(across.length, down.length));
        }
    }

    /** Returns how many points it has. */
    public int points() {
        return across.length;
    }
}
