package app.kehre.core.timeline;

import java.time.Duration;

import app.kehre.core.music.Bpm;

/**
 * Counted music that runs on without a break. Every boundary is measured from where it began, so rounding
 * never adds up.
 */
final class MusicClock {

    private final Bpm bpm;
    private final Duration began;
    private long halfCounts;

    MusicClock(Bpm bpm, Duration began) {
        this.bpm = bpm;
        this.began = began;
    }

    /** Returns the whole counts so far. */
    long counts() {
        return halfCounts / 2;
    }

    /** Lets so many half-counts pass and returns when they are over, from the start of the class. */
    Duration after(long more) {
        halfCounts = Math.addExact(halfCounts, more);
        return began.plus(bpm.at(halfCounts));
    }
}
