package app.kehre.core.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.Collectors;

import app.kehre.core.dose.Lengths;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryText;
import app.kehre.core.plan.Moves;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Timeline;

/** What is different between a class and one that is proposed, as changes that can be taken one by one. */
public final class Differences {

    private Differences() {}

    /**
     * Returns the lines of a segment that is proposed anew: one change that leaves out what is there, and one for each
     * new line.
     *
     * @param why why a line is there, by its number; empty for nothing to say
     */
    public static List<Change> ofLines(ClassPlan before, ClassPlan after, int segmentId,
            IntFunction<String> why) {
        List<Change> changes = new ArrayList<>();
        List<Entry> lines = after.segment(segmentId).entries();
        List<Entry> old = before.findSegment(segmentId).map(Segment::entries).orElse(List.of()).stream()
                .filter(line -> !lines.contains(line)).toList();
        if (!old.isEmpty()) {
            changes.add(new Change(old.getFirst().id(),
                    "Leave out " + old.stream().map(Entry::name).collect(Collectors.joining(", ")),
                    Change.Kind.OUT,
                    plan -> without(plan, old)));
        }
        for (int i = 0; i < lines.size(); i++) {
            int at = i;
            if (before.find(lines.get(i).id()).isPresent()) {
                continue;
            }
            changes.add(new Change(lines.get(i).id(), words(lines.get(i), why), Change.Kind.IN,
                    plan -> inserted(withSegment(plan, after, segmentId), segmentId, lines, at)));
        }
        return changes;
    }

    /** Returns the segments that are filled anew, each as one change; what they had stays among their lines. */
    public static List<Change> ofSegments(ClassPlan before, ClassPlan after, IntFunction<String> why) {
        Timeline timeline = Timeline.of(after);
        List<Change> changes = new ArrayList<>();
        for (Segment segment : after.segments()) {
            List<Entry> old = before.findSegment(segment.id()).map(Segment::entries).orElse(List.of());
            if (!segment.entries().equals(old) && !segment.entries().isEmpty()) {
                String lines = ClassPlan.lines(segment).filter(line -> before.find(line.id()).isEmpty())
                        .map(line -> words(line, why)).collect(Collectors.joining("\n"));
                changes.add(new Change(segment.entries().getFirst().id(),
                        "%s, %s\n%s".formatted(segment.name(),
                                Lengths.clock(timeline.ofSegment(segment.id()).shown()), lines),
                        Change.Kind.IN, plan -> {
                            ClassPlan with = withSegment(plan, after, segment.id());
                            return with.with(with.segment(segment.id()).withEntries(segment.entries())
                                    .withBpm(segment.bpm()));
                        }));
            }
        }
        return changes;
    }

    private static String words(Entry line, IntFunction<String> why) {
        String dose = line instanceof Circuit ? "" : ", " + EntryText.dose(line);
        String reason = why.apply(line.id());
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
    private static ClassPlan inserted(ClassPlan plan, int segmentId, List<Entry> lines, int at) {
        List<Integer> there = plan.segment(segmentId).entries().stream().map(Entry::id).toList();
        int place = lines.subList(0, at).stream().mapToInt(line -> there.indexOf(line.id()) + 1).max()
                .orElse(0);
        return plan.find(lines.get(at).id()).isPresent() ? plan : plan.add(segmentId, place, lines.get(at));
    }

    private static ClassPlan withSegment(ClassPlan plan, ClassPlan after, int segmentId) {
        if (plan.findSegment(segmentId).isPresent()) {
            return plan;
        }
        List<Integer> order = after.segments().stream().map(Segment::id).toList();
        int place = Math.toIntExact(plan.segments().stream()
                .filter(each -> order.indexOf(each.id()) < order.indexOf(segmentId)).count());
        return Moves.addSegment(plan, place, after.segment(segmentId).withEntries(List.of()));
    }
}
