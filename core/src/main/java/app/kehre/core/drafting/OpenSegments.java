package app.kehre.core.drafting;

import java.time.Duration;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Timeline;

/** What of a class that is begun is still to be filled. */
final class OpenSegments {

    /** What is left of a segment is filled from so much on. Kehre's estimate. */
    static final Duration LEAST = Duration.ofSeconds(45);

    private OpenSegments() {}

    /** Returns the segments that are empty, or farther from their target than is worth filling. */
    static Set<SegmentId> of(ClassPlan plan) {
        Timeline timeline = Timeline.of(plan);
        return numbers(plan, segment -> segment.entries().isEmpty() || !said(segment) && segment.target()
                .minus(timeline.ofSegment(segment.id()).length()).compareTo(LEAST) >= 0);
    }

    /** Returns a segment and those that are empty. */
    static Set<SegmentId> with(ClassPlan plan, SegmentId segment) {
        return numbers(plan, each -> each.id().equals(segment) || each.entries().isEmpty());
    }

    private static Set<SegmentId> numbers(ClassPlan plan, Predicate<Segment> wanted) {
        return plan.segments().stream().filter(segment -> !segment.leftOut()).filter(wanted)
                .map(Segment::id).collect(Collectors.toSet());
    }

    /** Talk and pauses are as long as they are. */
    private static boolean said(Segment segment) {
        return segment.role() == Role.TALK || segment.role() == Role.PAUSE;
    }

    /** Returns the class with what is locked alone, and what is said. */
    static ClassPlan cleared(ClassPlan plan) {
        ClassPlan cleared = plan;
        for (Segment segment : plan.segments()) {
            cleared = said(segment) || segment.leftOut() ? cleared : cleared(cleared, segment);
        }
        return cleared;
    }

    /** Returns the class with what is locked of a segment alone; a circuit with something locked stays whole. */
    static ClassPlan cleared(ClassPlan plan, Segment segment) {
        return plan.with(segment.withEntries(segment.entries().stream()
                .filter(line -> line.locked())
                .toList()));
    }
}
