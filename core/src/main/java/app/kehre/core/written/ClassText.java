package app.kehre.core.written;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;

/**
 * A class as plain text: a title, a heading for each segment, a line for each line, the lines of a circuit set in by two
 * spaces. What a text does not say (how long something is explained, what changes in a round, what stands in a build-up) stays
 * as it was in the class that the text is taken back into, for the lines that are still there.
 */
public final class ClassText {

    private static final String TITLE = "# ";
    static final String INSIDE = "  ";

    private ClassText() {}

    /**
     * Something that could not be read.
     *
     * @param line its number, from 1
     * @param text what stands there
     * @param sentence what is wrong with it
     * @param choices how the whole line could be written
     */
    public record Fault(int line, String text, String sentence, List<String> choices) {
        public Fault {
            choices = List.copyOf(choices);
        }
    }

    /**
     * What came of reading a text.
     *
     * @param plan the class of what could be read
     * @param faults the lines that could not, or not surely
     * @param lines every line that is not empty, and how it was read
     */
    public record Read(ClassPlan plan, List<Fault> faults, List<ReadLine> lines) {
        public Read {
            faults = List.copyOf(faults);
            lines = List.copyOf(lines);
        }
    }

    /** Returns a class as text. */
    public static String print(ClassPlan plan, Library library) {
        LineText lines = LineText.of(library, plan);
        StringBuilder text = new StringBuilder(TITLE).append(plan.brief().title()).append('\n');
        for (Segment segment : plan.segments()) {
            text.append('\n').append(print(segment, lines));
        }
        return text.toString();
    }

    /** Returns one segment of a class as text. */
    public static String print(ClassPlan plan, SegmentId segment, Library library) {
        return print(plan.segment(segment), LineText.of(library, plan));
    }

    private static String print(Segment segment, LineText lines) {
        StringBuilder text = new StringBuilder(Heading.print(segment)).append('\n');
        segment.note().lines().forEach(note -> text.append(ClassReading.NOTE).append(note).append('\n'));
        for (Entry entry : segment.entries()) {
            text.append(lines.print(entry)).append('\n');
            entry.inside().forEach(inner -> text.append(INSIDE).append(lines.print(inner)).append('\n'));
        }
        return text.toString();
    }

    /**
     * Reads a text as a class.
     *
     * @param before the class that it is taken back into: its brief, its pace and what the text does not say stay
     */
    public static Read read(String text, ClassPlan before, Library library) {
        return read(text, before, library, LineText.of(library, before), Map.of());
    }

    /**
     * Reads a text as a class.
     *
     * @param lines reads its lines, made before
     * @param chosen by the number of a line which of its readings was chosen, from 0; -1 for its note
     */
    public static Read read(String text, ClassPlan before, Library library, LineText lines,
            Map<Integer, Integer> chosen) {
        return new ClassReading(before, library, lines, chosen).read(text);
    }

    /** Reads a text as a new class: a plan without a line. */
    public static Read read(String text, Brief brief, Library library) {
        return read(text, new ClassPlan(brief, List.of()), library);
    }

    /**
     * Reads a text as one segment of a class, or as several where it has more headings; the others stay.
     *
     * @param segment in whose place it comes
     */
    public static Read readSegment(String text, ClassPlan before, SegmentId segment, Library library) {
        return readSegment(text, before, segment, library, LineText.of(library, before), Map.of());
    }

    /** Reads a text as one segment of a class, with readings that were chosen. */
    public static Read readSegment(String text, ClassPlan before, SegmentId segment, Library library,
            LineText lines, Map<Integer, Integer> chosen) {
        // Only its own lines are found again in it: those of other segments stay where they are.
        Read read = read(text, before.withSegments(List.of(before.segment(segment))), library, lines, chosen);
        List<Segment> segments = new ArrayList<>();
        for (Segment each : before.segments()) {
            if (each.id().equals(segment)) {
                segments.addAll(read.plan().segments());
            } else {
                segments.add(each);
            }
        }
        return new Read(before.withSegments(segments), read.faults(), read.lines());
    }
}
