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
import app.kehre.core.timeline.Ghost;
import app.kehre.core.timeline.Mark;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.timeline.Tally;
import app.kehre.core.timeline.Timeline;

/**
 * What a switchback shows.
 *
 * @param timeline the class
 * @param blocks its pieces
 * @param marks what the group has to change
 * @param selected the selected line, if there is one
 * @param view how much of it is seen
 * @param filter the uses of the time that are shown in full colour; none for all
 * @param over what is drawn over the road
 * @param index the lines and roles by their numbers, found once
 */
record SwitchbackScene(Timeline timeline, List<Block> blocks, List<Mark> marks, Optional<EntryId> selected,
        View view, Set<Tally.Use> filter, Overlay over, Index index) {

    /** How long a row lasts unless somebody zooms, in minutes. */
    static final int USUAL = 10;

    /**
     * How much of a road is seen.
     *
     * @param now the moment that is marked, when it is followed
     * @param most the most rows to show
     * @param minutes that a row lasts
     */
    record View(Optional<Duration> now, int most, int minutes) {}

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
                new View(Optional.empty(), Integer.MAX_VALUE, USUAL), Set.of(), Overlay.NONE,
                Index.of(timeline));
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
        return new SwitchbackScene(other, Block.of(other), other.marks(), selected, view, filter, over,
                Index.of(other));
    }

    SwitchbackScene withSelected(Optional<EntryId> entryId) {
        return new SwitchbackScene(timeline, blocks, marks, entryId, view, filter, over, index);
    }

    SwitchbackScene following(Duration moment, int rows) {
        return new SwitchbackScene(timeline, blocks, marks, selected,
                new View(Optional.of(moment), rows, view.minutes()), filter,
                over, index);
    }

    SwitchbackScene withFilter(Set<Tally.Use> uses) {
        return new SwitchbackScene(timeline, blocks, marks, selected, view, Set.copyOf(uses), over,
                index);
    }

    SwitchbackScene with(Overlay other) {
        return new SwitchbackScene(timeline, blocks, marks, selected, view, filter, other, index);
    }

    /** Returns the road with rows of so many minutes. */
    SwitchbackScene zoomed(int minutes) {
        return new SwitchbackScene(timeline, blocks, marks, selected,
                new View(view.now(), view.most(), minutes), filter, over, index);
    }

    /** Returns the moment that is marked, when it is followed. */
    Optional<Duration> now() {
        return view.now();
    }

    /** Returns the time that is meant and not filled; none while a class is taught. */
    List<Ghost> ghosts() {
        return view.now().isPresent() ? List.of() : Ghost.of(timeline);
    }

    /** Returns the stretches by which segments are well over their targets; none while a class is taught. */
    List<Stretch> overlong() {
        return view.now().isPresent() ? List.of() : Ghost.over(timeline);
    }

    /** Returns whether a block is the selected entry; of a build-up that is being taught, only the stage of now. */
    boolean selects(Block block) {
        boolean taught = block.stage() == 0
                || view.now().map(moment -> !moment.minus(block.stretch().start()).isNegative()
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
        int last = Math.max(0, allRows() - view.most());
        return view.now().map(moment -> Math.min(SwitchbackGeometry.rowOf(moment, view.minutes()), last))
                .orElse(0);
    }

    /** Returns how many rows are drawn. */
    int rows() {
        return Math.min(view.most(), allRows());
    }

    private int allRows() {
        Duration slot = timeline.plan().brief().slot();
        List<Ghost> ghosts = ghosts();
        Duration end = ghosts.isEmpty() ? timeline.total() : ghosts.getLast().stretch().end();
        Duration longest = end.compareTo(slot) > 0 ? end : slot;
        return SwitchbackGeometry.rowOf(longest.minusNanos(1), view.minutes()) + 1;
    }
}
