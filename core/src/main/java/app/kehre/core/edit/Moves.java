package app.kehre.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;

/** Copying and moving lines and segments about. */
public final class Moves {

    private Moves() {}

    /** Returns the plan with a copy of the line after it; a circuit is copied with its items. */
    public static ClassPlan duplicate(ClassPlan plan, EntryId entryId) {
        Entry entry = plan.entry(entryId);
        EntryId id = plan.nextEntryId();
        Entry copy = entry.copy(id);
        return plan.beside(entryId, entries -> entries.add(entries.indexOf(entry) + 1, copy));
    }

    /**
     * Returns the plan with the line moved to a place in a segment, the place counted without it.
     *
     * @param at the place in its segment, from 0
     */
    public static ClassPlan move(ClassPlan plan, EntryId entryId, SegmentId segmentId, int at) {
        Entry entry = plan.entry(entryId);
        boolean out = plan.circuitOf(entryId).isPresent();
        Entry moved = out && entry instanceof Item item ? item.withoutRounds() : entry;
        return plan.remove(entryId).add(segmentId, at, moved);
    }

    /**
     * Returns the plan with an item or a pause moved into a circuit, the place counted without it.
     *
     * @param at the place in the circuit, from 0
     */
    public static ClassPlan moveInto(ClassPlan plan, EntryId itemId, EntryId circuitId, int at) {
        Entry line = plan.entry(itemId);
        if (!Circuit.mayHold(line)) {
            return plan;
        }
        boolean same = plan.circuitOf(itemId).map(circuit -> circuit.id().equals(circuitId)).orElse(false);
        if (!same) {
            Entry moved = line instanceof Item item ? item.withoutRounds() : line;
            return plan.remove(itemId).addInto(circuitId, at, moved);
        }
        return plan.beside(itemId, entries -> {
            entries.remove(line);
            entries.add(Math.clamp(at, 0, entries.size()), line);
        });
    }

    /**
     * Returns the plan with the line moved to where another line of a segment stands, into its circuit if
     * that line is in one and the moved line is an exercise or a pause; to the end of the segment when there is none.
     */
    public static ClassPlan moveTo(ClassPlan plan, EntryId entryId, SegmentId segmentId,
            Optional<EntryId> target) {
        if (target.filter(entryId::equals).isPresent()) {
            return plan;
        }
        Segment segment = plan.segment(segmentId);
        Optional<Circuit> circuit = target.flatMap(plan::circuitOf);
        if (circuit.isPresent() && Circuit.mayHold(plan.entry(entryId))) {
            return moveInto(plan, entryId, circuit.get().id(),
                    indexOf(circuit.get().inside(), target.orElseThrow()));
        }
        int at = circuit.map(Circuit::id).or(() -> target).map(id -> indexOf(segment.entries(), id))
                .orElse(-1);
        return move(plan, entryId, segmentId, at < 0 ? Integer.MAX_VALUE : at);
    }

    /**
     * Returns the plan with the line moved one place up or down: through a circuit's edge into it or out of
     * it, and into the next segment at a segment's end; the same plan where there is no further place.
     *
     * @param by -1 for up, 1 for down
     */
    public static ClassPlan nudge(ClassPlan plan, EntryId entryId, int by) {
        Segment segment = plan.segmentOf(entryId).orElseThrow();
        Optional<Circuit> circuit = plan.circuitOf(entryId);
        if (circuit.isPresent()) {
            return nudgeWithin(plan, circuit.get(), segment, entryId, by);
        }
        int from = indexOf(segment.entries(), entryId);
        int to = from + by;
        if (to >= 0 && to < segment.entries().size()) {
            boolean enters = segment.entries().get(to) instanceof Circuit
                    && Circuit.mayHold(plan.entry(entryId));
            if (enters) {
                EntryId id = segment.entries().get(to).id();
                return moveInto(plan, entryId, id, by > 0 ? 0 : Integer.MAX_VALUE);
            }
            return move(plan, entryId, segment.id(), to);
        }
        int next = plan.segments().indexOf(segment) + by;
        if (next < 0 || next >= plan.segments().size()) {
            return plan;
        }
        return move(plan, entryId, plan.segments().get(next).id(), by > 0 ? 0 : Integer.MAX_VALUE);
    }

    private static ClassPlan nudgeWithin(ClassPlan plan, Circuit circuit, Segment segment, EntryId itemId,
            int by) {
        int to = indexOf(circuit.inside(), itemId) + by;
        if (to >= 0 && to < circuit.inside().size()) {
            return moveInto(plan, itemId, circuit.id(), to);
        }
        int place = indexOf(segment.entries(), circuit.id());
        boolean stays = circuit.items().size() > 1 || plan.entry(itemId) instanceof Pause;
        return move(plan, itemId, segment.id(), by > 0 && stays ? place + 1 : place);
    }

    /**
     * Returns the plan with a segment added at a place, 0 to the number of segments.
     *
     * @param at the place among the segments, from 0
     */
    public static ClassPlan addSegment(ClassPlan plan, int at, Segment segment) {
        List<Segment> others = new ArrayList<>(plan.segments());
        others.add(at, segment);
        return plan.withSegments(others);
    }

    /** Returns the plan without the segment and all that is in it. */
    public static ClassPlan removeSegment(ClassPlan plan, SegmentId segmentId) {
        plan.segment(segmentId);
        return plan.withSegments(
                plan.segments().stream().filter(segment -> !segment.id().equals(segmentId)).toList());
    }

    /**
     * Returns the plan with the segment moved by so many places, as far as there are places.
     *
     * @param by places, less than 0 for towards the start
     */
    public static ClassPlan moveSegment(ClassPlan plan, SegmentId segmentId, int by) {
        Segment segment = plan.segment(segmentId);
        List<Segment> others = new ArrayList<>(plan.segments());
        int from = others.indexOf(segment);
        others.remove(from);
        others.add(Math.clamp((long) from + by, 0, others.size()), segment);
        return plan.withSegments(others);
    }

    static int indexOf(List<? extends Entry> entries, EntryId id) {
        for (int i = 0; i < entries.size(); i++) {
            if (entries.get(i).id().equals(id)) {
                return i;
            }
        }
        return -1;
    }
}
