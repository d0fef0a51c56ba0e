package app.kehre.core.dose;

import java.time.Duration;

import app.kehre.core.value.Lengths;

/** How long something is held. */
public sealed interface Amount {

    /**
     * By the clock.
     *
     * @param length 1 to 600 s
     */
    record OfTime(Duration length) implements Amount {
        public OfTime {
            Limits.HOLD.check(length);
        }
    }

    /**
     * By counting.
     *
     * @param counts 1 to 256
     * @param ofMusic whether they are the music's in any case; else they are spoken, but for aerobic parts
     */
    record OfCounts(int counts, boolean ofMusic) implements Amount {
        public OfCounts {
            Limits.HOLD_COUNTS.check(counts);
        }
    }

    /**
     * By the breath.
     *
     * @param breaths 1 to 60
     * @param deep whether they are deep ones, with the arms
     */
    record OfBreaths(int breaths, boolean deep) implements Amount {
        public OfBreaths {
            Limits.BREATHS.check(breaths);
        }
    }

    /** Returns "25 s", "8 counts", "8 counts of music", "5 breaths" or "5 deep breaths". */
    default String notation() {
        return switch (this) {
            case OfTime(Duration length) -> Lengths.notation(length);
            case OfCounts(int counts, boolean ofMusic) ->
                counts + (counts == 1 ? " count" : " counts") + (ofMusic ? " of music" : "");
            case OfBreaths(int breaths, boolean deep) ->
                breaths + (deep ? " deep" : "") + (breaths == 1 ? " breath" : " breaths");
        };
    }
}
