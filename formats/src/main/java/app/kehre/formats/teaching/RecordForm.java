package app.kehre.formats.teaching;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;

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
import app.kehre.core.teaching.Debt;
import app.kehre.core.timeline.Tally;
import app.kehre.core.value.Range;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.Notation;

/** The fields of the record of a class, each said once for reading and for writing. */
final class RecordForm {

    private static final Range MILLIS = Range.of("milliseconds", 0, Integer.MAX_VALUE);
    private static final Range NUMBER = Range.of("a number", 1, 1_000_000);
    private static final Range COUNT = Range.of("a count", 0, 1_000_000);
    private static final Range MANY = Range.of("the pieces of a record", 0, 100_000);
    private static final Notation<PlanId> PLAN = new Notation<>(PlanId::toString, PlanId::parse);
    private static final PlanId NO_PLAN = PlanId.of(new byte[0]);
    private static final Notation<LocalDateTime> BEGAN = Notation.time(LocalDateTime::parse,
            "a day and a time such as 2026-11-24T18:31");
    private static final Notation<Tally.Use> USES = Notation.keys(Tally.Use.class);

    /** A line with what was said of it afterwards. */
    private record Noted(LineRecord line, After.Note note) {}

    private RecordForm() {}

    static Optional<ClassRecord> of(Form<ClassRecord> form) {
        Optional<Heading> heading = heading(form.part(ClassRecord::heading));
        boolean learn = form.flag("learn", ClassRecord::learn);
        Optional<Times> times = times(form.part(ClassRecord::times));
        List<SegmentRecord> segments = form.list("segments", MANY, ClassRecord::segments,
                RecordForm::segment);
        List<Noted> lines = form.list("lines", MANY, RecordForm::noted, RecordForm::line);
        Optional<Outcome> outcome = outcome(form.part(ClassRecord::outcome));
        List<Observation> observed = form.listIfAny("observed", MANY, ClassRecord::observed,
                RecordForm::observation);
        Optional<After> after = after(form.part(ClassRecord::after), lines);
        return form.clean()
                ? form.built("lines",
                        () -> new ClassRecord(heading.orElseThrow(), times.orElseThrow(), segments,
                                lines.stream().map(Noted::line).toList(), outcome.orElseThrow(), observed,
                                after.orElseThrow(), learn))
                : Optional.empty();
    }

    private static Optional<Heading> heading(Form<Heading> form) {
        PlanId plan = form.parsed("plan", PLAN, NO_PLAN, Heading::plan);
        String title = form.text("title", Heading::title);
        String group = form.textIfAny("group", Heading::group);
        LocalDateTime began = form.parsed("began", BEGAN, LocalDateTime.MIN, Heading::began);
        Duration slot = millis(form, "slot", Heading::slot);
        Heading.Origin origin = form.term("origin", Heading.Origin.class, Heading::origin);
        return form.built("title", () -> new Heading(plan, title, group, began, slot, origin));
    }

    private static <E> Duration millis(Form<E> form, String name, Function<E, Duration> value) {
        return Duration.ofMillis(form.whole(name, MILLIS, thing -> (int) value.apply(thing).toMillis()));
    }

    private static Optional<Times> times(Form<Times> form) {
        Duration planned = millis(form, "planned", Times::planned);
        Duration predicted = millis(form, "predicted", Times::predicted);
        Duration usual = millis(form, "usual", Times::usual);
        Duration taught = millis(form, "taught", Times::taught);
        return form.built("taught", () -> new Times(planned, predicted, usual, taught));
    }

    private static Optional<SegmentRecord> segment(Form<SegmentRecord> form) {
        SegmentId id = new SegmentId(form.whole("segment", NUMBER, each -> each.segment().number()));
        String name = form.text("name", SegmentRecord::name);
        Role role = form.term("role", Role.class, SegmentRecord::role);
        return times(form.part(SegmentRecord::times))
                .flatMap(times -> form.built("segment", () -> new SegmentRecord(id, name, role, times)));
    }

    private static List<Noted> noted(ClassRecord record) {
        return record.lines().stream().map(line -> new Noted(line, record.after().of(line.line()))).toList();
    }

    private static Optional<Noted> line(Form<Noted> form) {
        Form<LineRecord> inner = form.part(Noted::line);
        EntryId line = new EntryId(inner.whole("line", NUMBER, each -> each.line().number()));
        SegmentId segment = new SegmentId(inner.whole("segment", NUMBER, each -> each.segment().number()));
        String name = inner.text("name", LineRecord::name);
        Duration begins = millis(inner, "begins", LineRecord::begins);
        List<String> exercises = inner.texts("exercises", LineRecord::exercises);
        List<String> combinations = inner.texts("combinations", LineRecord::combinations);
        Map<Tally.Use, Duration> planned = lengths(inner, "planned", LineRecord::planned);
        Map<Tally.Use, Duration> taught = lengths(inner, "taught", LineRecord::taught);
        Optional<After.Note> note = note(form.part(Noted::note));
        return note.flatMap(said -> form.built("line", () -> new Noted(
                new LineRecord(line, segment, name, exercises, combinations, begins, planned, taught),
                said)));
    }

    private static Optional<After.Note> note(Form<After.Note> form) {
        String words = form.textIfAny("note", After.Note::words);
        Optional<Integer> hard = form.wholeIfAny("hard", COUNT, After.Note::hard);
        return form.built("note", () -> new After.Note(words, hard));
    }

    private static <E> Map<Tally.Use, Duration> lengths(Form<E> form, String name,
            Function<E, Map<Tally.Use, Duration>> value) {
        Map<Tally.Use, Duration> lengths = new EnumMap<>(Tally.Use.class);
        form.wholesIfAny(name, USES, MILLIS, thing -> millis(value.apply(thing)))
                .forEach((use, length) -> lengths.put(use, Duration.ofMillis(length)));
        return lengths;
    }

    private static Map<Tally.Use, Integer> millis(Map<Tally.Use, Duration> lengths) {
        Map<Tally.Use, Integer> millis = new TreeMap<>();
        lengths.forEach((use, length) -> millis.put(use, (int) length.toMillis()));
        return millis;
    }

    private static Optional<Outcome> outcome(Form<Outcome> form) {
        List<String> taken = form.textsIfAny("taken", Outcome::taken);
        List<Debt> owed = form.listIfAny("owed", MANY, Outcome::owed, VisitForm::debt);
        Map<EntryId, Integer> counts = new HashMap<>();
        form.listIfAny("counts", MANY, outcome -> outcome.counts().entrySet(), RecordForm::count)
                .forEach(each -> counts.put(each.getKey(), each.getValue()));
        return form.built("counts", () -> new Outcome(taken, owed, counts));
    }

    private static Optional<Map.Entry<EntryId, Integer>> count(Form<Map.Entry<EntryId, Integer>> form) {
        EntryId line = new EntryId(form.whole("line", NUMBER, each -> each.getKey().number()));
        int number = form.whole("number", COUNT, Map.Entry::getValue);
        return form.built("number", () -> Map.entry(line, number));
    }

    private static Optional<Observation> observation(Form<Observation> form) {
        Quantity quantity = form.term("quantity", Quantity.class, Observation::quantity);
        School.Teaching style = form.term("style", School.Teaching.class, Observation::style);
        Role role = form.term("role", Role.class, Observation::role);
        String exercise = form.textIfAny("exercise", Observation::exercise);
        double value = form.number("value", each -> Optional.of(each.value())).orElse(0.0);
        double usual = form.number("usual", each -> Optional.of(each.usual())).orElse(0.0);
        if (usual <= 0) {
            form.report("usual", "found %s, expected the usual value, more than 0.".formatted(usual));
        }
        return form.built("usual", () -> new Observation(quantity, style, role, exercise, value, usual));
    }

    private static Optional<After> after(Form<After> form, List<Noted> lines) {
        Optional<Integer> people = form.wholeIfAny("people", COUNT, After::people);
        Optional<Integer> newcomers = form.wholeIfAny("newcomers", COUNT, After::newcomers);
        Optional<Integer> hard = form.wholeIfAny("hard", COUNT, After::hard);
        String next = form.textIfAny("next", After::next);
        Map<EntryId, After.Note> notes = new HashMap<>();
        lines.forEach(each -> notes.put(each.line().line(), each.note()));
        return form.built("people", () -> new After(people, newcomers, hard, next, notes));
    }
}
