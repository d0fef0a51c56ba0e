package app.kehre.formats.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.brief.Brief;
import app.kehre.core.dose.Bpm;
import app.kehre.core.dose.Lengths;
import app.kehre.core.dose.Range;
import app.kehre.core.dose.Reading;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.ClassTimes;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Segment;
import app.kehre.formats.json.Fields;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.library.ExerciseJson;

/** Reads a document of the current version into a plan, or says everything that is wrong with it. */
final class PlanReader {

    static final Range ID = Range.of("an id", 1, 1_000_000);

    private final Map<String, Exercise> own = new HashMap<>();
    private final EntryReader entries;
    private final Set<Integer> segmentIds = new HashSet<>();

    private PlanReader(Library library) {
        this.entries = new EntryReader(own, library);
    }

    static void requireFormat(String file, ObjectNode document) throws UnreadableFile {
        JsonNode format = document.get("format");
        if (format == null || !format.isString() || !format.stringValue().equals(PlanDocument.FORMAT)) {
            throw new UnreadableFile(file,
                    List.of("It is no class plan of Kehre's: format: found %s, expected \"%s\"."
                            .formatted(format == null ? "nothing" : format, PlanDocument.FORMAT)));
        }
    }

    static ClassPlan read(String file, ObjectNode document, Library library) throws UnreadableFile {
        Fields fields = Fields.of(document);
        Optional<ClassPlan> plan = new PlanReader(library).plan(fields);
        if (!fields.problems().isEmpty()) {
            throw new UnreadableFile(file, fields.problems());
        }
        return plan.orElseThrow();
    }

    private Optional<ClassPlan> plan(Fields fields) {
        fields.objects("exercises", false)
                .forEach(each -> ExerciseJson.read(each)
                        .ifPresent(exercise -> own.put(exercise.id(), exercise)));
        Optional<Brief> brief = fields.object("brief").flatMap(BriefJson::read);
        List<Segment> segments = new ArrayList<>();
        fields.objects("segments", true).forEach(each -> segment(each).ifPresent(segments::add));
        ClassTimes times = fields.has("times")
                ? fields.object("times").map(PlanReader::times).orElse(ClassTimes.USUAL)
                : ClassTimes.usual(brief.map(found -> found.group().older()).orElse(false));
        return fields.problems().isEmpty()
                ? brief.map(found -> JudgementJson.read(fields, new ClassPlan(found, segments, times)))
                : Optional.empty();
    }

    private static ClassTimes times(Fields fields) {
        int[] seconds = PlanWriter.TIMES.stream().mapToInt(
                name -> Math
                        .toIntExact(fields.parsed(name, text -> inRange(Lengths.parse(text), ClassTimes.EACH),
                                Duration.ZERO).toSeconds()))
                .toArray();
        return ClassTimes.of(seconds);
    }

    private Optional<Segment> segment(Fields fields) {
        int id = id(fields, segmentIds);
        String name = fields.text("name");
        Role role = fields.term("role", Role.class);
        Duration target = fields.parsed("target", text -> inRange(Lengths.parse(text), Segment.TARGET),
                Duration.ZERO);
        Bpm bpm = new Bpm(fields.whole("bpm", Bpm.RANGE));
        List<Entry> lines = new ArrayList<>();
        fields.objects("entries", true).forEach(each -> entries.entry(each).ifPresent(lines::add));
        boolean standsAlone = fields.flag("standsAlone");
        boolean leftOut = fields.flag("leftOut");
        return fields.built("name",
                () -> new Segment(id, name, role, target, bpm, lines, standsAlone, leftOut));
    }

    static int id(Fields fields, Set<Integer> seen) {
        int id = fields.whole("id", ID);
        if (!seen.add(id)) {
            fields.report("id", "%d is used twice, expected a number of its own.".formatted(id));
        }
        return id;
    }

    static Reading<Duration> inRange(Reading<Duration> reading, Range range) {
        return reading.value().flatMap(range::problem).map(Reading::<Duration>refused).orElse(reading);
    }
}
