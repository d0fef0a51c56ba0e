package app.kehre.core.timeline;

import java.time.Duration;

import app.kehre.core.dose.Side;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SegmentId;

/**
 * The smallest part of the class in which one thing happens.
 *
 * @param stretch when
 * @param segment the segment
 * @param entry the line
 * @param phase what happens
 * @param round the round of the circuit, or of an interval outside of circuits, from 1; 0 where there are none
 * @param set the set of its side, or the round of an interval inside a circuit, from 1; 0 where there are none
 * @param side the side that works; for a side change, the coming side
 * @param parts reps or danced counts in it, evenly spaced; 0 where nothing is counted
 * @param firstCount the count of the segment's music at which it starts, from 0; -1 without music counts
 * @param words what more there is to say: the stage of a set, the kit that is taken; may be empty
 */
public record Span(Stretch stretch, SegmentId segment, EntryId entry, Phase phase, int round, int set,
        Side side,
        int parts, long firstCount, String words) {

    /** Returns when it starts. */
    public Duration start() {
        return stretch.start();
    }

    /** Returns when it ends. */
    public Duration end() {
        return stretch.end();
    }

    /** Returns which rep or count runs at a moment in the span, from 1; 0 where nothing is counted. */
    public int partAt(Duration moment) {
        long length = stretch.length().toNanos();
        if (parts == 0 || length == 0) {
            return 0;
        }
        long into = Math.max(0, moment.minus(start()).toNanos());
        return (int) Math.min(parts, Math.multiplyExact(into, parts) / length + 1);
    }

    /** Returns how much of the span is over at a moment, from 0 to 1. */
    public double partDone(Duration moment) {
        double length = stretch.length().toNanos();
        return length == 0 ? 1 : Math.clamp(moment.minus(start()).toNanos() / length, 0, 1);
    }
}
