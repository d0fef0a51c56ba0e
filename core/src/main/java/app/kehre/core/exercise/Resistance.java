package app.kehre.core.exercise;

import java.util.Collection;
import java.util.Set;

import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/**
 * What a muscle works against. How much of its share counts as work follows from it (figures.md, "Areas": 0.3, 0.6
 * and 1 are Kehre's estimates): a row of empty hands is a movement, not strength.
 */
public enum Resistance implements Named {
    /** Nothing but the weight of an arm or a leg, or of nothing at all. */
    NONE("none", "nothing"),
    /** The other hand, a towel, the own muscles pressed against each other. */
    SELF("self", "one's own strength"),
    /** The body's weight on the muscle. */
    BODY("body", "body weight"),
    /** What is held or worn: a weight, a band. With nothing in the hands it is nothing. */
    HELD("held", "what is held");

    /** As much of a share counts where nothing is worked against. */
    static final double EMPTY = 0.3;
    private static final double LIGHT = 0.6;
    private static final double FULL = 1;
    private static final Set<Equipment> RESISTS = Set.of(Equipment.WEIGHT, Equipment.LONG_BAND,
            Equipment.LOOP_BAND, Equipment.KETTLE_WEIGHT, Equipment.LONG_BAR);
    private static final Set<Equipment> BANDS = Set.of(Equipment.LONG_BAND, Equipment.LOOP_BAND);

    private final Term term;

    Resistance(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }

    /** Returns which part of a share counts as work with a load: 0.3, 0.6 or 1. */
    public double with(Load load) {
        return switch (this) {
            case NONE -> EMPTY;
            case SELF -> LIGHT;
            case BODY -> FULL;
            case HELD -> load.pieces().stream().filter(piece -> RESISTS.contains(piece.kit()))
                    .mapToDouble(Resistance::of).max().orElse(EMPTY);
        };
    }

    /** Returns whether a kind of kit is something to work against. */
    public static boolean resists(Equipment kit) {
        return RESISTS.contains(kit);
    }

    private static double of(Load.Piece piece) {
        boolean band = BANDS.contains(piece.kit());
        return band && piece.size().equals(Load.Size.LIGHT) ? LIGHT : FULL;
    }

    /**
     * Returns what an exercise works against that does not say so: what it is done with, else the body on what bears
     * it. For own exercises of earlier versions; Kehre's estimate.
     */
    public static Resistance usual(Pattern pattern, Position position, Collection<Equipment> kit) {
        if (kit.stream().anyMatch(RESISTS::contains)) {
            return HELD;
        }
        return switch (pattern) {
            case MOBILITY, STRETCH, BREATHING, TRAVEL -> NONE;
            case PUSH, PULL -> kit.contains(Equipment.TOWEL)
                    ? SELF
                    : position == Position.STANDING || position == Position.SEATED_CHAIR ? NONE : BODY;
            case SQUAT, LUNGE, HINGE, TRUNK_FLEXION, TRUNK_EXTENSION, ROTATION, BRACE, SINGLE_JOINT, STEPPING,
                    BALANCE ->
                BODY;
        };
    }
}
