package app.kehre.core.footwork;

import org.jspecify.annotations.Nullable;

import app.kehre.core.value.Side;

/**
 * How somebody stands between two half-counts.
 *
 * @param spot where the weight is
 * @param came the heading from the bench to where one came onto it; without a meaning on the floor
 * @param facing the heading to which the body looks: 0 front, 1 right, 2 back, 3 left
 * @param weight the foot that bears it; {@link Side#BOTH} after landing on both
 */
public record Stance(Spot spot, int came, int facing, Side weight) {

    /** Where a class on the step begins: behind the bench, facing the front, on both feet. */
    public static final Stance START = new Stance(Spot.BEHIND, Heading.BACK, Heading.FRONT, Side.BOTH);

    /** Where a class on the floor begins: facing the front, on both feet. */
    public static final Stance OPEN = new Stance(Spot.CENTRE, Heading.BACK, Heading.FRONT, Side.BOTH);

    private static final int BEYOND = Spot.END + 1;

    /** Returns the stance from which a move with a start can begin, in the middle of the bench if it can. */
    public static Stance before(Row.From from, Side lead) {
        int right = lead == Side.LEFT ? -1 : 1;
        return switch (from) {
            case ANYWHERE, AHEAD -> START;
            case SIDE -> new Stance(Spot.floor(right, -1), Heading.BACK,
                    Heading.of(lead.other(), Heading.FRONT), Side.BOTH);
            case END -> new Stance(Spot.floor(-right * BEYOND, 0), Heading.BACK, Heading.FRONT, Side.BOTH);
            case TOP -> new Stance(new Spot(0, 0, Spot.Level.TOP), Heading.BACK, Heading.FRONT, Side.BOTH);
            case TOP_ALONG -> along(lead, Spot.Level.TOP);
            case ASTRIDE -> along(lead, Spot.Level.ASTRIDE);
        };
    }

    private static Stance along(Side lead, Spot.Level level) {
        return new Stance(new Spot(0, 0, level), Heading.BACK, Heading.of(lead.other(), Heading.FRONT),
                Side.BOTH);
    }

    /** Returns the foot that is free: the one without weight; {@link Side#BOTH} when either may start. */
    public Side free() {
        return weight.other();
    }

    /** Returns the heading to a bench that is one step away; -1 when none is, or when one is on it. */
    int bench() {
        if (spot.level() != Spot.Level.FLOOR) {
            return -1;
        }
        if (Math.abs(spot.x()) <= Spot.END && Math.abs(spot.y()) == 1) {
            return spot.y() < 0 ? Heading.FRONT : Heading.BACK;
        }
        return spot.y() == 0 && Math.abs(spot.x()) == BEYOND
                ? spot.x() < 0 ? Heading.RIGHT : Heading.LEFT
                : -1;
    }

    /** Returns whether one stands beyond an end of the bench. */
    boolean atEnd() {
        return spot.level() == Spot.Level.FLOOR && spot.y() == 0 && Math.abs(spot.x()) == BEYOND;
    }

    /** Returns the stance at another spot. */
    Stance at(Spot other) {
        return new Stance(other, came, facing, weight);
    }

    /**
     * Returns the stance facing elsewhere.
     *
     * @param quartersToTheRight less than 0 for to the left
     */
    public Stance turned(int quartersToTheRight) {
        return new Stance(spot, came, Heading.turned(facing, quartersToTheRight), weight);
    }

    /** Returns the stance with the weight elsewhere. */
    public Stance on(Side foot) {
        return new Stance(spot, came, facing, foot);
    }

    /** Returns the stance on the bench, reached from a heading. */
    Stance cameFrom(int heading) {
        return new Stance(spot, heading, facing, weight);
    }

    /** Returns the stance mirrored from right to left. */
    public Stance mirrored() {
        return new Stance(spot.mirrored(), mirrored(came), mirrored(facing), weight.other());
    }

    private static int mirrored(int heading) {
        return Math.floorMod(-heading, 4);
    }

    /** Returns whether both are the same place and facing, whichever foot is free. */
    public boolean samePlace(Stance other) {
        return spot.equals(other.spot) && facing == other.facing;
    }

    /** Written out, as in {@link Spot}: stances are looked up so often that the usual ones take most of the time. */
    @Override
    public boolean equals(@Nullable Object other) {
        return this == other
                || other instanceof Stance stance && came == stance.came && facing == stance.facing
                        && weight == stance.weight && spot.equals(stance.spot);
    }

    @Override
    public int hashCode() {
        return ((spot.hashCode() * 4 + came) * 4 + facing) * 4 + weight.ordinal();
    }

    /** Returns place and facing in words: "behind the bench, facing the front". */
    public String words() {
        return "%s, facing %s".formatted(spot.words(), Heading.words(facing));
    }
}
