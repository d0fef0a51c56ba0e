package app.kehre.desk.text;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.core.written.ClassText;
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
     * @param read the class and the lines that could not be read
     * @param words how long it would be, or how many lines cannot be read
     */
    record Outcome(ClassText.Read read, String words) {}

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
        reading.ask(() -> outcome(text, before, part, all), told);
    }

    private static Outcome outcome(String text, ClassPlan before, Optional<SegmentId> part, Library library) {
        ClassText.Read read = part.filter(id -> before.findSegment(id).isPresent())
                .map(id -> ClassText.readSegment(text, before, id, library))
                .orElseGet(() -> ClassText.read(text, before, library));
        int faults = read.faults().size();
        if (faults > 0) {
            return new Outcome(read,
                    "%d %s cannot be read".formatted(faults, faults == 1 ? "line" : "lines"));
        }
        Timeline timeline = Timeline.of(read.plan());
        return new Outcome(read, "%s of %s, %s".formatted(Lengths.clock(timeline.fit().length()),
                Lengths.clock(timeline.fit().slot()), timeline.fit().words()));
    }

    /**
     * Takes a text over as one step. A line that cannot be read is never lost, and what has changed beside the text only
     * when that is wanted.
     *
     * @param inPlace whether it may come in the place of what has changed beside it
     * @return why it was not taken; empty when it was
     */
    String take(String text, boolean inPlace) {
        if (!open.plan().identity().plan().equals(printed.identity().plan())) {
            return "Another class is open now. Copy what you need, then leave.";
        }
        if (only.isPresent() && alone().isEmpty()) {
            return "This segment is no longer in the class. Copy what you need, then leave.";
        }
        if (outdated() && !inPlace) {
            return "The class has changed beside this text. Take it once more to put the text in its place.";
        }
        Outcome outcome = outcome(text, open.plan(), only, library.get());
        if (!outcome.read().faults().isEmpty()) {
            return outcome.words();
        }
        open.edit(alone().map("Text of "::concat).orElse("Class as text"), _ -> outcome.read().plan());
        return "";
    }

    /** Returns a text without some of its lines. */
    static String without(String text, List<ClassText.Fault> faults) {
        Set<Integer> lines = faults.stream().map(ClassText.Fault::line).collect(Collectors.toSet());
        List<String> all = text.lines().toList();
        StringBuilder kept = new StringBuilder();
        for (int i = 0; i < all.size(); i++) {
            if (!lines.contains(i + 1)) {
                kept.append(all.get(i)).append('\n');
            }
        }
        return kept.toString();
    }

    /** Returns a text with another line in the place of one. */
    static String with(String text, int line, String other) {
        List<String> all = text.lines().toList();
        StringBuilder changed = new StringBuilder();
        for (int i = 0; i < all.size(); i++) {
            String before = all.get(i);
            String inset = before.substring(0, before.length() - before.stripLeading().length());
            changed.append(i + 1 == line ? inset + other : before).append('\n');
        }
        return changed.toString();
    }
}
