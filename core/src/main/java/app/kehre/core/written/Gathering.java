package app.kehre.core.written;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

import app.kehre.core.brief.Format;
import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.Combination;
import app.kehre.core.edit.Skeleton;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.shorthand.Meaning;
import app.kehre.core.value.Reading;

/** The segments of a class as they grow line by line, and the circuit that is open. */
final class Gathering {

    private final SegmentId first;
    private final List<Segment> segments = new ArrayList<>();
    private final List<List<Entry>> lines = new ArrayList<>();
    private final List<StringBuilder> notes = new ArrayList<>();
    private final StringBuilder early = new StringBuilder();
    private final Set<EntryId> taken = new HashSet<>();
    private final Consumer<String> refused;
    private Optional<Open> open = Optional.empty();
    private EntryId next;
    private final Role usual;

    /** A circuit that is being read. */
    private static final class Open {
        private final Meaning.Rounds head;
        /** Where it was written in the strict form. */
        private final Optional<CircuitHead> strict;
        private final List<Entry> inside = new ArrayList<>();
        /** Whether its lines are set in; nothing while there are none. */
        private Optional<Boolean> setIn = Optional.empty();

        private Open(Meaning.Rounds head, Optional<CircuitHead> strict) {
            this.head = head;
            this.strict = strict;
        }
    }

    /**
     * Makes one without a segment.
     *
     * @param format the kind of class, which says what lines without a heading are
     * @param refused told why a circuit in the strict form cannot be
     */
    Gathering(SegmentId firstSegment, EntryId firstLine, Format format, Consumer<String> refused) {
        this.usual = switch (format) {
            case STEP, LOW_IMPACT -> Role.AEROBIC;
            case FLOOR -> Role.CORE;
            case CIRCUIT, CONDITIONING, STRETCH_AND_TONE, CHAIR, EXPECTING, EXPRESS, MIXED -> Role.TONING;
        };
        this.refused = refused;
        this.first = firstSegment;
        this.next = firstLine;
    }

    EntryId next() {
        return next;
    }

    SegmentId nextSegment() {
        return new SegmentId(first.number() + segments.size());
    }

    /** Returns the role of the open part; before the first one what the kind of class has most of. */
    Role role() {
        return segments.isEmpty() ? usual : segments.getLast().role();
    }

    /** Returns the name of the open part. */
    String name() {
        return segments.isEmpty() ? "the class" : segments.getLast().name();
    }

    boolean begun() {
        return !segments.isEmpty();
    }

    boolean inCircuit() {
        return open.isPresent();
    }

    boolean circuitHasLines() {
        return open.filter(each -> !each.inside.isEmpty()).isPresent();
    }

    Optional<Meaning.Clock> clock() {
        return open.flatMap(each -> each.head.clock());
    }

    /** Returns the position of the last exercise of the open segment. */
    Optional<Position> position() {
        List<Entry> last = open.isPresent()
                ? open.get().inside
                : segments.isEmpty() ? List.of() : lines.getLast();
        return last.reversed().stream().flatMap(each -> each.items().reversed().stream()).map(Item::position)
                .findFirst();
    }

    void segment(Segment segment) {
        closeCircuit();
        segments.add(segment);
        lines.add(new ArrayList<>());
        notes.add(new StringBuilder(early));
        early.setLength(0);
    }

    /** A circuit goes into the part that is open where that is a main one; else a part is made for it. */
    void circuit(Meaning.Rounds head) {
        closeCircuit();
        boolean fits = !segments.isEmpty() && segments.getLast().role().main()
                && (head.role().isEmpty() || head.role().get() == role() || lines.getLast().isEmpty());
        if (!fits) {
            Segment part = Skeleton.segment(nextSegment(),
                    head.role().filter(Role::main).orElse(Role.TONING));
            segment(head.name().isBlank() ? part : part.withName(shortened(head.name())));
        }
        open = Optional.of(new Open(head, Optional.empty()));
    }

    /** A circuit in the strict form stays in the part in which it stands. */
    void circuit(CircuitHead head) {
        closeCircuit();
        if (segments.isEmpty()) {
            segment(Skeleton.segment(nextSegment(), usual));
        }
        open = Optional.of(new Open(
                new Meaning.Rounds(head.name(), 1, Duration.ZERO, Optional.empty(), Optional.empty()),
                Optional.of(head)));
    }

    /** A line that is not set in ends a circuit whose first line was. */
    void line(boolean setIn) {
        open.ifPresent(circuit -> {
            if (circuit.setIn.isEmpty()) {
                circuit.setIn = Optional.of(setIn);
            } else if (circuit.setIn.get() && !setIn) {
                closeCircuit();
            }
        });
    }

    static String shortened(String name) {
        return name.substring(0, Math.min(name.length(), Segment.LONGEST_NAME));
    }

    void add(List<Entry> found) {
        if (segments.isEmpty()) {
            boolean talk = found.stream().allMatch(each -> each instanceof Pause);
            segment(Skeleton.segment(nextSegment(), talk ? Role.TALK : usual));
        }
        for (Entry entry : found) {
            Entry own = entry instanceof BuildUp && taken.add(entry.id()) ? entry : entry.withId(next);
            if (open.isPresent() && Circuit.mayHold(own)) {
                open.get().inside.add(own);
            } else {
                closeCircuit();
                lines.getLast().add(own.id().equals(next) ? own.withId(next) : own);
            }
            next = next.next();
        }
    }

    /** A second combination of a part joins the first, so that they end in a finale. */
    void combination(BuildUp build) {
        if (segments.isEmpty() || !segments.getLast().role().main() && role() != Role.WARM_UP) {
            segment(Skeleton.segment(nextSegment(), Role.AEROBIC));
        }
        closeCircuit();
        List<Entry> there = lines.getLast();
        for (int at = 0; at < there.size(); at++) {
            if (there.get(at) instanceof BuildUp before) {
                joined(there, at, before, build);
                return;
            }
        }
        there.add(build.withId(next));
        next = next.next();
    }

    private static void joined(List<Entry> there, int at, BuildUp before, BuildUp build) {
        List<Combination> all = new ArrayList<>(before.build().combinations());
        if (all.size() >= Build.COMBINATIONS.most()) {
            return;
        }
        Combination more = build.build().combinations().getFirst();
        boolean usual = more.name().startsWith("Combination ");
        all.add(usual ? more.withName("Combination " + (char) ('A' + all.size())) : more);
        there.set(at, before.with(before.build().withCombinations(all)));
    }

    void note(String text) {
        StringBuilder note = segments.isEmpty() ? early : notes.getLast();
        note.append(note.isEmpty() ? "" : "\n").append(text);
    }

    /** Returns whether one more line fits into the note of the open part. */
    boolean hasRoom(String text) {
        StringBuilder note = segments.isEmpty() ? early : notes.getLast();
        return note.length() + 1 + text.length() <= Segment.LONGEST_NOTE;
    }

    /** The lines of the open part so many times: a circuit of what stands in it. */
    boolean again(int rounds) {
        closeCircuit();
        if (segments.isEmpty()) {
            return false;
        }
        List<Entry> there = lines.getLast();
        boolean free = there.stream().anyMatch(Item.class::isInstance)
                && there.stream().allMatch(Circuit::mayHold);
        if (free) {
            Circuit circuit = new Circuit(next, "Circuit", Math.clamp(rounds, 1, 20), Duration.ZERO, 0,
                    List.copyOf(there), "");
            next = next.next();
            there.clear();
            there.add(circuit);
        }
        return free;
    }

    /** What a circuit ends in: a rest behind its last exercise lies between its rounds, water comes when it is over. */
    void closeCircuit() {
        Optional<Open> closing = open;
        open = Optional.empty();
        closing.ifPresent(this::close);
    }

    private void close(Open circuit) {
        List<Entry> inside = circuit.inside;
        List<Entry> after = new ArrayList<>();
        Duration rest = circuit.head.rest();
        while (circuit.setIn.isPresent() && !circuit.setIn.get() && !inside.isEmpty()
                && inside.getLast() instanceof Pause pause) {
            inside.removeLast();
            if (pause.kind() == Pause.Kind.REST && rest.isZero()
                    && Circuit.REST.problem(pause.length()).isEmpty()) {
                rest = pause.length();
            } else {
                after.addFirst(pause);
            }
        }
        if (circuit.strict.isPresent()) {
            strictly(circuit.strict.get(), inside);
        } else if (inside.stream().anyMatch(Item.class::isInstance)) {
            String name = circuit.head.name().isBlank() ? "Circuit" : shortened(circuit.head.name());
            lines.getLast().add(new Circuit(next, name, circuit.head.rounds(), rest, 0, inside, ""));
            next = next.next();
        } else {
            lines.getLast().addAll(inside);
        }
        lines.getLast().addAll(after);
    }

    private void strictly(CircuitHead head, List<Entry> inside) {
        Reading<Circuit> read = inside.isEmpty()
                ? Reading.refused("A circuit needs its exercises below, set in by two spaces.")
                : head.built(next, List.copyOf(inside));
        next = next.next();
        read.value().ifPresentOrElse(lines.getLast()::add, () -> {
            refused.accept(read.problem());
            lines.getLast().addAll(inside);
        });
    }

    List<Segment> segments() {
        return segments;
    }

    List<List<Entry>> lines() {
        if (segments.isEmpty() && !early.isEmpty()) {
            segment(Skeleton.segment(nextSegment(), Role.TALK));
        }
        return lines;
    }

    String note(int at) {
        return notes.get(at).toString();
    }
}
