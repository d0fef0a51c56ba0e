package app.kehre.desk.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

import app.kehre.core.edit.Addables;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.value.Reading;
import app.kehre.core.written.CircuitHead;
import app.kehre.core.written.Heading;

/** A class as it is written below the lines: lines, segments, circuits, the other side, one after the other. */
final class Writing {

    private static final String OTHER_SIDE = "other side";
    private static final int SHORTEST = 3;

    private final PlanViewModel model;
    /** A circuit that was written in a segment and has no exercise yet. */
    private Optional<Begun> begun = Optional.empty();

    private record Begun(CircuitHead head, SegmentId segment) {}

    Writing(PlanViewModel model) {
        this.model = model;
    }

    /** Returns what may come of what is written, best first. */
    List<Written> choices(String typed) {
        String text = typed.strip();
        if (CircuitHead.is(text)) {
            return problem(typed).isEmpty() ? List.of(new Written.Rounds(CircuitHead.of(text))) : List.of();
        }
        if (heads(text)) {
            return Heading.read(text, model.plan().nextSegmentId()).value().stream().flatMap(this::headed)
                    .toList();
        }
        List<Written> all = new ArrayList<>();
        if (text.length() >= SHORTEST && OTHER_SIDE.startsWith(text.toLowerCase(Locale.ROOT))) {
            model.selectedEntry().filter(entry -> entry.dosed().isPresent())
                    .ifPresent(entry -> all.add(new Written.OtherSide(entry.name())));
        }
        model.choices().addables(typed).forEach(each -> all.add(new Written.Line(each)));
        return all;
    }

    /** A segment that is there by its name comes before a new one. */
    private Stream<Written> headed(Segment wanted) {
        Stream<Written> there = model.plan().segments().stream()
                .filter(each -> each.name().equalsIgnoreCase(wanted.name())).limit(1)
                .map(each -> new Written.GoOn(
                        wanted.target().isZero() ? each : each.withTarget(wanted.target())));
        return Stream.concat(there, Stream.of(new Written.NewSegment(wanted)));
    }

    private static boolean heads(String text) {
        return text.startsWith("##") || text.endsWith(":") && Heading.is(text);
    }

    /** Returns why nothing can come of what is written; empty where something can. */
    String problem(String typed) {
        String text = typed.strip();
        if (CircuitHead.is(text)) {
            Entry any = Item.of(EntryId.FIRST, model.choices().any());
            return CircuitHead.of(text).built(EntryId.FIRST.next(), List.of(any)).problem();
        }
        return heads(text)
                ? Heading.read(text, model.plan().nextSegmentId()).problem()
                : model.choices().problem(typed);
    }

    /** Returns the circuit that waits for its first exercise, in words; none when no such was written here. */
    Optional<String> waiting() {
        return begun.filter(each -> model.segment().get().filter(each.segment()::equals).isPresent())
                .map(each -> each.head().rounds());
    }

    /** Takes what was written. */
    void take(Written written) {
        switch (written) {
            case Written.Line(Addables.Addable addable) -> line(addable);
            case Written.NewSegment(Segment wanted) -> {
                SegmentId id = model.plan().nextSegmentId();
                model.changePlan("Add " + wanted.name(),
                        plan -> Addables.addSegment(plan, model.segment().get(), wanted));
                model.selectSegment(id);
            }
            case Written.GoOn(Segment there) -> {
                if (!model.plan().segment(there.id()).equals(there)) {
                    model.changePlan("Length of " + there.name(), plan -> plan.with(there));
                }
                model.selectSegment(there.id());
            }
            case Written.Rounds(CircuitHead head) ->
                begun = model.segment().get().map(segment -> new Begun(head, segment));
            case Written.OtherSide _ -> new StructureEdits(model).addSecondSide();
        }
    }

    /** Leaves a circuit that has no exercise yet. */
    void leave() {
        begun = Optional.empty();
    }

    /** The first exercise of a circuit goes into it; anything else is added as it is, and the circuit waits. */
    private void line(Addables.Addable addable) {
        boolean first = waiting().isPresent() && addable.entry(EntryId.FIRST) instanceof Item;
        Optional<Begun> circuit = begun.filter(_ -> first);
        circuit.ifPresentOrElse(each -> begin(each, addable), () -> model.add(addable));
    }

    private void begin(Begun circuit, Addables.Addable addable) {
        begun = Optional.empty();
        List<Entry> inside = Addables.insideCircuit(model.plan(), circuit.segment(), addable);
        EntryId last = inside.getLast().id();
        Reading<Circuit> built = circuit.head().built(last.next(), inside);
        built.value().ifPresentOrElse(found -> {
            model.changePlan("Add " + found.name(),
                    plan -> Addables.addAfter(plan, circuit.segment(), model.entry().get(), found));
            model.select(last);
        }, () -> model.setHint(built.problem()));
    }
}
