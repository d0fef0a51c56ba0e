package app.kehre.core.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;

import app.kehre.core.advice.Thresholds;
import app.kehre.core.brief.Brief;
import app.kehre.core.edit.Moves;
import app.kehre.core.pace.Pace;
import app.kehre.core.people.Regulars;
import app.kehre.core.value.Range;

/**
 * A whole class, written down. Immutable: every method that changes something returns a new plan. How
 * lines are moved about is in {@link Moves}.
 *
 * <pre>{@code
 * ClassPlan shorter = plan.with(item.withDose(Reps.of(12))).remove(waterId);
 * }</pre>
 *
 * @param identity which plan it is, and which numbers it has given; it counts for nothing when plans are compared
 * @param brief what was fixed first
 * @param segments the parts, in order
 * @param pace how long people take in this class
 * @param thresholds the figures against which it is judged
 * @param aside the findings that the instructor set aside
 * @param chosen why Kehre proposed lines that were taken
 */
public record ClassPlan(Identity identity, Brief brief, List<Segment> segments, Pace pace,
        Thresholds thresholds,
        List<SetAside> aside, List<Chosen> chosen) {

    /** The segments of a class. Kehre's estimate: no class of 12 hours has nearly so many. */
    public static final Range SEGMENTS = Range.of("the parts of a class", 0, 200);
    /** The lines of a class, those in circuits included. Kehre's estimate, as for the segments. */
    public static final Range LINES = Range.of("the lines of a class", 0, 2000);

    public ClassPlan {
        segments = List.copyOf(segments);
        aside = List.copyOf(aside);
        chosen = List.copyOf(chosen);
        SEGMENTS.check(segments.size());
        Set<SegmentId> segmentIds = new HashSet<>();
        Set<EntryId> entryIds = new HashSet<>();
        for (Segment segment : segments) {
            requireNew(segmentIds, segment.id(), "segment");
            segment.lines().forEach(entry -> requireNew(entryIds, entry.id(), "entry"));
        }
        LINES.check(entryIds.size());
        identity = identity.with(segmentIds, entryIds);
    }

    /** Returns a plan with the usual times of its group. */
    public ClassPlan(Brief brief, List<Segment> segments) {
        this(brief, segments, Pace.usual(brief.group().older()));
    }

    /** Returns a new plan judged by Kehre's figures. */
    public ClassPlan(Brief brief, List<Segment> segments, Pace pace) {
        this(Identity.fresh(), brief, segments, pace, Thresholds.USUAL, List.of(), List.of());
    }

    private static <T> void requireNew(Set<T> seen, T id, String what) {
        if (!seen.add(id)) {
            throw new IllegalArgumentException(
                    "Each %s must have an id of its own, and %s is used twice.".formatted(what, id));
        }
    }

    /** Returns whether another plan is the same class, whichever plan it is and whatever numbers it has given before. */
    @Override
    public boolean equals(Object other) {
        return other instanceof ClassPlan plan && brief.equals(plan.brief) && segments.equals(plan.segments)
                && pace.equals(plan.pace) && thresholds.equals(plan.thresholds)
                && aside.equals(plan.aside) && chosen.equals(plan.chosen);
    }

    @Override
    public int hashCode() {
        return Objects.hash(brief, segments, pace, thresholds, aside, chosen);
    }

    /** Returns the plan with another identity; numbers of its own lines and segments count as given. */
    public ClassPlan with(Identity other) {
        return new ClassPlan(other, brief, segments, pace, thresholds, aside, chosen);
    }

    /** Returns the plan that gives no number which another state of it has given. */
    public ClassPlan after(ClassPlan other) {
        return with(identity.after(other.identity));
    }

    /** Returns the same class as a plan of its own. */
    public ClassPlan copy() {
        return with(identity.ofCopy());
    }

    /** Returns the entries of all segments, in order; the items of a circuit are inside of it. */
    public Stream<Entry> entries() {
        return segments.stream().flatMap(segment -> segment.entries().stream());
    }

    /** Returns all lines as they are written below each other: each circuit, then its items. */
    public Stream<Entry> lines() {
        return segments.stream().flatMap(Segment::lines);
    }

    /** Returns all items, those of circuits included. */
    public Stream<Item> items() {
        return entries().mapMulti((entry, each) -> entry.items().forEach(each));
    }

    /** Returns all build-ups. */
    public Stream<BuildUp> buildUps() {
        return entries().filter(BuildUp.class::isInstance).map(BuildUp.class::cast);
    }

    /** Returns all circuits. */
    public Stream<Circuit> circuits() {
        return entries().filter(Circuit.class::isInstance).map(Circuit.class::cast);
    }

    /** Finds a line that is an item. */
    public Optional<Item> findItem(EntryId entryId) {
        return find(entryId).flatMap(Entry::item);
    }

    /** Finds a line. */
    public Optional<Entry> find(EntryId entryId) {
        return lines().filter(entry -> entry.id().equals(entryId)).findFirst();
    }

    /**
     * Returns the line of the number.
     *
     * @throws NoSuchElementException if there is none
     */
    public Entry entry(EntryId entryId) {
        return find(entryId)
                .orElseThrow(() -> new NoSuchElementException("The plan has no entry " + entryId + "."));
    }

    /** Returns whether the group knows what is done in a line: it is marked so, or the group is known to know it. */
    public boolean isKnown(Item item) {
        return item.delivery().known() || brief.group().regulars().knows(item.exercise().id());
    }

    /** Returns the plan in which the group knows what is done in a line, or does not; where it did, in all other lines too. */
    public ClassPlan withKnown(Item item, boolean known) {
        Regulars regulars = brief.group().regulars();
        Brief said = known
                ? brief
                : brief.with(brief.group().withRegulars(regulars.without(item.exercise().id())));
        return with(said).with(item.withDelivery(item.delivery().withKnown(known)));
    }

    /** Finds the circuit that a line is in. */
    public Optional<Circuit> circuitOf(EntryId lineId) {
        return circuits()
                .filter(circuit -> circuit.inside().stream().anyMatch(line -> line.id().equals(lineId)))
                .findFirst();
    }

    /** Finds a segment. */
    public Optional<Segment> findSegment(SegmentId segmentId) {
        return segments.stream().filter(segment -> segment.id().equals(segmentId)).findFirst();
    }

    /**
     * Returns the segment of the number.
     *
     * @throws NoSuchElementException if there is none
     */
    public Segment segment(SegmentId segmentId) {
        return findSegment(segmentId)
                .orElseThrow(() -> new NoSuchElementException("The plan has no segment " + segmentId + "."));
    }

    /** Finds the segment that a line is in. */
    public Optional<Segment> segmentOf(EntryId entryId) {
        return segments.stream()
                .filter(segment -> segment.lines().anyMatch(entry -> entry.id().equals(entryId))).findFirst();
    }

    /** Returns the id for the next new line. */
    public EntryId nextEntryId() {
        return new EntryId(identity.entries() + 1);
    }

    /** Returns the id for the next new segment. */
    public SegmentId nextSegmentId() {
        return new SegmentId(identity.segments() + 1);
    }

    /** Returns the plan with another brief; the usual times follow the group. */
    public ClassPlan with(Brief other) {
        boolean usual = pace.equals(Pace.usual(brief.group().older()));
        return new ClassPlan(identity, other, segments,
                usual ? Pace.usual(other.group().older()) : pace,
                thresholds, aside, chosen);
    }

    /** Returns the plan with other pace. */
    public ClassPlan with(Pace other) {
        return new ClassPlan(identity, brief, segments, other, thresholds, aside, chosen);
    }

    /** Returns the plan judged by other figures. */
    public ClassPlan with(Thresholds other) {
        return new ClassPlan(identity, brief, segments, pace, other, aside, chosen);
    }

    /** Returns the findings set aside whose subject still stands in the class. */
    public List<SetAside> asideStill() {
        return aside.stream().filter(each -> each.holdsIn(this)).toList();
    }

    /** Returns the plan with other findings set aside. */
    public ClassPlan withAside(List<SetAside> others) {
        return new ClassPlan(identity, brief, segments, pace, thresholds, others, chosen);
    }

    /** Returns the plan with other reasons of what was proposed. */
    public ClassPlan withChosen(List<Chosen> others) {
        return new ClassPlan(identity, brief, segments, pace, thresholds, aside, others);
    }

    /** Returns the plan with the reason why Kehre proposed a line; an empty one takes it away. */
    public ClassPlan because(Entry line, String why) {
        List<Chosen> others = new ArrayList<>(chosen);
        others.removeIf(each -> each.entry().equals(line.id()));
        if (!why.isBlank()) {
            others.add(Chosen.of(line, why));
        }
        return withChosen(others);
    }

    /** Returns why Kehre proposed a line, as long as it is still the one that was proposed; else nothing to say. */
    public String why(Entry line) {
        return chosen.stream().filter(each -> each.isOf(line)).map(Chosen::why).findFirst().orElse("");
    }

    /** Returns the plan with other segments. */
    public ClassPlan withSegments(List<Segment> others) {
        return new ClassPlan(identity, brief, others, pace, thresholds, aside, chosen);
    }

    /** Returns the plan with the segment of the same number replaced. */
    public ClassPlan with(Segment changed) {
        segment(changed.id());
        return withSegments(
                segments.stream().map(segment -> segment.id().equals(changed.id()) ? changed : segment)
                        .toList());
    }

    /** Returns the plan with the line of the same number replaced. */
    public ClassPlan with(Entry changed) {
        return beside(changed.id(), entries -> entries
                .replaceAll(entry -> entry.id().equals(changed.id()) ? changed : entry));
    }

    /**
     * Returns the plan with an entry added.
     *
     * @param at the place in the segment, 0 to its number of entries; more means at the end
     */
    public ClassPlan add(SegmentId segmentId, int at, Entry entry) {
        return with(changed(segment(segmentId),
                entries -> entries.add(Math.clamp(at, 0, entries.size()), entry)));
    }

    /**
     * Returns the plan with an item or a pause added to a circuit, at a place or at its end.
     *
     * @param at the place in the circuit, from 0
     */
    public ClassPlan addInto(EntryId circuitId, int at, Entry line) {
        if (!(entry(circuitId) instanceof Circuit circuit)) {
            throw new NoSuchElementException("Entry " + circuitId + " is no circuit.");
        }
        List<Entry> inside = new ArrayList<>(circuit.inside());
        inside.add(Math.clamp(at, 0, inside.size()), line);
        return with(circuit.withInside(inside));
    }

    /** Returns the plan without the line; a circuit goes with its last item, and its pauses stand in its place. */
    public ClassPlan remove(EntryId entryId) {
        Optional<Circuit> circuit = circuitOf(entryId);
        boolean last = circuit.filter(each -> each.items().size() == 1).isPresent()
                && entry(entryId) instanceof Item;
        if (circuit.isPresent() && last) {
            List<Entry> pauses = circuit.get().inside().stream().filter(Pause.class::isInstance).toList();
            return beside(circuit.get().id(), entries -> {
                int at = entries.indexOf(circuit.get());
                entries.remove(at);
                entries.addAll(at, pauses);
            });
        }
        return beside(entryId, entries -> entries.removeIf(entry -> entry.id().equals(entryId)));
    }

    /** Changes the list that a line is in: its segment's entries, or what is in its circuit. */
    public ClassPlan beside(EntryId entryId, Consumer<List<Entry>> change) {
        Optional<Circuit> circuit = circuitOf(entryId);
        if (circuit.isPresent()) {
            List<Entry> inside = new ArrayList<>(circuit.get().inside());
            change.accept(inside);
            return with(circuit.get().withInside(inside));
        }
        Segment segment = segmentOf(entryId)
                .orElseThrow(() -> new NoSuchElementException("The plan has no entry " + entryId + "."));
        return with(changed(segment, change));
    }

    private static Segment changed(Segment segment, Consumer<List<Entry>> change) {
        List<Entry> entries = new ArrayList<>(segment.entries());
        change.accept(entries);
        return segment.withEntries(entries);
    }
}
