package app.kehre.core.timeline;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.dose.Side;

/**
 * What is drawn as one piece: an entry, or one side of it.
 *
 * @param stretch when
 * @param segment the segment's number
 * @param entry the entry's number
 * @param side the side that works
 */
public record Block(Stretch stretch, int segment, int entry, Side side) {

    /** Returns the blocks of a class, in order; they tile it. */
    public static List<Block> of(Timeline timeline) {
        List<Block> blocks = new ArrayList<>();
        for (Span span : timeline.spans()) {
            Block last = blocks.isEmpty() ? null : blocks.getLast();
            if (last != null && last.entry() == span.entry() && last.side() == span.side()) {
                blocks.removeLast();
                blocks.add(new Block(new Stretch(last.stretch().start(), span.end()), last.segment(),
                        last.entry(),
                        last.side()));
            } else {
                blocks.add(new Block(span.stretch(), span.segment(), span.entry(), span.side()));
            }
        }
        return blocks;
    }
}
