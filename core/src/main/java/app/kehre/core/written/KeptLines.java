package app.kehre.core.written;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;

/** Finds again what a text does not say: the lines and the segments of the class that it is taken back into. */
final class KeptLines {

    private final LineText text;
    private final List<Segment> segments;
    private final List<Entry> lines = new ArrayList<>();
    private final List<Entry> inside = new ArrayList<>();
    private final Set<EntryId> taken = new HashSet<>();

    KeptLines(ClassPlan before, LineText text) {
        this.text = text;
        this.segments = new ArrayList<>(before.segments());
        before.segments().forEach(segment -> segment.entries().forEach(line -> {
            lines.add(line);
            inside.addAll(line.inside());
        }));
    }

    /** Returns a segment as it was, with what its heading says now. */
    Segment segment(Segment read) {
        Optional<Segment> same = segments.stream().filter(each -> each.name().equals(read.name()))
                .findFirst();
        same.ifPresent(segments::remove);
        return same.map(old -> old.withRole(read.role()).withBpm(read.bpm()).withTarget(read.target())
                .withLeftOut(read.leftOut()).withEntries(List.of())).orElse(read);
    }

    /**
     * Returns the lines of a class as they were, where the text of one is the same; else with what else the line of its exercise
     * had.
     */
    List<List<Entry>> lines(List<List<Entry>> read) {
        Map<Entry, Entry> same = new IdentityHashMap<>();
        Map<String, Deque<Entry>> byText = new HashMap<>();
        lines.forEach(line -> byText.computeIfAbsent(whole(line), _ -> new ArrayDeque<>()).add(line));
        read.forEach(some -> some.forEach(line -> Optional.ofNullable(byText.get(whole(line)))
                .map(Deque::pollFirst).ifPresent(old -> {
                    same.put(line, old);
                    taken.add(old.id());
                    old.inside().forEach(inner -> taken.add(inner.id()));
                })));
        Set<EntryId> kept = Set.copyOf(taken);
        return read.stream().map(some -> some.stream()
                .map(line -> same.getOrDefault(line, line))
                .map(line -> kept.contains(line.id()) ? line : changed(line, lines))
                .toList()).toList();
    }

    private String whole(Entry line) {
        StringBuilder all = new StringBuilder(text.print(line));
        line.inside().forEach(inner -> all.append('\n').append(text.print(inner)));
        return all.toString();
    }

    private Entry changed(Entry read, List<Entry> among) {
        return switch (read) {
            case Item item -> among.stream().flatMap(old -> old.item().stream())
                    .filter(old -> old.subject().equals(item.subject()) && !taken.contains(old.id()))
                    .findFirst()
                    .map(old -> with(old, item)).orElse(item);
            case Circuit circuit ->
                circuit.withInside(circuit.inside().stream().map(inner -> changed(inner, inside)).toList());
            case BuildUp _,Pause _,Screen _ -> read;
        };
    }

    private Item with(Item old, Item read) {
        taken.add(old.id());
        Item now = old.withDose(read.dose()).withLoad(read.load()).withPosed(read.posed())
                .withInstead(read.instead());
        return now.withNote(read.note()).withDelivery(old.delivery().withKnown(read.delivery().known())
                .withLocked(read.delivery().locked()).withVariant(read.delivery().variant()));
    }
}
