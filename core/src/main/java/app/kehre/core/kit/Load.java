package app.kehre.core.kit;

/** What an exercise is done with. */
public sealed interface Load {

    /** Nothing but the body. */
    Load NONE = new None();

    /** Nothing but the body. */
    record None() implements Load {}

    /**
     * Kit that a person holds or wears.
     *
     * @param kit its kind
     * @param size light, heavy or unsized
     * @param howMany pieces a person, 1 to 4
     */
    record Carried(Equipment kit, Size size, int howMany) implements Load {

        /** The most pieces that one person handles. */
        public static final int MOST = 4;

        public Carried {
            if (howMany < 1 || howMany > MOST) {
                throw new IllegalArgumentException(
                        "A load must have from 1 to %d pieces a person, not %d.".formatted(MOST, howMany));
            }
        }
    }

    /** The size of a weight or the strength of a band. */
    enum Size {
        /** Has no size, or it does not matter. */
        UNSIZED(""),
        /** The lighter of two. */
        LIGHT("light"),
        /** The heavier of two. */
        HEAVY("heavy");

        private final String word;

        Size(String word) {
            this.word = word;
        }

        /** Returns "light", "heavy" or nothing. */
        public String word() {
            return word;
        }
    }
}
