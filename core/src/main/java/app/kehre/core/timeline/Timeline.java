package app.kehre.core.timeline;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

import app.kehre.core.dose.Lengths;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;

/**
 * A class laid out in time: a pure function of its plan.
 *
 * @param plan the plan it was made from
 * @param spans in order; they tile the class
 * @param total the exact length of the class
 * @param entries when each entry runs, by its number
 * @param segments when each segment runs, by its number
 */
public record Timeline(ClassPlan plan, List<Span> spans, Duration total, Map<Integer, Stretch> entries,
        Map<Integer, Stretch> segments) {
    public Timeline {
        spans = List.copyOf(spans);
        entries = Map.copyOf(entries);
        segments = Map.copyOf(segments);
    }

    /** Lays out a plan. */
    public static Timeline of(ClassPlan plan) {
        if (plan.segments().isEmpty()) {
            return new Timeline(plan, List.of(), Duration.ZERO, Map.of(), Map.of());
        }
        Compiler compiler = new Compiler(plan.segments().getFirst());
        Map<Integer, Stretch> segments = new HashMap<>();
        for (Segment segment : plan.segments()) {
            Duration start = compiler.now();
            compiler.add(segment);
            segments.put(segment.id(), new Stretch(start, compiler.now()));
        }
        Map<Integer, Stretch> entries = new HashMap<>();
        for (Span span : compiler.spans()) {
            entries.merge(span.entry(), span.stretch(), (so, far) -> new Stretch(so.start(), far.end()));
        }
        return new Timeline(plan, compiler.spans(), compiler.now(), entries, segments);
    }

    /** Returns when an entry runs. */
    public Stretch ofEntry(int entryId) {
        return Objects.requireNonNull(entries.get(entryId), "entry of this plan");
    }

    /** Returns when a segment runs. */
    public Stretch ofSegment(int segmentId) {
        return Objects.requireNonNull(segments.get(segmentId), "segment of this plan");
    }

    /** Returns how the class stands to its slot. */
    public SlotFit fit() {
        return new SlotFit(Lengths.between(Duration.ZERO, total), plan.brief().slot());
    }

    /** Returns how a segment stands to its target; nothing when it has none. */
    public Optional<SlotFit> fit(Segment segment) {
        return segment.target().isZero()
                ? Optional.empty()
                : Optional.of(new SlotFit(ofSegment(segment.id()).shown(), segment.target()));
    }

    /** Finds the span at a moment of the class; none at its end and after. */
    public Optional<Span> at(Duration moment) {
        int low = 0;
        int high = spans.size() - 1;
        while (low <= high) {
            int middle = (low + high) >>> 1;
            Span span = spans.get(middle);
            if (span.stretch().has(moment)) {
                return Optional.of(span);
            }
            if (moment.compareTo(span.start()) < 0) {
                high = middle - 1;
            } else {
                low = middle + 1;
            }
        }
        return Optional.empty();
    }
}
