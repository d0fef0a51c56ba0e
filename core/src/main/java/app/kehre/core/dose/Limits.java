package app.kehre.core.dose;

import app.kehre.core.value.Range;

/**
 * What a dose may say at all. These are guards against slips of the pen (Kehre's estimates), wide enough
 * for any class; what is sensible for an exercise is the library's matter.
 */
public final class Limits {

    /** Sets of one item on one side. */
    public static final Range SETS = Range.of("sets", 1, 20);
    /** Reps in one set. */
    public static final Range REPS = Range.of("reps", 1, 300);
    /** Rounds of a timed interval or a pattern. */
    public static final Range ROUNDS = Range.of("rounds", 1, 60);
    /** Stages or rungs of one set, or parts of a pattern. */
    public static final Range STAGES = Range.of("stages", 1, 12);
    /** Counts of one part of a pattern. */
    public static final Range PART_COUNTS = Range.of("the counts of a part", 1, 256);
    /** Counts of one hold. */
    public static final Range HOLD_COUNTS = Range.of("the counts of a hold", 1, 256);
    /** Breaths of one hold. */
    public static final Range BREATHS = Range.of("breaths", 1, 60);
    /** The number to beat; 0 is none. */
    public static final Range TO_BEAT = Range.of("the number to beat", 0, 300);
    /** A stretch inside a rep. */
    public static final Range STRETCH_INSIDE = Range.ofSeconds("a stretch inside a rep", 0, 60);
    /** A stretch inside a rep that is written down. */
    static final Range STRETCH_WORTH_SAYING = Range.ofSeconds("a stretch inside a rep", 1, 60);
    /** By how much an open dose may be shorter or longer. */
    public static final Range TOLERANCE = Range.ofSeconds("the give and take", 0, 600);
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

    /** How many sets are still spelled out when a text can be read in two ways. */
    static final int MOST_SPELLED_OUT = 4;

    private Limits() {}
}
