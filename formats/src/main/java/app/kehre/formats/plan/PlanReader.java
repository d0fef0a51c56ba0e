package app.kehre.formats.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.stream.Stream;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.School;
import app.kehre.core.dose.Speed;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.music.Bpm;
import app.kehre.core.pace.Pace;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Identity;
import app.kehre.core.plan.Pacing;
import app.kehre.core.plan.PlanId;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;
import app.kehre.formats.json.Cut;
import app.kehre.formats.json.Fields;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.library.ExerciseJson;

/** Reads a document of the current version into a plan, or says everything that is wrong with it. */
final class PlanReader {

    private static final Range OWN = Range.of("the exercises that a plan brings along", 0, 2000);

    private final Map<String, Exercise> own = new LinkedHashMap<>();
    private final EntryReader entries;
    private final Set<SegmentId> segmentIds = new HashSet<>();

    private PlanReader(Library library) {
        this.entries = new EntryReader(own, library);
    }

    static void requireFormat(String file, ObjectNode document) throws UnreadableFile {
        JsonNode format = document.get("format");
        if (format == null || !format.isString() || !format.stringValue().equals(PlanDocument.FORMAT)) {
            throw new UnreadableFile(file,
                    List.of("It is no class plan of Kehre's: format: found %s, expected \"%s\"."
                            .formatted(format == null ? "nothing" : Cut.text(format.toString()),
                                    PlanDocument.FORMAT)));
        }
    }

    /**
     * Reads a plan; nothing when something is at fault, which the fields then say.
     *
     * @param unnamed the id of a plan that has none
     */
    static Optional<PlanDocument> read(Fields fields, Library library, PlanId unnamed) {
        fields.has("format");
        fields.has("version");
        PlanReader reader = new PlanReader(library);
        return reader.plan(fields, unnamed).map(plan -> new PlanDocument(plan, library, fields.unread(),
                List.copyOf(reader.own.values()), Optional.empty()));
    }

    private Optional<ClassPlan> plan(Fields fields, PlanId unnamed) {
        Identity identity = IdentityJson.read(fields, unnamed);
        Set<String> ids = new HashSet<>();
        fields.objects("exercises", false, OWN).forEach(each -> ExerciseJson.readNew(each, ids)
                .ifPresentOrElse(exercise -> own.putIfAbsent(exercise.id(), exercise),
                        () -> entries.faulty(each)));
        Optional<Brief> brief = fields.object("brief").flatMap(BriefJson::read);
        List<Segment> segments = new ArrayList<>();
        fields.objects("segments", true, ClassPlan.SEGMENTS)
                .forEach(each -> segment(each).ifPresent(segments::add));
        if (fields.clean()) {
            entries.requireInsteads();
            requireOptions(fields);
        }
        Pace usual = Pace.usual(brief.map(found -> found.group().older()).orElse(false));
        Pace pace = fields.has("pace")
                ? fields.object("pace").map(inner -> PaceJson.read(inner, usual)).orElse(usual)
                : usual;
        JudgementJson.Read judgement = JudgementJson.read(fields);
        return fields.clean()
                ? fields.built("segments",
                        () -> laidOut(judgement
                                .of(new ClassPlan(brief.orElseThrow(), segments, pace).with(identity))))
                : Optional.empty();
    }

    /** A plan that cannot be laid out is none: what is read can be shown, judged and taught. */
    private static ClassPlan laidOut(ClassPlan plan) {
        return Timeline.of(plan).plan();
    }

    /** What an exercise that the plan brings along names must be there: in the plan or in the library. */
    private void requireOptions(Fields fields) {
        fields.objects("exercises", false, OWN).forEach(each -> {
            Stream.of("easier", "harder").filter(each::has).forEach(option -> each.object(option)
                    .filter(inner -> inner.has("exercise"))
                    .ifPresent(inner -> entries.exercise(inner, "exercise", inner.text("exercise"))));
            each.objectsByName("cautions").values().stream()
                    .filter(inner -> !inner.text("instead", "").isEmpty())
                    .forEach(inner -> entries.exercise(inner, "instead", inner.text("instead")));
        });
    }

    private Optional<Segment> segment(Fields fields) {
        SegmentId id = id(fields, SegmentId::new, segmentIds);
        String name = fields.text("name");
        Role role = fields.term("role", Role.class);
        Duration target = fields.parsed("target", text -> inRange(Lengths.parse(text), Segment.TARGET),
                Duration.ZERO);
        Bpm bpm = new Bpm(fields.whole("bpm", Bpm.RANGE));
        List<Entry> lines = new ArrayList<>();
        fields.objects("entries", true, ClassPlan.LINES)
                .forEach(each -> entries.entry(each).ifPresent(lines::add));
        Pacing pacing = new Pacing(teaching(fields), fields.has("speed")
                ? fields.term("speed", Speed.class)
                : Speed.NATURAL);
        boolean standsAlone = fields.flag("standsAlone");
        boolean leftOut = fields.flag("leftOut");
        return fields.built("name",
                () -> new Segment(id, name, role, target, bpm, lines, pacing, standsAlone, leftOut));
    }

    /** Returns the teaching style of a segment or a line, if it has one of its own. */
    static Optional<School.Teaching> teaching(Fields fields) {
        return fields.has("teaching")
                ? Optional.of(fields.term("teaching", School.Teaching.class))
                : Optional.empty();
    }

    /** Returns the id of a line or a segment, which none before it has; a stand-in when it is at fault. */
    static <T> T id(Fields fields, IntFunction<T> made, Set<T> seen) {
        OptionalInt id = fields.find("id", Identity.NUMBER);
        if (id.isPresent() && !seen.add(made.apply(id.getAsInt()))) {
            fields.report("id", "%d is used twice, expected a number of its own.".formatted(id.getAsInt()));
        }
        return made.apply(id.orElse((int) Identity.NUMBER.least()));
    }

    static Reading<Duration> inRange(Reading<Duration> reading, Range range) {
        return reading.value().flatMap(range::problem).map(Reading::<Duration>refused).orElse(reading);
    }
}
