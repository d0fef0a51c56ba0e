package app.kehre.core.effort;

import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Stretch;

/**
 * A stretch of the class that asks for the same throughout.
 *
 * @param stretch when
 * @param segment the segment's number
 * @param entry the line's number
 * @param demand what it asks for
 */
public record Piece(Stretch stretch, SegmentId segment, EntryId entry, Demand demand) {

    /** Returns the first second whose middle lies in it. */
    public int from() {
        return second(stretch.start().toNanos());
    }

    /** Returns the second after the last one whose middle lies in it. */
    public int to() {
        return second(stretch.end().toNanos());
    }

    private static int second(long nanos) {
        return (int) ((nanos + 499_999_999L) / 1_000_000_000L);
    }
}
