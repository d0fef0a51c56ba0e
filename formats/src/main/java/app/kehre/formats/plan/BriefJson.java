package app.kehre.formats.plan;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.ClassPart;
import app.kehre.core.brief.Format;
import app.kehre.core.brief.Goal;
import app.kehre.core.brief.Quality;
import app.kehre.core.brief.Question;
import app.kehre.core.brief.Room;
import app.kehre.core.brief.School;
import app.kehre.core.brief.Schools;
import app.kehre.core.brief.Start;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.people.Group;
import app.kehre.core.people.Limit;
import app.kehre.core.people.Regulars;
import app.kehre.core.value.Named;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;
import app.kehre.formats.json.Fields;

/** The brief as JSON. */
final class BriefJson {

    private static final Range SHARE = new Range("a share", " %", 0, 100);
    private static final List<String> SHARES = List.of("newcomers", "regulars", "athletic");

    private BriefJson() {}

    static Optional<Brief> read(Fields fields) {
        String title = fields.text("title");
        LocalDate date = date(fields, "date", LocalDate::parse, LocalDate.EPOCH, "a day like 2026-11-24");
        LocalTime start = date(fields, "start", LocalTime::parse, LocalTime.NOON, "a time like 18:30");
        Duration slot = Duration.ofMinutes(fields.whole("slotMinutes", Brief.SLOT_MINUTES));
        Group group = group(fields);
        Room room = room(fields);
        Goal goal = fields.has("goal")
                ? fields.object("goal").map(BriefJson::goal).orElse(Goal.OPEN)
                : Goal.OPEN;
        Format format = fields.has("format") ? fields.term("format", Format.class) : Format.MIXED;
        ClassPart part = fields.has("part") ? fields.term("part", ClassPart.class) : ClassPart.WHOLE;
        Schools schools = schools(fields);
        return fields.built("title",
                () -> new Brief(title, date, start, slot, group, room, goal, format, part, schools));
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

    private static Group group(Fields fields) {
        int people = fields.whole("people", Group.PEOPLE);
        Group.Ages ages = fields.has("ages")
                ? fields.object("ages").flatMap(BriefJson::ages).orElse(Group.Ages.USUAL)
                : Group.Ages.USUAL;
        Group.Mix mix = fields.has("mix")
                ? fields.object("mix").flatMap(BriefJson::mix).orElse(Group.Mix.USUAL)
                : Group.Mix.USUAL;
        Map<Limit, Integer> limits = new EnumMap<>(Limit.class);
        fields.wholesByName("limits", Group.WITH_LIMIT)
                .forEach((word, count) -> fields.find(Limit.class, "limits", word)
                        .ifPresent(limit -> limits.put(limit, count)));
        Regulars regulars = fields.has("regulars")
                ? fields.object("regulars").flatMap(BriefJson::regulars).orElse(Regulars.NONE)
                : Regulars.NONE;
        return fields.built("limits", () -> new Group(people, ages, mix, limits, regulars))
                .orElse(Group.of(people));
    }

    private static Optional<Regulars> regulars(Fields fields) {
        String name = fields.text("name", "");
        List<String> knows = fields.texts("knows");
        return fields.built("name", () -> new Regulars(name, new TreeSet<>(knows)));
    }

    private static Optional<Group.Ages> ages(Fields fields) {
        int from = fields.whole("from", Group.Ages.YEARS);
        int to = fields.whole("to", Group.Ages.YEARS);
        return fields.built("to", () -> new Group.Ages(from, to));
    }

    private static Optional<Group.Mix> mix(Fields fields) {
        List<Integer> shares = SHARES.stream().map(name -> fields.whole(name, SHARE)).toList();
        return fields.built("athletic", () -> new Group.Mix(shares.get(0), shares.get(1), shares.get(2)));
    }

    private static Room room(Fields fields) {
        int floor = fields.has("floor") ? fields.whole("floor", Room.FLOOR) : 0;
        boolean wall = !fields.flag("noWall");
        boolean hardFloor = fields.flag("hardFloor");
        Start start = fields.has("starts") ? fields.term("starts", Start.class) : Start.STANDING;
        Map<Equipment, Integer> kit = new EnumMap<>(Equipment.class);
        fields.wholesByName("kit", Room.PIECES).forEach((word, count) -> Equipment.find(word).ifPresentOrElse(
                kind -> kit.put(kind, count),
                () -> fields.report("kit",
                        "\"%s\" is no kind of equipment; expected one of: %s.".formatted(word,
                                Stream.of(Equipment.values()).map(Equipment::key)
                                        .collect(Collectors.joining(", "))))));
        return new Room(floor, wall, hardFloor, start, kit, places(fields));
    }

    private static Map<Equipment, KitPlace> places(Fields fields) {
        Map<Equipment, KitPlace> places = new EnumMap<>(Equipment.class);
        fields.textsByName("kitPlaces").forEach((kit, key) -> {
            Optional<Equipment> known = Equipment.find(kit);
            Optional<KitPlace> place = Named.ofKey(KitPlace.class, key);
            if (known.isPresent() && place.isPresent()) {
                places.put(known.get(), place.get());
            } else {
                fields.report("kitPlaces",
                        "found \"%s\": \"%s\", expected a kind of kit and \"at-hand\", \"set-out\" or \"by-the-wall\"."
                                .formatted(kit, key));
            }
        });
        return places;
    }

    private static Goal goal(Fields fields) {
        return new Goal(Set.copyOf(fields.terms("areas", Muscle.class)),
                Set.copyOf(fields.terms("qualities", Quality.class)));
    }

    private static Schools schools(Fields fields) {
        Schools schools = Schools.USUAL;
        for (Map.Entry<String, String> each : fields.textsByName("schools").entrySet()) {
            Optional<Question> question = fields.find(Question.class, "schools", each.getKey());
            Optional<School> school = fields.find(School.all(), "schools", each.getValue());
            if (question.isPresent() && school.isPresent() && school.get().question() != question.get()) {
                fields.report("schools", "found \"%s\", expected an answer to \"%s\", not to \"%s\"."
                        .formatted(each.getValue(), each.getKey(), school.get().question().key()));
            } else if (school.isPresent()) {
                schools = schools.with(school.get());
            }
        }
        return schools;
    }

    /**
     * Writes a brief.
     *
     * @param before as it was read, if it was: what was said there is said again, although it is the usual
     */
    static void write(Brief brief, ObjectNode node, JsonNode before) {
        node.put("title", brief.title()).put("date", brief.date().toString())
                .put("start", brief.start().toString()).put("slotMinutes", brief.slot().toMinutes());
        write(brief.group(), node, before);
        write(brief.room(), node);
        if (!brief.goal().equals(Goal.OPEN) || before.has("goal")) {
            ObjectNode goal = node.putObject("goal");
            terms(goal.putArray("areas"), EnumSet.noneOf(Muscle.class), brief.goal().areas());
            terms(goal.putArray("qualities"), EnumSet.noneOf(Quality.class), brief.goal().qualities());
        }
        if (brief.format() != Format.MIXED) {
            node.put("format", brief.format().key());
        }
        if (brief.part() != ClassPart.WHOLE) {
            node.put("part", brief.part().key());
        }
        if (!brief.schools().equals(Schools.USUAL)) {
            ObjectNode schools = node.putObject("schools");
            new TreeMap<>(brief.schools().chosen())
                    .forEach((question, school) -> schools.put(question.key(), school.key()));
        }
    }

    private static <T extends Enum<T> & Named> void terms(ArrayNode array, EnumSet<T> sorted, Set<T> terms) {
        sorted.addAll(terms);
        sorted.forEach(term -> array.add(term.key()));
    }

    private static void write(Group group, ObjectNode node, JsonNode before) {
        node.put("people", group.people());
        if (!group.ages().equals(Group.Ages.USUAL) || before.has("ages")) {
            node.putObject("ages").put("from", group.ages().youngest()).put("to", group.ages().oldest());
        }
        if (!group.mix().equals(Group.Mix.USUAL) || before.has("mix")) {
            node.putObject("mix").put("newcomers", group.mix().newcomers())
                    .put("regulars", group.mix().regulars()).put("athletic", group.mix().athletic());
        }
        if (!group.limits().isEmpty()) {
            ObjectNode limits = node.putObject("limits");
            new TreeMap<>(group.limits()).forEach((limit, count) -> limits.put(limit.key(), count));
        }
        Regulars regulars = group.regulars();
        if (!regulars.equals(Regulars.NONE)) {
            ObjectNode week = node.putObject("regulars");
            if (!regulars.name().isEmpty()) {
                week.put("name", regulars.name());
            }
            if (!regulars.knows().isEmpty()) {
                ArrayNode knows = week.putArray("knows");
                new TreeSet<>(regulars.knows()).forEach(knows::add);
            }
        }
    }

    private static void write(Room room, ObjectNode node) {
        if (room.floor() > 0) {
            node.put("floor", room.floor());
        }
        if (!room.wall()) {
            node.put("noWall", true);
        }
        if (room.hardFloor()) {
            node.put("hardFloor", true);
        }
        if (room.start() != Start.STANDING) {
            node.put("starts", room.start().key());
        }
        if (!room.kit().isEmpty()) {
            ObjectNode kit = node.putObject("kit");
            new TreeMap<>(room.kit()).forEach((kind, count) -> kit.put(kind.key(), count));
        }
        if (!room.places().isEmpty()) {
            ObjectNode places = node.putObject("kitPlaces");
            new TreeMap<>(room.places()).forEach((kind, place) -> places.put(kind.key(), place.key()));
        }
    }
}
