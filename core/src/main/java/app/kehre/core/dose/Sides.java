package app.kehre.core.dose;

import java.util.List;

import app.kehre.core.value.Side;

/** How a dose is shared between the two sides of the body. */
public enum Sides {
    /** Both sides work at once; the dose is done once. */
    TOGETHER(""),
    /** The sides take turns rep by rep or count by count; the dose is the sum of both. */
    ALTERNATING("alternating"),
    /** The whole dose on the right, then the same on the left. */
    EACH_SIDE("each side"),
    /** The whole dose on the left, then the same on the right. */
    EACH_SIDE_LEFT_FIRST("each side, left first"),
    /** Only the right; the left has a line of its own. */
    RIGHT_SIDE("right side"),
    /** Only the left; the right has a line of its own. */
    LEFT_SIDE("left side"),
    /** The right in the first round of a circuit, the left in the second, and so on. */
    SIDE_A_ROUND("one side a round"),
    /** The left in the first round of a circuit, the right in the second, and so on. */
    SIDE_A_ROUND_LEFT_FIRST("one side a round, left first");

    private final String notation;

    Sides(String notation) {
        this.notation = notation;
    }

    /** Returns the clause of the dose notation; empty for {@link #TOGETHER}. */
    public String notation() {
        return notation;
    }

    /**
     * Returns the passes through the dose in a round, in order.
     *
     * @param round of the circuit, from 1; 1 outside of circuits
     */
    public List<Side> order(int round) {
        return switch (this) {
            case TOGETHER, ALTERNATING -> List.of(Side.BOTH);
            case EACH_SIDE -> List.of(Side.RIGHT, Side.LEFT);
            case EACH_SIDE_LEFT_FIRST -> List.of(Side.LEFT, Side.RIGHT);
            case RIGHT_SIDE -> List.of(Side.RIGHT);
            case LEFT_SIDE -> List.of(Side.LEFT);
            case SIDE_A_ROUND -> List.of(round % 2 == 1 ? Side.RIGHT : Side.LEFT);
            case SIDE_A_ROUND_LEFT_FIRST -> List.of(round % 2 == 1 ? Side.LEFT : Side.RIGHT);
        };
    }

    /** Returns whether both sides are served by this line alone, whatever the number of rounds. */
    public boolean servesBoth() {
        return switch (this) {
            case TOGETHER, ALTERNATING, EACH_SIDE, EACH_SIDE_LEFT_FIRST -> true;
            case RIGHT_SIDE, LEFT_SIDE, SIDE_A_ROUND, SIDE_A_ROUND_LEFT_FIRST -> false;
        };
    }
}
