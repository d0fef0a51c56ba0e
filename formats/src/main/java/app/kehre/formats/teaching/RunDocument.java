package app.kehre.formats.teaching;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.teaching.Course;
import app.kehre.core.teaching.Debt;
import app.kehre.core.teaching.Press;
import app.kehre.core.teaching.Spot;
import app.kehre.core.teaching.Teaching;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.teaching.Visit;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Range;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.JsonText;
import app.kehre.formats.json.Notation;
import app.kehre.formats.json.UnreadableFile;

/**
 * How far a class is: what was pressed, what was taught, where it stands.
 *
 * @param place the place in the class
 * @param hardEnd when the room must be free, by the clock on the wall
 * @param more by how much spans are longer
 * @param again how often the last passes of stages are danced again
 * @param visits what was taught
 * @param forgiven the sides that were forgiven
 * @param events what was pressed
 */
public record RunDocument(Duration place, Instant hardEnd, Map<Spot, Integer> more,
        Map<Course.StageSpot, Integer> again, List<Visit> visits, List<Debt> forgiven,
        List<Teaching.Event> events) {

    private static final int MOST_VALUES = 2_000_000;
    private static final Range MANY = Range.of("the pieces of a class that was taught", 0, 200_000);
    private static final Range LINE = Range.of("a number", 1, 1_000_000);
    private static final Notation<Instant> INSTANT = Notation.time(Instant::parse,
            "a time such as 2026-11-24T18:30:00Z");
    private static final Range AMOUNT = Range.of("an amount", -1_000_000, 1_000_000);

    /** Returns a class that is taught as it stands at an instant of its clock. */
    public static RunDocument of(Teaching teaching, Instant now) {
        TeachingRun run = teaching.run().upTo(now);
        return new RunDocument(run.place(), run.hardEnd(), run.course().more(), run.course().again(),
                run.visits(), run.forgiven(), teaching.events());
    }

    /** Returns the class with which the teaching began, as it stood. */
    public Course course(Timeline planned, ClassPlan now) {
        return Course.of(planned, now, more, again);
    }

    /** Returns it as one line of JSON. */
    public byte[] bytes() {
        ObjectNode node = JsonText.object();
        var _ = of(Form.writing(this, node));
        return JsonText.line(node);
    }

    /**
     * Reads what was written.
     *
     * @throws UnreadableFile when it is damaged
     */
    public static RunDocument read(String file, byte[] bytes) throws UnreadableFile {
        return JsonText.parse(file, bytes, MOST_VALUES).read(fields -> of(Form.reading(fields)))
                .orElseThrow(() -> new IllegalStateException("nothing was read and nothing was wrong"));
    }

    private static Optional<RunDocument> of(Form<RunDocument> form) {
        Duration place = form.parsed("place", VisitForm.LENGTH, Duration.ZERO, RunDocument::place);
        Instant hardEnd = form.parsed("hardEnd", INSTANT, Instant.EPOCH, RunDocument::hardEnd);
        Map<Spot, Integer> more = pairs(form, "more", RunDocument::more, SpotForm::of, "amount");
        Map<Course.StageSpot, Integer> again = pairs(form, "again", RunDocument::again, SpotForm::stage,
                "times");
        List<Visit> visits = form.list("visits", MANY, RunDocument::visits, VisitForm::of);
        List<Debt> forgiven = form.list("forgiven", MANY, RunDocument::forgiven, VisitForm::debt);
        List<Teaching.Event> events = form.list("events", MANY, RunDocument::events, RunDocument::event);
        return form.built("visits",
                () -> new RunDocument(place, hardEnd, more, again, visits, forgiven, events));
    }

    private static <K> Map<K, Integer> pairs(Form<RunDocument> form, String name,
            Function<RunDocument, Map<K, Integer>> value, Function<Form<K>, Optional<K>> key, String amount) {
        return form
                .list(name, MANY, run -> value.apply(run).entrySet(), (Form<Map.Entry<K, Integer>> each) -> {
                    Optional<K> found = key.apply(each.part(Map.Entry::getKey));
                    int number = each.whole(amount, AMOUNT, Map.Entry::getValue);
                    return found.map(one -> Map.entry(one, number));
                }).stream().collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, Integer::sum));
    }

    private static Optional<Teaching.Event> event(Form<Teaching.Event> form) {
        Duration at = form.parsed("at", VisitForm.LENGTH, Duration.ZERO, Teaching.Event::at);
        Instant wall = form.parsed("wall", INSTANT, Instant.EPOCH, Teaching.Event::wall);
        String press = form.text("press", event -> event.press().key());
        Optional<EntryId> line = form.wholeIfAny("line", LINE, event -> event.line().map(EntryId::number))
                .map(EntryId::new);
        return form.built("press", () -> new Teaching.Event(at, wall, Press.read(press), line));
    }
}
