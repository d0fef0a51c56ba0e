package app.kehre.formats.teaching;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.teaching.Course;
import app.kehre.core.teaching.Debt;
import app.kehre.core.teaching.Press;
import app.kehre.core.teaching.Spot;
import app.kehre.core.teaching.Teaching;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.teaching.Visit;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;
import app.kehre.formats.json.Fields;
import app.kehre.formats.json.JsonText;
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
        node.put("place", place.toString()).put("hardEnd", hardEnd.toString());
        var longer = node.putArray("more");
        more.forEach((spot, amount) -> SpotJson.write(spot, longer.addObject()).put("amount", amount));
        var repeated = node.putArray("again");
        again.forEach((stage, times) -> SpotJson.write(stage, repeated.addObject()).put("times", times));
        var taught = node.putArray("visits");
        visits.forEach(visit -> VisitJson.write(visit, taught.addObject()));
        var written = node.putArray("forgiven");
        forgiven.forEach(debt -> VisitJson.write(debt, written.addObject()));
        var pressed = node.putArray("events");
        events.forEach(event -> {
            ObjectNode one = pressed.addObject().put("at", event.at().toString())
                    .put("wall", event.wall().toString()).put("press", event.press().key());
            event.line().ifPresent(line -> one.put("line", Integer.parseInt(line.toString())));
        });
        return JsonText.line(node);
    }

    /**
     * Reads what was written.
     *
     * @throws UnreadableFile when it is damaged
     */
    public static RunDocument read(String file, byte[] bytes) throws UnreadableFile {
        return JsonText.parse(file, bytes, MOST_VALUES).read(RunDocument::read);
    }

    private static RunDocument read(Fields fields) {
        return new RunDocument(length(fields, "place"), instant(fields, "hardEnd"),
                pairs(fields, "more", SpotJson::spot, "amount"),
                pairs(fields, "again", SpotJson::stage, "times"),
                fields.objects("visits", true, MANY).stream().map(VisitJson::visit).toList(),
                fields.objects("forgiven", true, MANY).stream().map(VisitJson::debt).toList(),
                fields.objects("events", true, MANY).stream().map(RunDocument::event).toList());
    }

    private static <T> Map<T, Integer> pairs(Fields fields, String name, Function<Fields, T> key,
            String value) {
        return fields.objects(name, true, MANY).stream()
                .collect(Collectors.toMap(key, each -> each.whole(value, AMOUNT),
                        Integer::sum));
    }

    private static Teaching.Event event(Fields fields) {
        return new Teaching.Event(length(fields, "at"), instant(fields, "wall"),
                Press.read(fields.text("press")),
                fields.has("line") ? Optional.of(SpotJson.line(fields)) : Optional.empty());
    }

    static Duration length(Fields fields, String name) {
        return fields.parsed(name, text -> parsed(text, Duration::parse, "a length such as PT1M30S"),
                Duration.ZERO);
    }

    private static Instant instant(Fields fields, String name) {
        return fields.parsed(name,
                text -> parsed(text, Instant::parse, "a time such as 2026-11-24T18:30:00Z"),
                Instant.EPOCH);
    }

    private static <T> Reading<T> parsed(String text, Function<String, T> parse, String expected) {
        try {
            return Reading.of(parse.apply(text));
        } catch (DateTimeException none) {
            return Reading.refused("\"%s\" is not %s.".formatted(text, expected));
        }
    }
}
