package app.kehre.core.dose;

/**
 * A number of counts of the segment's music.
 *
 * @param counts 1 to 2048, as danced: at half time each lasts two counts of the music
 * @param pace how the danced count stands to the music
 * @param sides how the sides share the work
 */
public record Counts(int counts, Pace pace, Sides sides) implements Dose {

    /** Counts in an eight. */
    public static final int EIGHT = 8;

    public Counts {
        Limits.COUNTS.check(counts);
    }

    /** How a danced count stands to a count of the music. */
    public enum Pace {
        /** One danced count for one count of the music. */
        NORMAL("", 2),
        /** One danced count lasts two counts of the music. */
        HALF_TIME("half time", 4),
        /** Two danced counts lie in one count of the music. */
        DOUBLE_TIME("double time", 1);

        private final String notation;
        private final int halfCounts;

        Pace(String notation, int halfCounts) {
            this.notation = notation;
            this.halfCounts = halfCounts;
        }

        /** Returns the clause of the dose notation; empty for {@link #NORMAL}. */
        public String notation() {
            return notation;
        }

        /** Returns how many half-counts of the music a danced count lasts. */
        public int halfCounts() {
            return halfCounts;
        }
    }

    /**
     * Returns so many eights at the music's own pace, both sides at once.
     *
     * @param eights 1 or more
     */
    public static Counts ofEights(int eights) {
        return new Counts(Math.multiplyExact(eights, EIGHT), Pace.NORMAL, Sides.TOGETHER);
    }

    @Override
    public Counts withSides(Sides other) {
        return new Counts(counts, pace, other);
    }
}
