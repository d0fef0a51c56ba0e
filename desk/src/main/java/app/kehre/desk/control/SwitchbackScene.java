package app.kehre.desk.control;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import app.kehre.core.timeline.Block;
import app.kehre.core.timeline.Mark;
import app.kehre.core.timeline.Timeline;

/**
 * What a switchback shows.
 *
 * @param timeline the class
 * @param blocks its pieces
 * @param marks what the group has to change
 * @param selected the selected entry's number; 0 for none
 * @param now the moment that is marked, when it is followed
 * @param most the most rows to show
 */
record SwitchbackScene(Timeline timeline, List<Block> blocks, List<Mark> marks, int selected,
        Optional<Duration> now,
        int most) {

    static SwitchbackScene of(Timeline timeline) {
        return new SwitchbackScene(timeline, Block.of(timeline), timeline.marks(), 0, Optional.empty(),
                Integer.MAX_VALUE);
    }

    SwitchbackScene with(Timeline other) {
        return new SwitchbackScene(other, Block.of(other), other.marks(), selected, now, most);
    }

    SwitchbackScene withSelected(int entryId) {
        return new SwitchbackScene(timeline, blocks, marks, entryId, now, most);
    }

    SwitchbackScene following(Duration moment, int rows) {
        return new SwitchbackScene(timeline, blocks, marks, selected, Optional.of(moment), rows);
    }

    /** Returns the row that is drawn first. */
    int firstRow() {
        int last = Math.max(0, allRows() - most);
        return now.map(moment -> Math.min(SwitchbackGeometry.rowOf(moment), last)).orElse(0);
    }

    /** Returns how many rows are drawn. */
    int rows() {
        return Math.min(most, allRows());
    }

    private int allRows() {
        Duration slot = timeline.plan().brief().slot();
        Duration longest = timeline.total().compareTo(slot) > 0 ? timeline.total() : slot;
        return SwitchbackGeometry.rowOf(longest.minusNanos(1)) + 1;
    }
}
