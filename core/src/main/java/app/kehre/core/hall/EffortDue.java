package app.kehre.core.hall;

import app.kehre.core.effort.Scale;
import app.kehre.core.effort.Target;
import app.kehre.core.plan.Segment;
import app.kehre.core.teaching.Moment;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.timeline.Timeline;

/** How hard it is meant to be now, on the scale from 0 to 10 that a group is asked for. */
public final class EffortDue {

    private EffortDue() {}

    /** Returns "effort 5 to 7"; empty where nobody works, and outside of the class. */
    public static String of(Moment moment, Timeline timeline) {
        return moment.span().flatMap(span -> timeline.plan().findSegment(span.segment()))
                .flatMap(segment -> Target.of(segment, timeline.plan())
                        .map(target -> words(target, part(moment, timeline, segment))))
                .orElse("");
    }

    private static double part(Moment moment, Timeline timeline, Segment segment) {
        Stretch whole = timeline.ofSegment(segment.id());
        double length = Math.max(1, whole.length().toNanos());
        return Math.clamp(moment.place().minus(whole.start()).toNanos() / length, 0, 1);
    }

    private static String words(Target target, double part) {
        long low = Math.round(Scale.effort(target.low(part)));
        long high = Math.round(Scale.effort(target.high(part)));
        return low >= high
                ? "effort " + high
                : low == 0
                        ? "effort up to " + high
                        : "effort %d to %d".formatted(low, high);
    }
}
