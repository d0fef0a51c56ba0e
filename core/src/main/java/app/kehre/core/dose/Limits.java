package app.kehre.core.dose;

/**
 * What a dose may say at all. These are guards against slips of the pen (Kehre's estimates), wide enough
 * for any class; what is sensible for an exercise is the library's matter.
 */
public final class Limits {

    /** Sets of one item on one side. */
    public static final Range SETS = Range.of("sets", 1, 20);
    /** Reps in one set. */
    public static final Range REPS = Range.of("reps", 1, 300);
    /** Rounds of a timed interval. */
    public static final Range ROUNDS = Range.of("rounds", 1, 60);
    /** Counts of music in one item on one side. */
    public static final Range COUNTS = Range.of("counts", 1, 2048);
    /** One phase of a rep's tempo, in seconds or counts. */
    public static final Range TEMPO_PHASE = Range.of("each part of a tempo", 0, 20);
    /** The work of one interval. */
    public static final Range WORK = Range.ofSeconds("work", 1, 1800);
    /** A rest between sets or rounds. */
    public static final Range REST = Range.ofSeconds("rest", 0, 600);
    /** One hold. */
    public static final Range HOLD = Range.ofSeconds("a hold", 1, 600);

    private Limits() {}
}
