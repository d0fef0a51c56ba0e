package app.kehre.core.dose;

import java.util.List;

/** How a dose is shared between the two sides of the body. */
public enum Sides {
    /** Both sides work at once; the dose is done once. */
    TOGETHER(""),
    /** The sides take turns rep by rep or count by count; the dose is the sum of both. */
    ALTERNATING("alternating"),
    /** The whole dose on the right, then the same on the left. */
    EACH_SIDE("each side"),
    /** The whole dose on the left, then the same on the right. */
    EACH_SIDE_LEFT_FIRST("each side, left first");

    private final String notation;

    Sides(String notation) {
        this.notation = notation;
    }

    /** Returns the clause of the dose notation; empty for {@link #TOGETHER}. */
    public String notation() {
        return notation;
    }

    /** Returns the passes through the dose, in order. */
    public List<Side> order() {
        return switch (this) {
            case TOGETHER, ALTERNATING -> List.of(Side.BOTH);
            case EACH_SIDE -> List.of(Side.RIGHT, Side.LEFT);
            case EACH_SIDE_LEFT_FIRST -> List.of(Side.LEFT, Side.RIGHT);
        };
    }
}
