package app.kehre.core.value;

/** The side of the body that a span of work belongs to. */
public enum Side {
    /** Both sides at once, or the two in turn. */
    BOTH(""),
    /** The right side. */
    RIGHT("right"),
    /** The left side. */
    LEFT("left");

    private final String word;

    Side(String word) {
        this.word = word;
    }

    /** Returns "right" or "left"; empty for both. */
    public String word() {
        return word;
    }

    /** Returns the other side; both for both. */
    public Side other() {
        return switch (this) {
            case BOTH -> BOTH;
            case RIGHT -> LEFT;
            case LEFT -> RIGHT;
        };
    }

    /** Returns "R" or "L"; empty for both. */
    public String letter() {
        return word.isEmpty() ? "" : word.substring(0, 1).toUpperCase(java.util.Locale.ROOT);
    }
}
