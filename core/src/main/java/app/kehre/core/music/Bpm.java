package app.kehre.core.music;

import java.time.Duration;

import app.kehre.core.value.Range;

/**
 * The tempo of the music.
 *
 * @param value beats per minute, 60 to 200
 */
public record Bpm(int value) {

    /** The tempos that Kehre accepts; wider than any teaching range of figures.md, "Tempo of the music". */
    public static final Range RANGE = new Range("the tempo", " BPM", 60, 200);

    private static final long HALF_COUNT_NANOS = 30_000_000_000L;

    public Bpm {
        RANGE.check(value);
    }

    /**
     * Returns when a count starts, measured from count 0: k x 60/BPM s, rounded once to the nearest
     * nanosecond (halves up), never a sum of rounded lengths.
     *
     * @param halfCounts the position in half-counts, 0 or more
     */
    public Duration at(long halfCounts) {
        long nanos = Math.multiplyExact(halfCounts, HALF_COUNT_NANOS);
        return Duration
                .ofNanos(Math.floorDiv(Math.addExact(Math.multiplyExact(2, nanos), value), 2L * value));
    }
}
