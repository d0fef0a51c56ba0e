package app.kehre.core.timeline;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

import app.kehre.core.choreography.Script;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.value.Lengths;

/**
 * A class laid out in time: a pure function of its plan.
 *
 * @param plan the plan it was made from
 * @param spans in order; they tile the class
 * @param over explaining that lies over the movement, in order
 * @param lost work by the clock that is lost, in order
 * @param marks what the group has to change, in order
 * @param total the exact length of the class
 * @param entries when each line runs, from its first to its last second; one that is left
 *     out takes no time at the place where it would stand
 * @param segments when each segment runs
 * @param scripts the scripts of the build-ups, by their lines
 */
public record Timeline(ClassPlan plan, List<Span> spans, List<Over> over, List<Lost> lost, List<Mark> marks,
        Duration total, Map<EntryId, Stretch> entries, Map<SegmentId, Stretch> segments,
        Map<EntryId, Script> scripts) {
    public Timeline {
        spans = List.copyOf(spans);
        over = List.copyOf(over);
        lost = List.copyOf(lost);
        marks = List.copyOf(marks);
        entries = Map.copyOf(entries);
        segments = Map.copyOf(segments);
        scripts = Map.copyOf(scripts);
    }

    /**
     * Lays out a plan.
     *
     * @throws IllegalArgumentException with a sentence, when the class would last more than 12 hours or fall into more
     *     than 20,000 spans; it ends there, so that a small plan never takes much to refuse
     */
    public static Timeline of(ClassPlan plan) {
        if (plan.segments().isEmpty()) {
            return new Timeline(plan, List.of(), List.of(), List.of(), List.of(), Duration.ZERO, Map.of(),
                    Map.of(), Map.of());
        }
        Compiler compiler = new Compiler(plan);
        Tape tape = compiler.tape();
        Map<SegmentId, Stretch> segments = new HashMap<>();
        Map<EntryId, Stretch> entries = new HashMap<>();
        for (Segment segment : plan.segments()) {
            Duration start = tape.now();
            compiler.add(segment);
            segments.put(segment.id(), new Stretch(start, tape.now()));
            segment.lines().forEach(entry -> {
                Duration begun = tape.begun().getOrDefault(entry.id(), start);
                entries.put(entry.id(), new Stretch(begun, begun));
            });
        }
        stretch(entries, tape.spans());
        segments.putAll(segmentStretches(plan, tape));
        plan.entries().forEach(entry -> {
            if (entry instanceof Circuit circuit) {
                entries.put(circuit.id(), whole(circuit, entries));
            }
        });
        return new Timeline(plan, tape.spans(), tape.over(), tape.lost(), tape.marks(), tape.now(), entries,
                segments, compiler.scripts());
    }

    private static void stretch(Map<EntryId, Stretch> entries, List<Span> spans) {
        Map<EntryId, Stretch> found = new HashMap<>();
        for (Span span : spans) {
            found.merge(span.entry(), span.stretch(), (so, far) -> new Stretch(so.start(), far.end()));
        }
        entries.putAll(found);
    }

    /** The first item of a segment may begin inside the rest at the end of the segment before; the boundary moves with it. */
    private static Map<SegmentId, Stretch> segmentStretches(ClassPlan plan, Tape tape) {
        Map<SegmentId, Stretch> found = new HashMap<>();
        for (Span span : tape.spans()) {
            found.merge(span.segment(), span.stretch(), (so, far) -> new Stretch(so.start(), far.end()));
        }
        Duration at = Duration.ZERO;
        for (Segment segment : plan.segments()) {
            Stretch own = found.getOrDefault(segment.id(), new Stretch(at, at));
            found.put(segment.id(), own);
            at = own.end();
        }
        return found;
    }

    private static Stretch whole(Circuit circuit, Map<EntryId, Stretch> entries) {
        List<Stretch> inside = new ArrayList<>();
        circuit.inside().forEach(line -> inside.add(entries.getOrDefault(line.id(),
                new Stretch(Duration.ZERO, Duration.ZERO))));
        Duration start = inside.stream().map(Stretch::start).min(Duration::compareTo).orElse(Duration.ZERO);
        Duration end = inside.stream().map(Stretch::end).max(Duration::compareTo).orElse(start);
        return new Stretch(start, end);
    }

    /** Returns when a line runs, from its first to its last second. */
    public Stretch ofEntry(EntryId entryId) {
        return Objects.requireNonNull(entries.get(entryId), "entry of this plan");
    }

    /** Returns the shown length of a line alone: of an item in a circuit, all its rounds added. */
    public Duration lengthOf(Entry entry) {
        if (entry instanceof Circuit) {
            return ofEntry(entry.id()).shown();
        }
        Stretch whole = ofEntry(entry.id());
        Duration length = Duration.ZERO;
        for (int at = indexAt(whole.start()); at >= 0 && at < spans.size()
                && spans.get(at).start().compareTo(whole.end()) < 0; at++) {
            Span span = spans.get(at);
            if (span.entry().equals(entry.id())) {
                length = length.plus(span.stretch().shown());
            }
        }
        return length;
    }

    /** Returns when a segment runs. */
    public Stretch ofSegment(SegmentId segmentId) {
        return Objects.requireNonNull(segments.get(segmentId), "segment of this plan");
    }

    /** Returns how the class stands to its slot. */
    public SlotFit fit() {
        return new SlotFit(Lengths.between(Duration.ZERO, total), plan.brief().slot());
    }

    /** Returns how a segment stands to its target; nothing when it has none or is left out. */
    public Optional<SlotFit> fit(Segment segment) {
        return segment.target().isZero() || segment.leftOut()
                ? Optional.empty()
                : Optional.of(new SlotFit(ofSegment(segment.id()).shown(), segment.target()));
    }

    /**
     * Finds the turn at a moment: how long the same line runs on without another between. An item of a
     * circuit has a turn in each round, a build-up in each stage.
     */
    public Optional<Stretch> turnAt(Duration moment) {
        int at = indexAt(moment);
        if (at < 0) {
            return Optional.empty();
        }
        int first = at;
        int last = at;
        while (first > 0 && sameTurn(spans.get(first - 1), spans.get(at))) {
            first--;
        }
        while (last + 1 < spans.size() && sameTurn(spans.get(last + 1), spans.get(at))) {
            last++;
        }
        return Optional.of(new Stretch(spans.get(first).start(), spans.get(last).end()));
    }

    private boolean sameTurn(Span one, Span other) {
        return one.entry().equals(other.entry())
                && one.turn().stage().equals(other.turn().stage());
    }

    /** Finds the span at a moment of the class; none at its end and after. */
    public Optional<Span> at(Duration moment) {
        int at = indexAt(moment);
        return at < 0 ? Optional.empty() : Optional.of(spans.get(at));
    }

    /** Returns the place of the span at a moment among all spans, from 0; -1 at the end of the class and after. */
    public int indexAt(Duration moment) {
        int low = 0;
        int high = spans.size() - 1;
        while (low <= high) {
            int middle = (low + high) >>> 1;
            Span span = spans.get(middle);
            if (span.stretch().has(moment)) {
                return middle;
            }
            if (moment.compareTo(span.start()) < 0) {
                high = middle - 1;
            } else {
                low = middle + 1;
            }
        }
        return -1;
    }
}
