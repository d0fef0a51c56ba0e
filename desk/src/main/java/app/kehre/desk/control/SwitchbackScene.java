package app.kehre.desk.control;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Block;
import app.kehre.core.timeline.Mark;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Tally;
import app.kehre.core.timeline.Timeline;

/**
 * What a switchback shows.
 *
 * @param timeline the class
 * @param blocks its pieces
 * @param marks what the group has to change
 * @param selected the selected line, if there is one
 * @param now the moment that is marked, when it is followed
 * @param most the most rows to show
 * @param filter the uses of the time that are shown in full colour; none for all
 * @param over what is drawn over the road
 * @param index the lines and roles by their numbers, found once
 */
record SwitchbackScene(Timeline timeline, List<Block> blocks, List<Mark> marks, Optional<EntryId> selected,
        Optional<Duration> now, int most, Set<Tally.Use> filter, Overlay over, Index index) {

    /**
     * What is asked for by number at each stroke of the brush.
     *
     * @param lines of the class
     * @param roles of its segments
     */
    record Index(Map<EntryId, Entry> lines, Map<SegmentId, Role> roles) {

        static Index of(Timeline timeline) {
            return new Index(SwitchbackScene.lines(timeline), SwitchbackScene.roles(timeline));
        }
    }

    static SwitchbackScene of(Timeline timeline) {
        return new SwitchbackScene(timeline, Block.of(timeline), timeline.marks(), Optional.empty(),
                Optional.empty(),
                Integer.MAX_VALUE, Set.of(), Overlay.NONE, Index.of(timeline));
    }

    private static Map<EntryId, Entry> lines(Timeline timeline) {
        Map<EntryId, Entry> lines = new HashMap<>();
        timeline.plan().lines().forEach(line -> lines.put(line.id(), line));
        return lines;
    }

    private static Map<SegmentId, Role> roles(Timeline timeline) {
        Map<SegmentId, Role> roles = new HashMap<>();
        timeline.plan().segments().forEach(segment -> roles.put(segment.id(), segment.role()));
        return roles;
    }

    /** Returns the role of the segment that a block is in. */
    Role role(Block block) {
        return index.roles().getOrDefault(block.segment(), Role.PAUSE);
    }

    SwitchbackScene with(Timeline other) {
        return new SwitchbackScene(other, Block.of(other), other.marks(), selected, now, most, filter, over,
                Index.of(other));
    }

    SwitchbackScene withSelected(Optional<EntryId> entryId) {
        return new SwitchbackScene(timeline, blocks, marks, entryId, now, most, filter, over, index);
    }

    SwitchbackScene following(Duration moment, int rows) {
        return new SwitchbackScene(timeline, blocks, marks, selected, Optional.of(moment), rows, filter,
                over, index);
    }

    SwitchbackScene withFilter(Set<Tally.Use> uses) {
        return new SwitchbackScene(timeline, blocks, marks, selected, now, most, Set.copyOf(uses), over,
                index);
    }

    SwitchbackScene with(Overlay other) {
        return new SwitchbackScene(timeline, blocks, marks, selected, now, most, filter, other, index);
    }

    /** Returns whether a block is the selected entry; of a build-up that is being taught, only the stage of now. */
    boolean selects(Block block) {
        boolean taught = block.stage() == 0
                || now.map(moment -> !moment.minus(block.stretch().start()).isNegative()
                        && moment.compareTo(block.stretch().end()) < 0).orElse(true);
        return selected.filter(block.entry()::equals).isPresent() && taught;
    }

    /** Returns how much of a span's colour is taken away, from 0 to 1. */
    double paled(Span span) {
        Tally.Use use = Tally.Use.of(span.phase());
        if (!filter.isEmpty()) {
            return filter.contains(use) ? 0 : 0.8;
        }
        return use == Tally.Use.WORK || span.phase() == Phase.TALK || span.phase() == Phase.PAUSE ? 0 : 0.45;
    }

    /** Returns what is written on a block: each name once, not again in every round. */
    String label(Block block) {
        if (block.opensRound()) {
            return "round " + block.round();
        }
        if (block.stage() > 0) {
            return Optional.ofNullable(timeline.scripts().get(block.entry()))
                    .map(script -> script.stages().get(block.stage() - 1).title()).orElse("");
        }
        return Optional.ofNullable(index.lines().get(block.entry())).map(entry -> {
            if (entry instanceof Circuit) {
                return "rest";
            }
            return block.round() > 1 ? "" : entry.name();
        }).orElse("");
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
