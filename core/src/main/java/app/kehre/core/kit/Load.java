package app.kehre.core.kit;

import java.util.List;
import java.util.Optional;

/**
 * What an exercise is done with.
 *
 * @param pieces the kit that a person holds, wears or stands on, at most {@value #MOST_KINDS} kinds; none
 *     for nothing but the body
 * @param orNone whether who wants to does without
 */
public record Load(List<Piece> pieces, boolean orNone) {

    /** Nothing but the body. */
    public static final Load NONE = new Load(List.of());
    /** The most kinds of kit at once. */
    public static final int MOST_KINDS = 3;

    /**
     * Pieces of one kind.
     *
     * @param kit its kind
     * @param size light, medium, heavy, so many kilos, or unsized
     * @param howMany pieces a person, 1 to {@value #MOST}
     * @param where it is held or worn
     * @param risers under a step, 0 to {@value #MOST_RISERS}
     */
    public record Piece(Equipment kit, Size size, int howMany, Where where, int risers) {

        /** The most pieces that one person handles. */
        public static final int MOST = 4;
        /** The most risers under a step: with them it is about 30 cm high (figures.md). */
        public static final int MOST_RISERS = 4;

        public Piece {
            if (howMany < 1 || howMany > MOST) {
                throw new IllegalArgumentException(
                        "A load is 1 to %d pieces a person, not %d.".formatted(MOST, howMany));
            }
            if (risers < 0 || risers > MOST_RISERS) {
                throw new IllegalArgumentException(
                        "A step stands on 0 to %d risers, not %d.".formatted(MOST_RISERS, risers));
            }
            if (risers > 0 && kit != Equipment.STEP) {
                throw new IllegalArgumentException("Only a step has risers.");
            }
        }
    }

    /** Returns a load that everybody has. */
    public Load(List<Piece> pieces) {
        this(pieces, false);
    }

    public Load {
        orNone = orNone && !pieces.isEmpty();
        if (pieces.size() > MOST_KINDS) {
            throw new IllegalArgumentException(
                    "A load is at most %d kinds of kit, not %d.".formatted(MOST_KINDS, pieces.size()));
        }
        pieces = List.copyOf(pieces);
        if (pieces.stream().map(Piece::kit).distinct().count() < pieces.size()) {
            throw new IllegalArgumentException("A load names each kind of kit once.");
        }
    }

    /** Returns whether there is nothing but the body. */
    public boolean isNone() {
        return pieces.isEmpty();
    }

    /** Finds the pieces of a kind. */
    public Optional<Piece> find(Equipment kit) {
        return pieces.stream().filter(piece -> piece.kit() == kit).findFirst();
    }

    /** The size of a weight or the strength of a band. */
    public sealed interface Size {

        /** Has no size, or it does not matter. */
        Size UNSIZED = new Word("");
        /** The lighter of two. */
        Size LIGHT = new Word("light");
        /** Between the two: bands come in three strengths. */
        Size MEDIUM = new Word("medium");
        /** The heavier of two. */
        Size HEAVY = new Word("heavy");

        /**
         * In a word.
         *
         * @param word "light", "medium", "heavy" or nothing
         */
        record Word(String word) implements Size {
            public Word {
                if (!List.of("", "light", "medium", "heavy").contains(word)) {
                    throw new IllegalArgumentException(
                            "A size is light, medium, heavy or so many kg, not \"%s\".".formatted(word));
                }
            }
        }

        /**
         * In kilograms.
         *
         * @param halves half kilograms, 1 to 100
         */
        record Kilos(int halves) implements Size {
            public Kilos {
                if (halves < 1 || halves > 100) {
                    throw new IllegalArgumentException("A weight is from 0.5 to 50 kg.");
                }
            }
        }

        /** Returns "light", "7.5 kg" or nothing. */
        default String words() {
            return switch (this) {
                case Word(String word) -> word;
                case Kilos(int halves) -> halves % 2 == 0 ? halves / 2 + " kg" : halves / 2 + ".5 kg";
            };
        }
    }

    /** Where kit is held or worn. */
    public enum Where {
        /** As usual. */
        USUAL(""),
        /** At the shoulders. */
        SHOULDERS("at the shoulders"),
        /** In the left hand. */
        LEFT_HAND("in the left hand"),
        /** In the right hand. */
        RIGHT_HAND("in the right hand"),
        /** Around the thighs. */
        THIGH("at the thigh"),
        /** Around the shins. */
        SHIN("at the shin"),
        /** Around the ankles. */
        ANKLE("at the ankle");

        private final String words;

        Where(String words) {
            this.words = words;
        }

        /** Returns the words of the notation; empty for the usual place. */
        public String words() {
            return words;
        }
    }
}
