package app.kehre.core.written;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.edit.Skeleton;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.value.Reading;

/** Reads a class line by line: what cannot be read is kept as a fault, and the rest goes on. */
final class ClassReading {

    private final ClassPlan before;
    private final LineText lines;
    private final KeptLines kept;
    private final List<ClassText.Fault> faults = new ArrayList<>();
    private final List<Segment> segments = new ArrayList<>();
    private final List<List<Entry>> read = new ArrayList<>();
    private final List<Entry> entries = new ArrayList<>();
    /** The lines of the circuit that is being read; empty outside. */
    private final List<Entry> inside = new ArrayList<>();
    private final Set<EntryId> dances = new HashSet<>();
    private Optional<CircuitLine> circuit = Optional.empty();
    private String title;
    private EntryId next;
    private int number;

    private record CircuitLine(int at, String text, CircuitHead head) {}

    ClassReading(ClassPlan before, Library library) {
        this.before = before;
        this.lines = LineText.of(library, before);
        this.kept = new KeptLines(before, lines);
        this.title = before.brief().title();
        this.next = before.nextEntryId();
    }

    ClassText.Read read(String text) {
        for (String line : text.lines().toList()) {
            number++;
            if (!line.isBlank()) {
                line(line);
            }
        }
        close();
        try {
            ClassPlan plan = before.withSegments(filled());
            return new ClassText.Read(plan.with(plan.brief().withTitle(title)), faults);
        } catch (IllegalArgumentException tooLarge) {
            fault("", String.valueOf(tooLarge.getMessage()), List.of());
            return new ClassText.Read(before, faults);
        }
    }

    private void line(String line) {
        String text = line.strip();
        if (text.startsWith("# ")) {
            title = text.substring(2).strip();
        } else if (Heading.is(LineText.bare(line))) {
            heading(LineText.bare(line));
        } else if (line.startsWith(ClassText.INSIDE) && circuit.isPresent()) {
            inside(text);
        } else if (CircuitHead.is(LineText.bare(line))) {
            closeCircuit();
            circuit = Optional
                    .of(new CircuitLine(number, LineText.bare(line), CircuitHead.of(LineText.bare(line))));
        } else {
            closeCircuit();
            entry(text);
        }
    }

    private void heading(String text) {
        closeCircuit();
        closeSegment();
        SegmentId id = new SegmentId(before.nextSegmentId().number() + segments.size());
        Reading<Segment> read = Heading.read(text, id);
        read.value().ifPresentOrElse(segment -> segments.add(kept.segment(segment)), () -> {
            fault(text, read.problem(), read.choices());
            segments.add(Skeleton.segment(id, Role.TONING));
        });
    }

    private void inside(String text) {
        Reading<List<Entry>> read = lines.read(text, role(), next);
        read.value().filter(found -> found.stream().allMatch(Circuit::mayHold)).ifPresentOrElse(found -> {
            inside.addAll(found);
            number(found);
        }, () -> fault(text, read.value().isPresent()
                ? "A circuit holds exercises and pauses only."
                : read.problem(), read.choices()));
    }

    private void entry(String text) {
        Reading<List<Entry>> read = lines.read(text, role(), next);
        read.value().ifPresentOrElse(found -> {
            found.forEach(entry -> entries.add(
                    entry instanceof BuildUp && !dances.add(entry.id()) ? entry.withId(next) : entry));
            number(found);
        }, () -> fault(text, read.problem(), read.choices()));
    }

    private void number(List<Entry> found) {
        next = next.next(found.size());
    }

    private Role role() {
        return segments.isEmpty() ? Role.TONING : segments.getLast().role();
    }

    private void closeCircuit() {
        circuit.ifPresent(line -> {
            Reading<Circuit> read = inside.isEmpty()
                    ? Reading.refused("A circuit needs its exercises below, set in by two spaces.")
                    : built(line);
            read.value().ifPresentOrElse(entries::add, () -> {
                faults.add(new ClassText.Fault(line.at(), line.text(), read.problem(), read.choices()));
                entries.addAll(inside);
            });
        });
        circuit = Optional.empty();
        inside.clear();
    }

    private Reading<Circuit> built(CircuitLine line) {
        Reading<Circuit> read = line.head().built(next, List.copyOf(inside));
        next = next.next();
        return read;
    }

    private void closeSegment() {
        if (segments.isEmpty() && !entries.isEmpty()) {
            segments.add(Skeleton.segment(before.nextSegmentId(), Role.TONING));
        }
        if (!segments.isEmpty()) {
            read.add(List.copyOf(entries));
        }
        entries.clear();
    }

    /** Puts the lines into their segments, with what the text does not say. */
    private List<Segment> filled() {
        List<Segment> filled = new ArrayList<>();
        List<List<Entry>> all = kept.lines(read);
        for (int i = 0; i < segments.size(); i++) {
            Segment segment = segments.get(i);
            try {
                filled.add(segment.withEntries(all.get(i)));
            } catch (IllegalArgumentException refusal) {
                fault(segment.name(), String.valueOf(refusal.getMessage()), List.of());
                filled.add(segment);
            }
        }
        return filled;
    }

    private void close() {
        closeCircuit();
        closeSegment();
    }

    private void fault(String text, String sentence, List<String> choices) {
        faults.add(new ClassText.Fault(number, text, sentence, choices));
    }
}
