package app.kehre.core.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;

/**
 * A whole class, written down. Immutable: every method that changes something returns a new plan.
 *
 * <pre>{@code
 * ClassPlan shorter = plan.with(item.withDose(Reps.of(12))).remove(waterId);
 * }</pre>
 *
 * @param brief what was fixed first
 * @param segments the parts, in order
 */
public record ClassPlan(Brief brief, List<Segment> segments) {
    public ClassPlan {
        segments = List.copyOf(segments);
        Set<Integer> segmentIds = new HashSet<>();
        Set<Integer> entryIds = new HashSet<>();
        for (Segment segment : segments) {
            requireNew(segmentIds, segment.id(), "segment");
            segment.entries().forEach(entry -> requireNew(entryIds, entry.id(), "entry"));
        }
    }

    private static void requireNew(Set<Integer> seen, int id, String what) {
        if (id < 1 || !seen.add(id)) {
            throw new IllegalArgumentException(
                    "Each %s must have its own id from 1 up, not %d.".formatted(what, id));
        }
    }

    /** Returns all entries of all segments, in order. */
    public Stream<Entry> entries() {
        return segments.stream().flatMap(segment -> segment.entries().stream());
    }

    /** Finds an entry by its number. */
    public Optional<Entry> find(int entryId) {
        return entries().filter(entry -> entry.id() == entryId).findFirst();
    }

    /** Finds a segment by its number. */
    public Optional<Segment> findSegment(int segmentId) {
        return segments.stream().filter(segment -> segment.id() == segmentId).findFirst();
    }

    /** Returns the segment of the number. @throws NoSuchElementException if there is none */
    public Segment segment(int segmentId) {
        return findSegment(segmentId)
                .orElseThrow(() -> new NoSuchElementException("The plan has no segment " + segmentId + "."));
    }

    /** Finds the segment that an entry is in. */
    public Optional<Segment> segmentOf(int entryId) {
        return segments.stream().filter(segment -> indexIn(segment, entryId) >= 0).findFirst();
    }

    /** Returns the number for the next new entry. */
    public int nextEntryId() {
        return entries().mapToInt(Entry::id).max().orElse(0) + 1;
    }

    /** Returns the number for the next new segment. */
    public int nextSegmentId() {
        return segments.stream().mapToInt(Segment::id).max().orElse(0) + 1;
    }

    /** Returns the plan with another brief. */
    public ClassPlan with(Brief other) {
        return new ClassPlan(other, segments);
    }

    /** Returns the plan with the segment of the same number replaced. */
    public ClassPlan with(Segment changed) {
        segment(changed.id());
        return new ClassPlan(brief,
                segments.stream().map(segment -> segment.id() == changed.id() ? changed : segment).toList());
    }

    /** Returns the plan with the entry of the same number replaced. */
    public ClassPlan with(Entry changed) {
        return inSegmentOf(changed.id(),
                entries -> entries.replaceAll(entry -> entry.id() == changed.id() ? changed : entry));
    }

    /**
     * Returns the plan with an entry added.
     *
     * @param at the place in the segment, 0 to its number of entries; more means at the end
     */
    public ClassPlan add(int segmentId, int at, Entry entry) {
        Segment segment = segment(segmentId);
        return with(changed(segment, entries -> entries.add(Math.min(at, entries.size()), entry)));
    }

    /** Returns the plan without the entry. */
    public ClassPlan remove(int entryId) {
        return inSegmentOf(entryId, entries -> entries.removeIf(entry -> entry.id() == entryId));
    }

    /** Returns the plan with the entry moved to a place in a segment, the place counted without it. */
    public ClassPlan move(int entryId, int segmentId, int at) {
        Entry entry = entry(entryId);
        return remove(entryId).add(segmentId, at, entry);
    }

    /** Returns the plan with a copy of the entry after it. */
    public ClassPlan duplicate(int entryId) {
        Entry entry = entry(entryId);
        return inSegmentOf(entryId,
                entries -> entries.add(entries.indexOf(entry) + 1, entry.withId(nextEntryId())));
    }

    /** Returns the plan with a segment added at a place, 0 to the number of segments. */
    public ClassPlan addSegment(int at, Segment segment) {
        List<Segment> others = new ArrayList<>(segments);
        others.add(at, segment);
        return new ClassPlan(brief, others);
    }

    /** Returns the plan without the segment and all that is in it. */
    public ClassPlan removeSegment(int segmentId) {
        segment(segmentId);
        return new ClassPlan(brief, segments.stream().filter(segment -> segment.id() != segmentId).toList());
    }

    /** Returns the plan with the segment moved by so many places, as far as there are places. */
    public ClassPlan moveSegment(int segmentId, int by) {
        Segment segment = segment(segmentId);
        List<Segment> others = new ArrayList<>(segments);
        int from = others.indexOf(segment);
        others.remove(from);
        others.add(Math.clamp((long) from + by, 0, others.size()), segment);
        return new ClassPlan(brief, others);
    }

    /**
     * Returns the plan with the entry moved one place up or down, into the next segment at a segment's
     * end; the same plan where there is no further place.
     *
     * @param by -1 for up, 1 for down
     */
    public ClassPlan nudge(int entryId, int by) {
        Segment from = segmentOf(entryId).orElseThrow();
        int at = indexIn(from, entryId) + by;
        if (at >= 0 && at < from.entries().size()) {
            return move(entryId, from.id(), at);
        }
        int next = segments.indexOf(from) + by;
        if (next < 0 || next >= segments.size()) {
            return this;
        }
        Segment to = segments.get(next);
        return move(entryId, to.id(), by > 0 ? 0 : to.entries().size());
    }

    private Entry entry(int entryId) {
        return find(entryId)
                .orElseThrow(() -> new NoSuchElementException("The plan has no entry " + entryId + "."));
    }

    private ClassPlan inSegmentOf(int entryId, Consumer<List<Entry>> change) {
        Segment segment = segmentOf(entryId)
                .orElseThrow(() -> new NoSuchElementException("The plan has no entry " + entryId + "."));
        return with(changed(segment, change));
    }

    private static Segment changed(Segment segment, Consumer<List<Entry>> change) {
        List<Entry> entries = new ArrayList<>(segment.entries());
        change.accept(entries);
        return segment.withEntries(entries);
    }

    private static int indexIn(Segment segment, int entryId) {
        for (int i = 0; i < segment.entries().size(); i++) {
            if (segment.entries().get(i).id() == entryId) {
                return i;
            }
        }
        return -1;
    }
}
