package app.kehre.formats.plan;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.dose.Bpm;
import app.kehre.core.dose.Lengths;
import app.kehre.core.dose.Range;
import app.kehre.core.dose.Reading;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.plan.Brief;
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
        Optional<Brief> brief = fields.object("brief").flatMap(this::brief);
        List<Segment> segments = new ArrayList<>();
        fields.objects("segments", true).forEach(each -> segment(each).ifPresent(segments::add));
        ClassTimes times = fields.has("times")
                ? fields.object("times").map(PlanReader::times).orElse(ClassTimes.USUAL)
                : ClassTimes.usual(brief.map(Brief::older).orElse(false));
        return fields.problems().isEmpty()
                ? brief.map(found -> new ClassPlan(found, segments, times))
                : Optional.empty();
    }

    private Optional<Brief> brief(Fields fields) {
        String title = fields.text("title");
        LocalDate date = date(fields, "date", LocalDate::parse, LocalDate.EPOCH, "a day like 2026-11-24");
        LocalTime start = date(fields, "start", LocalTime::parse, LocalTime.NOON, "a time like 18:30");
        Duration slot = Duration.ofMinutes(fields.whole("slotMinutes", Brief.SLOT_MINUTES));
        int people = fields.whole("people", Brief.PEOPLE);
        Map<Equipment, KitPlace> places = places(fields);
        boolean older = fields.flag("older");
        return build(fields, "title", () -> new Brief(title, date, start, slot, people, places, older));
    }

    private static ClassTimes times(Fields fields) {
        int[] seconds = PlanWriter.TIMES.stream().mapToInt(
                name -> Math
                        .toIntExact(fields.parsed(name, text -> inRange(Lengths.parse(text), ClassTimes.EACH),
                                Duration.ZERO).toSeconds()))
                .toArray();
        return ClassTimes.of(seconds);
    }

    private static <T> T date(Fields fields, String name, Function<String, T> parse, T standIn,
            String expected) {
        return fields.parsed(name, text -> {
            try {
                return Reading.of(parse.apply(text));
            } catch (DateTimeException refusal) {
                return Reading.refused("found \"%s\", expected %s.".formatted(text, expected));
            }
        }, standIn);
    }

    private static Map<Equipment, KitPlace> places(Fields fields) {
        Map<Equipment, KitPlace> places = new EnumMap<>(Equipment.class);
        fields.textsByName("kitPlaces").forEach((kit, words) -> {
            Optional<Equipment> known = Equipment.find(kit);
            Optional<KitPlace> place = KitPlace.find(words);
            if (known.isPresent() && place.isPresent()) {
                places.put(known.get(), place.get());
            } else {
                fields.report("kitPlaces",
                        "found \"%s\": \"%s\", expected a kind of kit and \"at hand\", \"set out\" or \"by the wall\"."
                                .formatted(kit, words));
            }
        });
        return places;
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
        return build(fields, "name",
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

    /** Builds a value; what the value itself refuses is reported at the field, unless it was already. */
    static <T> Optional<T> build(Fields fields, String name, Supplier<? extends T> value) {
        try {
            return Optional.of(value.get());
        } catch (IllegalArgumentException refusal) {
            if (fields.problems().stream()
                    .noneMatch(problem -> problem.startsWith(fields.place() + "." + name))) {
                fields.report(name, String.valueOf(refusal.getMessage()));
            }
            return Optional.empty();
        }
    }
}
