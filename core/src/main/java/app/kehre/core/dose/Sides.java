package app.kehre.core.dose;

import java.util.List;

/** How a dose is shared between the two sides of the body. */
public enum Sides {
    /** Both sides work at once; the dose is done once. */
    TOGETHER("", Side.BOTH),
    /** The sides take turns rep by rep or count by count; the dose is the sum of both. */
    ALTERNATING("alternating", Side.BOTH),
    /** The whole dose on the right, then the same on the left. */
    EACH_SIDE("each side", Side.RIGHT, Side.LEFT),
    /** The whole dose on the left, then the same on the right. */
    EACH_SIDE_LEFT_FIRST("each side, left first", Side.LEFT, Side.RIGHT);

    private final String notation;
    private final Side[] order;

    Sides(String notation, Side... order) {
        this.notation = notation;
        this.order = order;
    }

    /** Returns the clause of the dose notation; empty for {@link #TOGETHER}. */
    public String notation() {
        return notation;
    }

    /** Returns the passes through the dose, in order. */
    public List<Side> order() {
        return List.of(order);
    }
}
