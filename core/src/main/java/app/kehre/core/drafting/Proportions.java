package app.kehre.core.drafting;

import java.time.Duration;
import java.time.temporal.ChronoUnit;
import java.util.List;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** How the parts of a class share another slot: the ends as the figures ask, the main parts as they did before. */
final class Proportions {

    private static final Duration LEAST_TALK = Duration.ofSeconds(30);

    private final Timeline before;
    private final ClassPlan start;

    Proportions(ClassPlan before, ClassPlan start) {
        this.before = Timeline.of(before);
        this.start = start;
    }

    /** Returns a class with targets for its slot. */
    ClassPlan scaled(ClassPlan plan) {
        double ratio = plan.brief().slot().toMillis() / (double) before.plan().brief().slot().toMillis();
        ClassPlan scaled = plan;
        for (Segment segment : plan.segments()) {
            if (!segment.role().main() && !segment.leftOut()) {
                scaled = scaled.with(aside(segment, ratio));
            }
        }
        ClassPlan ends = scaled;
        Duration left = ends.segments().stream().filter(each -> !each.role().main() && !each.leftOut())
                .map(Segment::target).reduce(plan.brief().slot(), Duration::minus);
        List<Segment> parts = ends.segments().stream().filter(each -> each.role().main() && !each.leftOut())
                .toList();
        double sum = parts.stream().mapToDouble(each -> Lengths.seconds(length(each.id()))).sum();
        for (Segment part : parts) {
            double share = Lengths.seconds(length(part.id())) / Math.max(1, sum);
            scaled = scaled.with(
                    part.withTarget(Duration.ofSeconds(Math.max(0, Math.round(share * left.toSeconds())))));
        }
        return scaled;
    }

    private Segment aside(Segment segment, double ratio) {
        Duration scaled = Duration.ofSeconds(Math.round(Lengths.seconds(length(segment.id())) * ratio));
        if (segment.role() == Role.TALK || segment.role() == Role.PAUSE) {
            Duration least = length(segment.id()).compareTo(LEAST_TALK) < 0
                    ? length(segment.id())
                    : LEAST_TALK;
            Duration length = ratio > 1 ? length(segment.id()) : scaled.compareTo(least) < 0 ? least : scaled;
            List<Entry> pauses = segment.entries().stream()
                    .map(line -> line instanceof Pause pause && segment.entries().size() == 1
                            ? (Entry) pause.withLength(length.truncatedTo(ChronoUnit.SECONDS))
                            : line)
                    .toList();
            return segment.withEntries(pauses).withTarget(length);
        }
        Duration edge = start.thresholds().edge(start.brief().slot());
        return segment.withTarget(scaled.compareTo(edge) > 0 ? scaled : edge);
    }

    /** Returns how long a segment was. */
    Duration length(SegmentId segment) {
        return before.ofSegment(segment).length();
    }
}
