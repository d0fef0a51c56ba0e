package app.kehre.core.proposal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.edit.Moves;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.typing.EntryText;
import app.kehre.core.value.Lengths;

/** What is different between a class and one that is proposed, as changes that can be taken one by one. */
public final class Differences {

    private Differences() {}

    /**
     * Returns the lines of a segment that is proposed anew: one change that leaves out what is there, and one for each
     * new line, with why it is proposed.
     */
    public static List<Change> ofLines(ClassPlan before, ClassPlan after, SegmentId segmentId) {
        List<Change> changes = new ArrayList<>();
        List<Entry> lines = after.segment(segmentId).entries();
        List<Entry> old = before.findSegment(segmentId).map(Segment::entries).orElse(List.of()).stream()
                .filter(line -> !lines.contains(line)).toList();
        if (!old.isEmpty()) {
            changes.add(Change.of(old.getFirst().id(),
                    "Leave out " + old.stream().map(Entry::name).collect(Collectors.joining(", ")),
                    Change.Kind.OUT,
                    plan -> without(plan, old)));
        }
        for (int i = 0; i < lines.size(); i++) {
            int at = i;
            if (before.find(lines.get(i).id()).isPresent()) {
                continue;
            }
            changes.add(Change.of(lines.get(i).id(), words(after, lines.get(i)), Change.Kind.IN,
                    plan -> told(inserted(withSegment(plan, after, segmentId), segmentId, lines, at),
                            after, List.of(lines.get(at)))));
        }
        return changes;
    }

    /** Returns the segments that are filled, changed or put in order anew, each as one change with its lines. */
    public static List<Change> ofSegments(ClassPlan before, ClassPlan after) {
        Timeline timeline = Timeline.of(after);
        List<Change> changes = new ArrayList<>();
        for (Segment segment : after.segments()) {
            Optional<Segment> old = before.findSegment(segment.id());
            List<Entry> lines = old.map(Segment::entries).orElse(List.of());
            boolean none = old.isEmpty() && segment.entries().isEmpty();
            boolean out = segment.leftOut() && old.filter(each -> !each.leftOut()).isPresent();
            if (!none && !old.equals(Optional.of(segment))) {
                changes.add(new Change(first(segment), "%s, %s".formatted(segment.name(),
                        out ? "left out" : Lengths.clock(timeline.ofSegment(segment.id()).shown())),
                        lines(before, after, segment, lines),
                        out ? Change.Kind.OUT : Change.Kind.IN, plan -> changed(plan, after, segment)));
            }
        }
        return changes;
    }

    private static Optional<EntryId> first(Segment segment) {
        return segment.entries().stream().map(Entry::id).findFirst();
    }

    private static ClassPlan changed(ClassPlan plan, ClassPlan after, Segment segment) {
        ClassPlan with = withSegment(plan, after, segment.id());
        return told(with.with(with.segment(segment.id()).withEntries(segment.entries())
                .withBpm(segment.bpm()).withTarget(segment.target()).withLeftOut(segment.leftOut())),
                after, segment.lines().toList());
    }

    private static ClassPlan told(ClassPlan plan, ClassPlan after, List<Entry> lines) {
        ClassPlan told = plan;
        for (Entry line : lines) {
            told = after.why(line).isEmpty() ? told : told.because(line, after.why(line));
        }
        return told;
    }

    private static List<String> lines(ClassPlan before, ClassPlan after, Segment segment, List<Entry> old) {
        List<String> words = new ArrayList<>();
        order(old, segment.entries()).ifPresent(words::add);
        for (Entry line : segment.entries()) {
            if (line instanceof Circuit now && before.find(line.id()).orElse(line) instanceof Circuit was) {
                order(was.inside(), now.inside()).map(order -> now.name() + " " + order)
                        .ifPresent(words::add);
            }
        }
        old.stream().flatMap(Differences::withInner).filter(line -> after.find(line.id()).isEmpty())
                .forEach(line -> words.add("without " + line.name()));
        for (Entry line : segment.lines().toList()) {
            Optional<Entry> was = before.find(line.id());
            if (was.isEmpty()) {
                words.add(words(after, line));
            } else if (!line.name().equals(was.get().name())) {
                words.add("%s instead of %s".formatted(words(after, line), was.get().name()));
            } else if (!EntryText.dose(line).equals(EntryText.dose(was.get()))) {
                words.add("%s: %s instead of %s".formatted(line.name(), EntryText.dose(line),
                        EntryText.dose(was.get())));
            }
        }
        return words;
    }

    /** What stays in another order. */
    private static Optional<String> order(List<? extends Entry> before, List<? extends Entry> after) {
        List<EntryId> old = before.stream().map(Entry::id).toList();
        List<EntryId> stay = after.stream().map(Entry::id).filter(old::contains).toList();
        return stay.equals(old.stream().filter(stay::contains).toList())
                ? Optional.empty()
                : Optional.of("in this order: "
                        + after.stream().map(Entry::name).collect(Collectors.joining(", ")));
    }

    private static Stream<Entry> withInner(Entry line) {
        return Stream.concat(Stream.of(line), line.inside().stream());
    }

    private static String words(ClassPlan after, Entry line) {
        String dose = line instanceof Circuit ? "" : ", " + EntryText.dose(line);
        String reason = after.why(line);
        return line.name() + dose + (reason.isEmpty() ? "" : ": " + reason);
    }

    private static ClassPlan without(ClassPlan plan, List<Entry> lines) {
        ClassPlan changed = plan;
        for (Entry line : lines) {
            changed = changed.find(line.id()).isPresent() ? changed.remove(line.id()) : changed;
        }
        return changed;
    }

    /** After the new lines that stand before it and are there. */
    private static ClassPlan inserted(ClassPlan plan, SegmentId segmentId, List<Entry> lines, int at) {
        List<EntryId> there = plan.segment(segmentId).entries().stream().map(Entry::id).toList();
        int place = lines.subList(0, at).stream().mapToInt(line -> there.indexOf(line.id()) + 1).max()
                .orElse(0);
        return plan.find(lines.get(at).id()).isPresent() ? plan : plan.add(segmentId, place, lines.get(at));
    }

    private static ClassPlan withSegment(ClassPlan plan, ClassPlan after, SegmentId segmentId) {
        if (plan.findSegment(segmentId).isPresent()) {
            return plan;
        }
        List<SegmentId> order = after.segments().stream().map(Segment::id).toList();
        int place = Math.toIntExact(plan.segments().stream()
                .filter(each -> order.indexOf(each.id()) < order.indexOf(segmentId)).count());
        return Moves.addSegment(plan, place, after.segment(segmentId).withEntries(List.of()));
    }
}
