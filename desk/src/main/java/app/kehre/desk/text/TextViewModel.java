package app.kehre.desk.text;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.shorthand.Shorthand;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.core.written.ClassText;
import app.kehre.core.written.LineText;
import app.kehre.core.written.ReadLine;
import app.kehre.desk.control.Latest;
import app.kehre.desk.session.OpenPlan;

/** The open class as text, without a single node. */
public final class TextViewModel {

    private final OpenPlan open;
    private final Supplier<Library> library;
    private final Supplier<Optional<SegmentId>> segment;
    private final Latest reading = new Latest("text");
    private Optional<SegmentId> only = Optional.empty();
    /** The class whose text is shown. */
    private ClassPlan printed;
    /** Which reading was chosen for a line, by what is written there: it stays when lines come and go above it. */
    private final Map<String, Integer> chosen = new HashMap<>();
    private final Readers readers = new Readers();

    /**
     * Makes a view model.
     *
     * @param library what a text may name
     * @param segment the segment that is chosen
     */
    public TextViewModel(OpenPlan open, Supplier<Library> library, Supplier<Optional<SegmentId>> segment) {
        this.open = open;
        this.library = library;
        this.segment = segment;
        this.printed = open.plan();
    }

    /** Tells when the class has changed. */
    void onChange(Runnable told) {
        open.settled().addListener(_ -> told.run());
    }

    /** Returns whether the class has changed beside the text, by a mend or by another file. */
    boolean outdated() {
        return !open.plan().equals(printed);
    }

    /**
     * What a text would make of the class.
     *
     * @param read the class, and each line as it was read
     * @param words how many lines were read and how long the class would be, or what stands against it
     */
    record Outcome(ClassText.Read read, String words) {

        /** Returns the lines that wait to be chosen. */
        List<ReadLine> toChoose() {
            return read.lines().stream().filter(each -> each.how() == ReadLine.How.TO_CHOOSE).toList();
        }

        /** Returns what stands against taking it over, beside lines that wait to be chosen. */
        Optional<ClassText.Fault> against() {
            Set<Integer> waiting = toChoose().stream().map(ReadLine::number).collect(Collectors.toSet());
            return read.faults().stream().filter(each -> !waiting.contains(each.line())).findFirst();
        }
    }

    /** Makes the reader of lines once for a library: it gathers all names. */
    private static final class Readers {
        private @Nullable Shorthand reader;
        private @Nullable Library of;

        private synchronized Shorthand of(Library library) {
            Shorthand known = reader;
            if (known == null || of != library) {
                known = Shorthand.of(library.all());
                reader = known;
                of = library;
            }
            return known;
        }
    }

    /**
     * Chooses a reading for all lines of a text.
     *
     * @param line what is written
     * @param reading from 0; -1 for its note
     */
    void choose(String line, int reading) {
        chosen.put(line.strip(), reading);
    }

    /** Returns the text of the whole class, or of the chosen segment alone. */
    String print(boolean whole) {
        ClassPlan plan = open.plan();
        printed = plan;
        only = whole ? Optional.empty() : segment.get().filter(id -> plan.findSegment(id).isPresent());
        return only.map(id -> ClassText.print(plan, id, library.get()))
                .orElseGet(() -> ClassText.print(plan, library.get()));
    }

    /** Returns the name of the segment that is shown alone; nothing for the whole class. */
    Optional<String> alone() {
        return only.flatMap(open.plan()::findSegment).map(Segment::name);
    }

    /** Reads a text beside the JavaFX thread; only the latest is told. */
    void ask(String text, Consumer<Outcome> told) {
        ClassPlan before = open.plan();
        Optional<SegmentId> part = only;
        Library all = library.get();
        Map<Integer, Integer> choices = choices(text);
        reading.ask(() -> outcome(text, before, part, all, choices), told);
    }

    private Map<Integer, Integer> choices(String text) {
        Map<Integer, Integer> choices = new HashMap<>();
        List<String> lines = text.lines().toList();
        for (int at = 0; at < lines.size() && !chosen.isEmpty(); at++) {
            Integer choice = chosen.get(lines.get(at).strip());
            if (choice != null) {
                choices.put(at + 1, choice);
            }
        }
        return choices;
    }

    private Outcome outcome(String text, ClassPlan before, Optional<SegmentId> part, Library library,
            Map<Integer, Integer> choices) {
        LineText lines = LineText.of(library, before, readers.of(library));
        ClassText.Read read = part.filter(id -> before.findSegment(id).isPresent())
                .map(id -> ClassText.readSegment(text, before, id, library, lines, choices))
                .orElseGet(() -> ClassText.read(text, before, library, lines, choices));
        Outcome plain = new Outcome(read, "");
        Optional<ClassText.Fault> against = plain.against();
        return new Outcome(read, against.isPresent()
                ? "Line %d: %s".formatted(against.get().line(), against.get().sentence())
                : words(read));
    }

    /** "24 lines: 21 read, 2 to choose, 1 a note; 44:10 of 45:00, 0:50 to spare". */
    private static String words(ClassText.Read read) {
        Timeline timeline = Timeline.of(read.plan());
        String length = "%s of %s, %s".formatted(Lengths.clock(timeline.fit().length()),
                Lengths.clock(timeline.fit().slot()), timeline.fit().words());
        long waiting = read.lines().stream().filter(each -> each.how() == ReadLine.How.TO_CHOOSE).count();
        long notes = read.lines().stream().filter(each -> each.how() == ReadLine.How.NOTE).count();
        if (waiting == 0 && notes == 0) {
            return length;
        }
        String total = "%s of %s".formatted(Lengths.clock(timeline.fit().length()),
                Lengths.clock(timeline.fit().slot()));
        String kept = notes == 0 ? "" : ", %d kept as %s".formatted(notes, notes == 1 ? "a note" : "notes");
        return "%d lines: %d read%s%s \u00b7 %s".formatted(read.lines().size(),
                read.lines().size() - waiting - notes,
                waiting == 0 ? "" : ", %d to choose".formatted(waiting), kept, total);
    }

    /**
     * Takes a text over as one step. A line that cannot be read is never lost: it is a note of its segment. What has changed beside
     * the text is lost only when that is wanted.
     *
     * @param inPlace whether it may come in the place of what has changed beside it
     * @param unchosen whether lines that wait to be chosen may stay as notes
     * @return why it was not taken; empty when it was
     */
    String take(String text, boolean inPlace, boolean unchosen) {
        if (!open.plan().identity().plan().equals(printed.identity().plan())) {
            return "Another class is open now. Copy what you need, then leave.";
        }
        if (only.isPresent() && alone().isEmpty()) {
            return "This segment is no longer in the class. Copy what you need, then leave.";
        }
        if (outdated() && !inPlace) {
            return "The class has changed beside this text. Take it once more to put the text in its place.";
        }
        Outcome outcome = outcome(text, open.plan(), only, library.get(), choices(text));
        if (outcome.against().isPresent()) {
            return outcome.words();
        }
        int waiting = outcome.toChoose().size();
        if (waiting > 0 && !unchosen) {
            return (waiting == 1
                    ? "One line waits to be chosen. "
                    : "%d lines wait to be chosen. ".formatted(waiting))
                    + "Ctrl+Enter once more keeps %s as %s.".formatted(waiting == 1 ? "it" : "them",
                            waiting == 1 ? "a note" : "notes");
        }
        open.edit(alone().map("Text of "::concat).orElse("Class as text"), _ -> outcome.read().plan());
        return "";
    }
}
