package app.kehre.core.timeline;

import java.time.Duration;

import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.value.Side;

/**
 * The smallest part of the class in which one thing happens.
 *
 * @param stretch when
 * @param segment the segment
 * @param entry the line
 * @param phase what happens
 * @param side the side that works; for a side change, the coming side
 * @param turn which turn of its line it is
 * @param done what is done in it
 * @param words what more there is to say: the stage of a set, the kit that is taken; may be empty
 */
public record Span(Stretch stretch, SegmentId segment, EntryId entry, Phase phase, Side side, Turn turn,
        Done done, String words) {

    /** Returns when it starts. */
    public Duration start() {
        return stretch.start();
    }

    /** Returns when it ends. */
    public Duration end() {
        return stretch.end();
    }

    /** Returns the same from its start to a moment in it. */
    Span until(Duration moment) {
        return new Span(new Stretch(start(), moment), segment, entry, phase, side, turn, done, words);
    }

    /** Returns which rep, count or breath runs at a moment in the span, from 1; 0 where nothing is counted. */
    public int partAt(Duration moment) {
        long length = stretch.length().toNanos();
        if (done.amount() == 0 || length == 0) {
            return 0;
        }
        long into = Math.max(0, moment.minus(start()).toNanos());
        return (int) Math.min(done.amount(), Math.multiplyExact(into, done.amount()) / length + 1);
    }

    /** Returns how much of the span is over at a moment, from 0 to 1. */
    public double partDone(Duration moment) {
        double length = stretch.length().toNanos();
        return length == 0 ? 1 : Math.clamp(moment.minus(start()).toNanos() / length, 0, 1);
    }
}
