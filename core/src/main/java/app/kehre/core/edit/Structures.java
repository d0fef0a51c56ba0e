package app.kehre.core.edit;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.dose.Sides;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;

/** Circuits, sides and cuts: what is done with more than one line at a time. */
public final class Structures {

    private Structures() {}

    /**
     * Returns the plan with neighbouring items of a segment gathered in a circuit of two rounds, at the
     * place of the first; the same plan when there are none, or when one is already in a circuit.
     */
    public static ClassPlan makeCircuit(ClassPlan plan, List<EntryId> itemIds) {
        List<Item> items = new ArrayList<>();
        for (Entry entry : plan.entries().toList()) {
            if (itemIds.contains(entry.id()) && entry instanceof Item item) {
                items.add(item);
            }
        }
        if (items.isEmpty() || items.size() < itemIds.size()) {
            return plan;
        }
        Segment segment = plan.segmentOf(items.getFirst().id()).orElseThrow();
        if (!segment.entries().containsAll(items)) {
            return plan;
        }
        int at = segment.entries().indexOf(items.getFirst());
        List<Entry> others = new ArrayList<>(segment.entries());
        others.removeAll(items);
        others.add(at, new Circuit(plan.nextEntryId(), "Circuit", 2, Duration.ZERO, 0, List.copyOf(items),
                ""));
        return plan.with(segment.withEntries(others));
    }

    /** Returns the plan with a circuit's items in its place; what was different by the round is gone. */
    public static ClassPlan dissolve(ClassPlan plan, EntryId circuitId) {
        if (!(plan.entry(circuitId) instanceof Circuit circuit)) {
            return plan;
        }
        return plan.beside(circuitId, entries -> {
            int at = entries.indexOf(circuit);
            entries.remove(at);
            entries.addAll(at, circuit.inside().stream()
                    .map(line -> line instanceof Item item ? item.withoutRounds() : line).toList());
        });
    }

    /** Returns the plan with an item of both sides split into a line for each. */
    public static ClassPlan splitSides(ClassPlan plan, EntryId itemId) {
        if (!(plan.entry(itemId) instanceof Item item) || !onBothSides(item)) {
            return plan;
        }
        boolean leftFirst = item.dose().sides() == Sides.EACH_SIDE_LEFT_FIRST;
        return withSecond(plan, item, leftFirst ? Sides.LEFT_SIDE : Sides.RIGHT_SIDE);
    }

    /** Returns the plan with the other side of an item in a line after it. */
    public static ClassPlan addSecondSide(ClassPlan plan, EntryId itemId) {
        if (!(plan.entry(itemId) instanceof Item item) || onBothSides(item)) {
            return plan;
        }
        boolean left = item.dose().sides() == Sides.LEFT_SIDE;
        return withSecond(plan, item, left ? Sides.LEFT_SIDE : Sides.RIGHT_SIDE);
    }

    private static boolean onBothSides(Item item) {
        return item.dose().sides() == Sides.EACH_SIDE || item.dose().sides() == Sides.EACH_SIDE_LEFT_FIRST;
    }

    private static ClassPlan withSecond(ClassPlan plan, Item item, Sides first) {
        Sides second = first == Sides.LEFT_SIDE ? Sides.RIGHT_SIDE : Sides.LEFT_SIDE;
        if (!item.dose().goesWith(first)) {
            return plan;
        }
        Item one = item.withDose(item.dose().withSides(first));
        Item other = item.withDose(item.dose().withSides(second)).withId(plan.nextEntryId());
        return plan.beside(item.id(), entries -> {
            int at = entries.indexOf(item);
            entries.set(at, one);
            entries.add(at + 1, other);
        });
    }

    /**
     * Returns the plan with the second side of an item moved behind the line that follows it: first side,
     * another exercise, second side. An item of both sides is split first.
     */
    public static ClassPlan secondSideAfterNext(ClassPlan plan, EntryId itemId) {
        ClassPlan split = splitSides(plan, itemId);
        Optional<Item> second = secondSide(split, itemId);
        return second.map(item -> split.beside(itemId, entries -> {
            int at = entries.indexOf(item);
            if (at >= 0 && at + 1 < entries.size()) {
                entries.add(at + 1, entries.remove(at));
            }
        })).orElse(plan);
    }

    private static Optional<Item> secondSide(ClassPlan plan, EntryId itemId) {
        List<Item> items = plan.items().toList();
        int at = Moves.indexOf(items, itemId);
        return at >= 0 && at + 1 < items.size()
                && items.get(at + 1).exercise().equals(items.get(at).exercise())
                && !items.get(at + 1).dose().sides().servesBoth()
                        ? Optional.of(items.get(at + 1))
                        : Optional.empty();
    }

    /** Returns the plan cut to some of its segments; the others stay in the plan and take no time. */
    public static ClassPlan cutTo(ClassPlan plan, Set<SegmentId> segmentIds) {
        return plan.withSegments(plan.segments().stream()
                .map(segment -> segment.withLeftOut(!segmentIds.contains(segment.id()))).toList());
    }

    /** Returns the plan cut to the segments that are marked to stand alone. */
    public static ClassPlan cutToMarked(ClassPlan plan) {
        return plan.withSegments(plan.segments().stream()
                .map(segment -> segment.withLeftOut(!segment.standsAlone())).toList());
    }

    /** Returns "whole class", or "cut to 5 of 10 parts". */
    public static String cutWords(ClassPlan plan) {
        long kept = plan.segments().stream().filter(segment -> !segment.leftOut()).count();
        return kept == plan.segments().size()
                ? "whole class"
                : "cut to %d of %d parts".formatted(kept, plan.segments().size());
    }

    /** Returns the whole class again. */
    public static ClassPlan whole(ClassPlan plan) {
        return plan
                .withSegments(plan.segments().stream().map(segment -> segment.withLeftOut(false)).toList());
    }
}
