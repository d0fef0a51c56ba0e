package app.kehre.formats.plan;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.ClassKind;
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
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.Notation;

/** The fields of a brief, each said once for reading and for writing. */
final class BriefForm {

    private static final Range SHARE = new Range("a share", " %", 0, 100);
    private static final Notation<LocalDate> DATE = Notation.time(LocalDate::parse, "a day like 2026-11-24");
    private static final Notation<LocalTime> START = Notation.time(LocalTime::parse, "a time like 18:30");
    private static final Notation<Limit> LIMITS = Notation.keys(Limit.class);
    private static final Notation<Equipment> KIT = Notation.keys(Equipment.class);
    private static final Notation<KitPlace> PLACES = Notation.keys(KitPlace.class);
    private static final Notation<Question> QUESTIONS = Notation.keys(Question.class);

    private BriefForm() {}

    static Optional<Brief> of(Form<Brief> form) {
        String title = form.text("title", Brief::title);
        LocalDate date = form.parsed("date", DATE, LocalDate.EPOCH, Brief::date);
        LocalTime start = form.parsed("start", START, LocalTime.NOON, Brief::start);
        int slot = form.whole("slotMinutes", Brief.SLOT_MINUTES, brief -> (int) brief.slot().toMinutes());
        Group group = group(form.part(Brief::group));
        Room room = room(form.part(Brief::room));
        Goal goal = form.object("goal", Goal.OPEN, Brief::goal, BriefForm::goal);
        Format format = form.term("format", Format.class, Format.MIXED, Brief::format);
        ClassPart part = form.term("part", ClassPart.class, ClassPart.WHOLE, Brief::part);
        Schools schools = schools(form.part(Brief::schools));
        return form.built("title",
                () -> new Brief(title, date, start, Duration.ofMinutes(slot), group, room, goal,
                        new ClassKind(format, part), schools));
    }

    private static Group group(Form<Group> form) {
        int people = form.whole("people", Group.PEOPLE, Group::people);
        Group.Ages ages = form.object("ages", Group.Ages.USUAL, Group::ages, BriefForm::ages);
        Group.Mix mix = form.object("mix", Group.Mix.USUAL, Group::mix, BriefForm::mix);
        Map<Limit, Integer> limits = form.wholesIfAny("limits", LIMITS, Group.WITH_LIMIT, Group::limits);
        Regulars regulars = form.object("regulars", Regulars.NONE, Group::regulars, BriefForm::regulars);
        return form.built("limits", () -> new Group(people, ages, mix, limits, regulars))
                .orElse(Group.of(people));
    }

    private static Optional<Group.Ages> ages(Form<Group.Ages> form) {
        int from = form.whole("from", Group.Ages.YEARS, Group.Ages::youngest);
        int to = form.whole("to", Group.Ages.YEARS, Group.Ages::oldest);
        return form.built("to", () -> new Group.Ages(from, to));
    }

    private static Optional<Group.Mix> mix(Form<Group.Mix> form) {
        int newcomers = form.whole("newcomers", SHARE, Group.Mix::newcomers);
        int regulars = form.whole("regulars", SHARE, Group.Mix::regulars);
        int athletic = form.whole("athletic", SHARE, Group.Mix::athletic);
        return form.built("athletic", () -> new Group.Mix(newcomers, regulars, athletic));
    }

    private static Optional<Regulars> regulars(Form<Regulars> form) {
        String name = form.textIfAny("name", Regulars::name);
        List<String> knows = form.textsIfAny("knows", regulars -> new TreeSet<>(regulars.knows()));
        return form.built("name", () -> new Regulars(name, new TreeSet<>(knows)));
    }

    private static Room room(Form<Room> form) {
        int floor = form.whole("floor", Room.FLOOR, 0, Room::floor);
        boolean noWall = form.flag("noWall", room -> !room.wall());
        boolean hardFloor = form.flag("hardFloor", Room::hardFloor);
        Start start = form.term("starts", Start.class, Start.STANDING, Room::start);
        Map<Equipment, Integer> kit = form.wholesIfAny("kit", KIT, Room.PIECES, Room::kit);
        Map<Equipment, KitPlace> places = new HashMap<>();
        form.textsIfAny("kitPlaces", KIT, BriefForm::places).forEach((kind, key) -> {
            Reading<KitPlace> place = PLACES.parse().apply(key);
            place.value().ifPresentOrElse(found -> places.put(kind, found),
                    () -> form.report("kitPlaces", "for \"%s\": %s".formatted(kind.key(), place.problem())));
        });
        return new Room(floor, !noWall, hardFloor, start, kit, places);
    }

    private static Map<Equipment, String> places(Room room) {
        Map<Equipment, String> places = new TreeMap<>();
        room.places().forEach((kind, place) -> places.put(kind, place.key()));
        return places;
    }

    private static Optional<Goal> goal(Form<Goal> form) {
        List<Muscle> areas = form.terms("areas", Muscle.class, Goal::areas);
        List<Quality> qualities = form.terms("qualities", Quality.class, Goal::qualities);
        return form.built("areas", () -> new Goal(Set.copyOf(areas), Set.copyOf(qualities)));
    }

    private static Schools schools(Form<Schools> form) {
        Schools schools = Schools.USUAL;
        for (Map.Entry<Question, String> each : form.textsIfAny("schools", QUESTIONS, BriefForm::answers)
                .entrySet()) {
            Reading<School> school = Notation.keys(each.getKey().schools()).parse().apply(each.getValue());
            schools = school.value().map(schools::with).orElse(schools);
            if (school.value().isEmpty()) {
                form.report("schools", "for \"%s\": %s".formatted(each.getKey().key(), school.problem()));
            }
        }
        return schools;
    }

    /** All answers, or none where all are as usual. */
    private static Map<Question, String> answers(Schools schools) {
        Map<Question, String> answers = new TreeMap<>();
        if (!schools.equals(Schools.USUAL)) {
            schools.chosen().forEach((question, school) -> answers.put(question, school.key()));
        }
        return answers;
    }
}
