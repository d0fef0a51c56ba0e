package app.kehre.core.effort;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;

import app.kehre.core.exercise.Style;

/**
 * What makes a move harder. Each multiplies the net METs (MET - 1); all together at most {@value #MOST}. Kehre's
 * estimates (figures.md, "levers": 1.05 to 1.3 each).
 */
public enum Lever {
    /** Arms below shoulder height. */
    ARMS(1.1),
    /** Arms overhead. */
    OVERHEAD(1.2),
    /** Travel through the room, or along the bench. */
    TRAVEL(1.1),
    /** A larger range of motion. */
    RANGE(1.1),
    /** A hop, for those who take it. */
    HOP(1.25),
    /** A change of direction, a turn. */
    DIRECTION(1.05),
    /** Something held or worn. */
    LOAD(1.05);

    /** The most that all of them do together. */
    public static final double MOST = 1.6;

    private final double factor;

    Lever(double factor) {
        this.factor = factor;
    }

    /** Returns the levers of a style. */
    public static Set<Lever> of(Collection<Style> style) {
        Set<Lever> levers = EnumSet.noneOf(Lever.class);
        style.forEach(each -> levers.add(switch (each) {
            case ARMS -> ARMS;
            case OVERHEAD -> OVERHEAD;
            case TRAVEL -> TRAVEL;
            case RANGE -> RANGE;
            case DIRECTION -> DIRECTION;
            case HOP -> HOP;
        }));
        if (levers.contains(OVERHEAD)) {
            levers.remove(ARMS);
        }
        return levers;
    }

    /** Returns by what it multiplies net METs. */
    public double factor() {
        return factor;
    }

    /** Returns by what they multiply net METs together, 1 to {@value #MOST}. */
    public static double all(Collection<Lever> levers) {
        double product = 1;
        for (Lever lever : levers) {
            product *= lever.factor;
        }
        return Math.min(MOST, product);
    }

    /**
     * Returns METs with net METs multiplied.
     *
     * @param mets gross METs, 1 or more
     * @param factor of all levers together
     */
    public static double on(double mets, double factor) {
        return 1 + (mets - 1) * factor;
    }
}
