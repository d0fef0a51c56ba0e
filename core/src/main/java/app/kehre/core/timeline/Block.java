package app.kehre.core.timeline;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.value.Side;

/**
 * What is drawn as one piece: an entry, one side of it, or one round of it.
 *
 * @param stretch when
 * @param segment the segment
 * @param entry the line
 * @param side the side that works
 * @param round the round of the circuit, from 1; 0 outside of circuits
 * @param opensRound whether it is the first of a further round, whose names need not be said again
 * @param stage the stage of a build-up, from 1; 0 outside of build-ups
 */
public record Block(Stretch stretch, SegmentId segment, EntryId entry, Side side, int round,
        boolean opensRound,
        int stage) {

    /** Returns the blocks of a class, in order; they tile it. */
    public static List<Block> of(Timeline timeline) {
        List<Block> blocks = new ArrayList<>();
        for (Span span : timeline.spans()) {
            int round = span.turn().round().orElse(0);
            int stage = span.turn().stage().orElse(0);
            Side side = stage > 0 ? Side.BOTH : span.side();
            Block last = blocks.isEmpty() ? null : blocks.getLast();
            if (last != null && last.entry().equals(span.entry()) && last.round() == round
                    && (last.stage() == stage || last.stage() == 0)
                    && (last.side() == side || side == Side.BOTH || last.side() == Side.BOTH)) {
                blocks.removeLast();
                blocks.add(new Block(new Stretch(last.stretch().start(), span.end()), last.segment(),
                        last.entry(), side == Side.BOTH ? last.side() : side, round, last.opensRound(),
                        stage));
            } else {
                boolean opens = round > 1 && last != null && last.round() < round;
                blocks.add(
                        new Block(span.stretch(), span.segment(), span.entry(), side, round, opens, stage));
            }
        }
        return blocks;
    }
}
