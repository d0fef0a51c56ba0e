package app.kehre.core.dose;

import java.time.Duration;

import app.kehre.core.value.Lengths;

/** How long something is held. */
public sealed interface Amount {

    /** The length of one breath: 5 s. Kehre's estimate (figures.md, "Time"). */
    Duration BREATH = Duration.ofSeconds(5);

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
     * By the music.
     *
     * @param counts 1 to 256
     */
    record OfCounts(int counts) implements Amount {
        public OfCounts {
            Limits.HOLD_COUNTS.check(counts);
        }
    }

    /**
     * By the breath, each {@link #BREATH} long.
     *
     * @param breaths 1 to 60
     */
    record OfBreaths(int breaths) implements Amount {
        public OfBreaths {
            Limits.BREATHS.check(breaths);
        }
    }

    /** Returns "25 s", "8 counts" or "5 breaths". */
    default String notation() {
        return switch (this) {
            case OfTime(Duration length) -> Lengths.notation(length);
            case OfCounts(int counts) -> counts + (counts == 1 ? " count" : " counts");
            case OfBreaths(int breaths) -> breaths + (breaths == 1 ? " breath" : " breaths");
        };
    }
}
