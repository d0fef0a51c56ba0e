package app.kehre.core.timeline;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.plan.Segment;
import app.kehre.core.value.Lengths;

/**
 * Time that is meant for a segment and not filled yet. What is missing is laid out behind what is there, in the order of
 * the segments, so that an empty class shows its whole shape from the first second.
 *
 * @param segment that shall be filled
 * @param stretch of the road that it takes
 */
public record Ghost(Segment segment, Stretch stretch) {

    /** Less than half a minute holds no line, so it is not missed. Kehre's estimate. */
    private static final Duration LEAST = Duration.ofSeconds(30);

    /** Returns what is missing, segment by segment; of one that has lines, only what is well short of its target. */
    public static List<Ghost> of(Timeline timeline) {
        List<Ghost> ghosts = new ArrayList<>();
        Duration at = timeline.total();
        for (Segment segment : timeline.plan().segments()) {
            Duration missing = missing(timeline, segment);
            if (missing.isPositive()) {
                ghosts.add(new Ghost(segment, new Stretch(at, at.plus(missing))));
                at = at.plus(missing);
            }
        }
        return ghosts;
    }

    private static Duration missing(Timeline timeline, Segment segment) {
        return timeline.fit(segment)
                .filter(fit -> !fit.over() && (segment.entries().isEmpty() || worthAMark(fit)))
                .map(SlotFit::spare).orElse(Duration.ZERO);
    }

    private static boolean worthAMark(SlotFit fit) {
        return fit.wellOff() && fit.spare().abs().compareTo(LEAST) >= 0;
    }

    /** Returns the stretches by which segments are well over their targets. */
    public static List<Stretch> over(Timeline timeline) {
        return timeline.plan().segments().stream()
                .filter(segment -> timeline.fit(segment).filter(fit -> fit.over() && worthAMark(fit))
                        .isPresent())
                .map(segment -> {
                    Stretch whole = timeline.ofSegment(segment.id());
                    return new Stretch(whole.start().plus(segment.target()), whole.end());
                }).toList();
    }

    /** Returns "Warm-up 8:00" of an empty segment, "Warm-up, 3:00 missing" of another. */
    public String words() {
        String length = Lengths.clock(stretch.shown());
        return segment.entries().isEmpty()
                ? "%s %s".formatted(segment.name(), length)
                : "%s, %s missing".formatted(segment.name(), length);
    }
}
