package app.kehre.core.teaching;

import java.time.Duration;

import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Done;

/**
 * A piece of a class as it was taught. Visits tile the time since the class was begun.
 *
 * @param spot what was taught
 * @param segment the segment that it belongs to
 * @param unit what is counted in it
 * @param from how many of the unit were done in the span before, in seconds where the clock rules
 * @param to how many were done after it
 * @param began since the class was begun
 * @param took how long it took; while the class went on it is as long as what was done
 * @param going whether the class went on, stood in a pause or was talked to
 */
public record Visit(Spot spot, SegmentId segment, Done.Unit unit, int from, int to, Duration began,
        Duration took, Going going) {

    /** What the class did meanwhile. */
    public enum Going {
        /** It went on. */
        ON,
        /** It was stopped. */
        PAUSED,
        /** It stood while there was more to say than planned. */
        TALKED_TO
    }

    /** Returns when it ended, since the class was begun. */
    public Duration end() {
        return began.plus(took);
    }
}
