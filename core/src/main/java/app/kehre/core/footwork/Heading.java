package app.kehre.core.footwork;

import app.kehre.core.value.Side;

/** A direction in the room, in quarter turns to the right from the front: 0 front, 1 right, 2 back, 3 left. */
final class Heading {

    static final int FRONT = 0;
    static final int RIGHT = 1;
    static final int BACK = 2;
    static final int LEFT = 3;
    private static final int QUARTERS = 4;

    private Heading() {}

    /** Returns the heading after a turn of so many quarters to the right. */
    static int turned(int heading, int quarters) {
        return Math.floorMod(heading + quarters, QUARTERS);
    }

    /** Returns the quarters from one heading to another, -1 to 2; above zero to the right. */
    static int between(int from, int to) {
        int quarters = Math.floorMod(to - from, QUARTERS);
        return quarters == LEFT ? -1 : quarters;
    }

    /** Returns the heading to which the side of somebody points who looks along a heading. */
    static int of(Side side, int looking) {
        return turned(looking, side == Side.LEFT ? -1 : 1);
    }

    /** Returns how many steps to the right of the room a step along a heading goes. */
    static int right(int heading) {
        return heading == RIGHT ? 1 : heading == LEFT ? -1 : 0;
    }

    /** Returns how many steps to the front of the room a step along a heading goes. */
    static int ahead(int heading) {
        return heading == FRONT ? 1 : heading == BACK ? -1 : 0;
    }

    /** Returns it in words. */
    static String words(int heading) {
        return switch (heading) {
            case FRONT -> "the front";
            case RIGHT -> "the right";
            case BACK -> "the back";
            case LEFT -> "the left";
            default -> throw new IllegalArgumentException("No heading: " + heading);
        };
    }
}
