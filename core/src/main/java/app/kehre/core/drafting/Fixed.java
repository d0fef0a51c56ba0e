package app.kehre.core.drafting;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import app.kehre.core.advice.Severity;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;

/** What of a class is the instructor's and stays as it is while the rest is brought to its slot and mended. */
interface Fixed {

    /** Returns whether a line stays as it is. */
    boolean stays(Entry line);

    /** Returns whether a segment gets no further lines. */
    boolean isFull(Segment segment);

    /** Returns whether a warm-up or a stretch may be derived anew. */
    default boolean derives(Segment segment) {
        return !isFull(segment);
    }

    /** Returns whether all that stays is in a changed class. */
    boolean isIn(ClassPlan changed);

    /** Returns whether a finding is to be mended. */
    default boolean mends(Finding finding) {
        return finding.severity() != Severity.WATCH;
    }

    /** All lines that are there, and the segments but for those that are to be filled. */
    static Fixed allOf(ClassPlan start, Set<SegmentId> filled) {
        List<Segment> full = start.segments().stream().filter(each -> !filled.contains(each.id())).toList();
        return new Fixed() {

            @Override
            public boolean stays(Entry line) {
                return start.find(line.id()).isPresent();
            }

            @Override
            public boolean isFull(Segment segment) {
                return full.stream().anyMatch(each -> each.id().equals(segment.id()));
            }

            @Override
            public boolean isIn(ClassPlan changed) {
                return start.segments().stream().allMatch(segment -> inOrder(segment, changed))
                        && full.stream().allMatch(segment -> changed.findSegment(segment.id())
                                .filter(segment::equals).isPresent());
            }
        };
    }

    /** Whether the lines of a segment are in a changed class as they were, one after the other, others between them. */
    private static boolean inOrder(Segment before, ClassPlan changed) {
        List<Entry> now = changed.findSegment(before.id()).map(Segment::entries).orElse(List.of());
        return now.stream().filter(before.entries()::contains).toList().equals(before.entries());
    }

    /** The locked lines, no exercise in the place of another, and what was found before. */
    static Fixed lockedOf(ClassPlan start, List<Finding> before) {
        Set<String> known = start.items().map(item -> item.id() + item.exercise().id())
                .collect(Collectors.toSet());
        return new Fixed() {

            @Override
            public boolean stays(Entry line) {
                return line.item().isPresent() && line.locked();
            }

            @Override
            public boolean isFull(Segment segment) {
                return false;
            }

            @Override
            public boolean derives(Segment segment) {
                return false;
            }

            @Override
            public boolean mends(Finding finding) {
                return finding.severity() != Severity.WATCH && before.stream().noneMatch(finding::same);
            }

            @Override
            public boolean isIn(ClassPlan changed) {
                return start.items().filter(this::stays)
                        .allMatch(item -> changed.find(item.id()).filter(item::equals).isPresent())
                        && changed.items().allMatch(item -> start.find(item.id()).isEmpty()
                                || known.contains(item.id() + item.exercise().id()));
            }
        };
    }
}
