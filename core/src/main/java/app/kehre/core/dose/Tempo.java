package app.kehre.core.dose;

/** How fast one rep is done. */
public sealed interface Tempo {

    /** No tempo is given: one takes as long as by nature. */
    Tempo USUAL = new Usual(Speed.NATURAL);

    /**
     * No tempo is given: a rep takes its exercise's natural length.
     *
     * @param speed whether that, or slower, or quicker
     */
    record Usual(Speed speed) implements Tempo {}

    /**
     * Lowering, pause, lifting, pause, in seconds.
     *
     * @param phases each 0 to 20 s, together at least 1 s
     */
    record Seconds(Phases phases) implements Tempo {}

    /**
     * Lowering, pause, lifting, pause, in counts of the segment's music.
     *
     * @param phases each 0 to 20 counts, together at least 1 count
     */
    record MusicCounts(Phases phases) implements Tempo {}

    /** The four parts of a rep. */
    record Phases(int lowering, int pauseLow, int lifting, int pauseHigh) {
        public Phases {
            Limits.TEMPO_PHASE.check(lowering);
            Limits.TEMPO_PHASE.check(pauseLow);
            Limits.TEMPO_PHASE.check(lifting);
            Limits.TEMPO_PHASE.check(pauseHigh);
            if (lowering + pauseLow + lifting + pauseHigh == 0) {
                throw new IllegalArgumentException("A tempo must have at least one part that is not 0.");
            }
        }

        /** Returns the length of one rep in the tempo's unit, 1 to 80. */
        public int sum() {
            return lowering + pauseLow + lifting + pauseHigh;
        }

        /** Returns "2-0-2", or "2-0-2-1" where there is a last pause. */
        public String notation() {
            String three = lowering + "-" + pauseLow + "-" + lifting;
            return pauseHigh == 0 ? three : three + "-" + pauseHigh;
        }
    }
}
