package app.kehre.formats.teaching;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.brief.School;
import app.kehre.core.exercise.Role;
import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Heading;
import app.kehre.core.log.LineRecord;
import app.kehre.core.log.Observation;
import app.kehre.core.log.Outcome;
import app.kehre.core.log.SegmentRecord;
import app.kehre.core.log.Times;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.PlanId;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Tally;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;
import app.kehre.formats.json.Fields;

/** The record of a class as JSON. */
final class RecordJson {

    private static final Range MILLIS = Range.of("milliseconds", 0, Integer.MAX_VALUE);
    private static final Range NUMBER = Range.of("a number", 1, 1_000_000);
    private static final Range COUNT = Range.of("a count", 0, 1_000_000);
    private static final Range MANY = Range.of("the pieces of a record", 0, 100_000);
    private static final PlanId NO_PLAN = PlanId.of(new byte[0]);

    private RecordJson() {}

    static void write(ClassRecord record, ObjectNode node) {
        Heading heading = record.heading();
        node.put("plan", heading.plan().toString()).put("title", heading.title())
                .put("group", heading.group())
                .put("began", heading.began().toString()).put("slot", heading.slot().toMillis())
                .put("origin", heading.origin().key()).put("learn", record.learn());
        write(record.times(), node);
        ArrayNode segments = node.putArray("segments");
        record.segments().forEach(each -> write(each.times(), segments.addObject()
                .put("segment", number(each.segment())).put("name", each.name())
                .put("role", each.role().key())));
        ArrayNode lines = node.putArray("lines");
        record.lines().forEach(each -> write(each, record.after().of(each.line()), lines.addObject()));
        writeOutcome(record.outcome(), node);
        ArrayNode observed = node.putArray("observed");
        record.observed().forEach(each -> observed.addObject().put("quantity", each.quantity().key())
                .put("style", each.style().key()).put("role", each.role().key())
                .put("exercise", each.exercise())
                .put("value", each.value()).put("usual", each.usual()));
        After after = record.after();
        after.people().ifPresent(each -> node.put("people", each));
        after.newcomers().ifPresent(each -> node.put("newcomers", each));
        after.hard().ifPresent(each -> node.put("hard", each));
        node.put("next", after.next());
    }

    private static void write(Times times, ObjectNode node) {
        node.put("planned", times.planned().toMillis()).put("predicted", times.predicted().toMillis())
                .put("usual", times.usual().toMillis()).put("taught", times.taught().toMillis());
    }

    private static void write(LineRecord line, After.Note note, ObjectNode node) {
        node.put("line", Integer.parseInt(line.line().toString())).put("segment", number(line.segment()))
                .put("name", line.name()).put("begins", line.begins().toMillis());
        ArrayNode exercises = node.putArray("exercises");
        line.exercises().forEach(exercises::add);
        ArrayNode combinations = node.putArray("combinations");
        line.combinations().forEach(combinations::add);
        write(line.planned(), node.putObject("planned"));
        write(line.taught(), node.putObject("taught"));
        if (!note.words().isEmpty()) {
            node.put("note", note.words());
        }
        note.hard().ifPresent(each -> node.put("hard", each));
    }

    private static void write(Map<Tally.Use, Duration> lengths, ObjectNode node) {
        uses(lengths).forEach((use, length) -> node.put(use.key(), length.toMillis()));
    }

    private static Map<Tally.Use, Duration> uses(Map<Tally.Use, Duration> lengths) {
        Map<Tally.Use, Duration> sorted = new EnumMap<>(Tally.Use.class);
        sorted.putAll(lengths);
        return sorted;
    }

    private static void writeOutcome(Outcome outcome, ObjectNode node) {
        ArrayNode taken = node.putArray("taken");
        outcome.taken().forEach(taken::add);
        ArrayNode owed = node.putArray("owed");
        outcome.owed().forEach(debt -> VisitJson.write(debt, owed.addObject()));
        ArrayNode counts = node.putArray("counts");
        outcome.counts()
                .forEach((line, number) -> counts.addObject().put("line", Integer.parseInt(line.toString()))
                        .put("number", number));
    }

    private static int number(SegmentId id) {
        return Integer.parseInt(id.toString());
    }

    static Optional<ClassRecord> read(Fields fields) {
        Heading heading = new Heading(fields.parsed("plan", PlanId::parse, NO_PLAN), fields.text("title"),
                fields.text("group", ""), fields.parsed("began", RecordJson::began, LocalDateTime.MIN),
                millis(fields, "slot"), fields.term("origin", Heading.Origin.class));
        List<Fields> lines = fields.objects("lines", true, MANY);
        List<SegmentRecord> segments = fields.objects("segments", true, MANY).stream()
                .map(each -> new SegmentRecord(new SegmentId(Math.max(1, each.whole("segment", NUMBER))),
                        each.text("name"), each.term("role", Role.class), times(each)))
                .toList();
        List<LineRecord> read = lines.stream().map(RecordJson::line).toList();
        List<Observation> observed = fields.objects("observed", false, MANY).stream()
                .map(each -> new Observation(each.term("quantity", Quantity.class),
                        each.term("style", School.Teaching.class), each.term("role", Role.class),
                        each.text("exercise", ""),
                        each.number("value").orElse(0), positive(each)))
                .toList();
        boolean learn = fields.flag("learn");
        return after(fields, lines).map(after -> new ClassRecord(heading, times(fields), segments, read,
                outcome(fields), observed, after, learn));
    }

    private static double positive(Fields fields) {
        double usual = fields.number("usual").orElse(0);
        if (usual <= 0) {
            fields.report("usual", "found %s, expected the usual value, more than 0.".formatted(usual));
        }
        return usual;
    }

    private static Reading<LocalDateTime> began(String text) {
        try {
            return Reading.of(LocalDateTime.parse(text));
        } catch (DateTimeException none) {
            return Reading.refused(
                    "found \"%s\", expected a day and a time such as 2026-11-24T18:31.".formatted(text));
        }
    }

    private static Duration millis(Fields fields, String name) {
        return Duration.ofMillis(fields.whole(name, MILLIS));
    }

    private static Times times(Fields fields) {
        return new Times(millis(fields, "planned"), millis(fields, "predicted"), millis(fields, "usual"),
                millis(fields, "taught"));
    }

    private static LineRecord line(Fields fields) {
        return new LineRecord(new EntryId(Math.max(1, fields.whole("line", NUMBER))),
                new SegmentId(Math.max(1, fields.whole("segment", NUMBER))), fields.text("name"),
                fields.texts("exercises"), fields.texts("combinations"), millis(fields, "begins"),
                lengths(fields, "planned"), lengths(fields, "taught"));
    }

    private static Map<Tally.Use, Duration> lengths(Fields fields, String name) {
        Map<Tally.Use, Duration> lengths = new EnumMap<>(Tally.Use.class);
        fields.wholesByName(name, MILLIS).forEach((key, length) -> fields.find(Tally.Use.class, name, key)
                .ifPresent(use -> lengths.put(use, Duration.ofMillis(length))));
        return lengths;
    }

    private static Outcome outcome(Fields fields) {
        Map<EntryId, Integer> counts = new HashMap<>();
        fields.objects("counts", false, MANY).forEach(each -> counts
                .put(new EntryId(Math.max(1, each.whole("line", NUMBER))), each.whole("number", COUNT)));
        return new Outcome(fields.texts("taken"),
                fields.objects("owed", false, MANY).stream().map(VisitJson::debt).toList(), counts);
    }

    private static Optional<After> after(Fields fields, List<Fields> lines) {
        Map<EntryId, After.Note> notes = new HashMap<>();
        lines.forEach(each -> each
                .built("note", () -> new After.Note(each.text("note", ""), found(each, "hard")))
                .ifPresent(note -> notes.put(new EntryId(Math.max(1, each.whole("line", NUMBER))), note)));
        return fields.built("people", () -> new After(found(fields, "people"), found(fields, "newcomers"),
                found(fields, "hard"), fields.text("next", ""), notes));
    }

    private static Optional<Integer> found(Fields fields, String name) {
        if (!fields.has(name)) {
            return Optional.empty();
        }
        OptionalInt number = fields.find(name, COUNT);
        return number.isPresent() ? Optional.of(number.getAsInt()) : Optional.empty();
    }
}
