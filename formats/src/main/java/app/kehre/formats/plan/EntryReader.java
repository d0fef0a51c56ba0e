package app.kehre.formats.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.brief.School;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Hold;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Style;
import app.kehre.core.kit.Load;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Identity;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Manner;
import app.kehre.core.plan.Notes;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.RoundChange;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Variant;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Range;
import app.kehre.formats.json.Fields;

/** Reads the lines of a segment: exercises, circuits, screens and pauses. */
final class EntryReader {

    private static final Dose STAND_IN = Hold.of(Duration.ofSeconds(1));
    private static final List<String> KINDS = List.of("exercise", "pause", "circuit", "screen", "buildUp");

    private final Map<String, Exercise> own;
    private final Library library;
    private final Set<EntryId> ids = new HashSet<>();
    private final List<Runnable> insteads = new ArrayList<>();
    private final Set<String> faulty = new HashSet<>();

    EntryReader(Map<String, Exercise> own, Library library) {
        this.own = own;
        this.library = library;
    }

    Optional<Entry> entry(Fields fields) {
        EntryId id = id(fields);
        String note = note(fields, "note");
        List<String> kinds = KINDS.stream().filter(fields::has).toList();
        if (kinds.size() != 1) {
            fields.report("exercise",
                    "each entry needs exactly one of \"exercise\", \"pause\", \"circuit\", \"screen\" and"
                            + " \"buildUp\".");
            return Optional.empty();
        }
        return switch (kinds.getFirst()) {
            case "pause" -> pause(fields, id, note);
            case "circuit" -> circuit(fields, id, note);
            case "screen" -> screen(fields, id, note);
            case "buildUp" -> BuildUpJson.read(fields, id, note, instead(fields),
                    load(fields).orElse(Load.NONE), this::exercise);
            case String _ -> item(fields, id, note).map(each -> each);
        };
    }

    private static String note(Fields fields, String name) {
        String note = fields.text(name, "");
        Notes.problem(note).ifPresent(sentence -> fields.report(name, sentence));
        return note;
    }

    private static Optional<Entry> pause(Fields fields, EntryId id, String note) {
        Pause.Kind kind = fields.term("pause", Pause.Kind.class);
        String name = fields.text("name");
        Duration length = length(fields, "length", Pause.LENGTH);
        boolean staying = fields.flag("stay");
        boolean moving = fields.flag("keepMoving");
        Optional<Duration> notBefore = fields.has("notBefore")
                ? Optional.of(length(fields, "notBefore", Pause.NOT_BEFORE))
                : Optional.empty();
        return fields.built("name",
                () -> new Pause(id, kind, name, length, staying, moving, notBefore, note));
    }

    private Optional<Entry> circuit(Fields fields, EntryId id, String note) {
        String name = fields.text("circuit");
        int rounds = fields.whole("rounds", Circuit.ROUNDS);
        Duration rest = fields.has("rest") ? length(fields, "rest", Circuit.REST) : Duration.ZERO;
        int soloFrom = fields.has("soloFrom") ? fields.whole("soloFrom", Circuit.SOLO) : 0;
        List<Entry> items = new ArrayList<>();
        for (Fields each : fields.objects("items", true, Circuit.ITEMS)) {
            if (each.has("circuit") || each.has("screen") || each.has("buildUp")) {
                each.report("exercise",
                        "a circuit holds exercises and pauses only, not circuits, screens or build-ups.");
            } else if (each.has("pause")) {
                pause(each, id(each), note(each, "note")).ifPresent(items::add);
            } else {
                item(each, id(each), note(each, "note")).ifPresent(items::add);
            }
        }
        return fields.clean()
                ? fields.built("items",
                        () -> new Circuit(id, name, rounds, rest, soloFrom, items, note))
                : Optional.empty();
    }

    private void requireLine(Fields fields, EntryId line) {
        if (!ids.contains(line)) {
            fields.report("instead", "found \"%s\", which is the id of no line.".formatted(line));
        }
    }

    /** Reports what screens name that is not there; to be called when all lines have been read. */
    void requireInsteads() {
        insteads.forEach(Runnable::run);
    }

    private Optional<Entry> screen(Fields fields, EntryId id, String note) {
        String name = fields.text("screen");
        Dose dose = fields.parsed("dose", DoseNotation::parse, STAND_IN);
        String failed = note(fields, "failed");
        Map<EntryId, String> instead = new HashMap<>();
        fields.textsByName("instead").forEach((number, words) -> {
            if (number.matches("\\d{1,7}")
                    && Identity.NUMBER.problem(Integer.parseInt(number)).isEmpty()) {
                EntryId line = new EntryId(Integer.parseInt(number));
                instead.put(line, words);
                insteads.add(() -> requireLine(fields, line));
            } else {
                fields.report("instead", "found \"%s\", expected the id of a line.".formatted(number));
            }
        });
        return fields.built("screen", () -> new Screen(id, name, dose, failed, instead, note));
    }

    private Optional<Item> item(Fields fields, EntryId id, String note) {
        Optional<Exercise> exercise = fields.given("exercise")
                .flatMap(name -> exercise(fields, "exercise", name));
        Dose dose = fields.parsed("dose", DoseNotation::parse, STAND_IN);
        Load load = load(fields).orElse(Load.NONE);
        Optional<Position> position = fields.has("position")
                ? Optional.of(fields.term("position", Position.class))
                : Optional.empty();
        Manner manner = manner(fields);
        Map<Integer, RoundChange> changes = changes(fields);
        Map<Limit, Exercise> instead = instead(fields);
        return exercise.flatMap(found -> fields.built("position",
                () -> new Item(id, found, dose, load, position, note, manner, changes, instead)));
    }

    /** An exercise of the plan that is at fault itself: that it is named elsewhere is no second fault. */
    private EntryId id(Fields fields) {
        return PlanReader.id(fields, EntryId::new, ids);
    }

    void faulty(Fields exercise) {
        faulty.add(exercise.peek("id"));
    }

    /** Finds an exercise of the plan or of the library; one that is nowhere is reported for the field. */
    Optional<Exercise> exercise(Fields fields, String field, String id) {
        Optional<Exercise> exercise = Optional.ofNullable(own.get(id)).or(() -> library.find(id));
        if (exercise.isEmpty() && !faulty.contains(id)) {
            fields.report(field,
                    ("\"%s\" is not in the library; expected the id of one of its exercises, such as"
                            + " \"squat\", or one that the plan brings under \"exercises\".")
                            .formatted(id));
        }
        return exercise;
    }

    private Map<Limit, Exercise> instead(Fields fields) {
        Map<Limit, Exercise> instead = new EnumMap<>(Limit.class);
        fields.textsByName("instead").forEach((word, id) -> fields.find(Limit.class, "instead", word)
                .ifPresent(limit -> exercise(fields, "instead", id)
                        .ifPresent(found -> instead.put(limit, found))));
        return instead;
    }

    private static Manner manner(Fields fields) {
        boolean known = fields.flag("known");
        Explaining explaining = explaining(fields).orElse(Explaining.USUAL);
        Optional<School.Teaching> teaching = PlanReader.teaching(fields);
        Optional<Duration> changeover = fields.has("changeover")
                ? Optional.of(length(fields, "changeover", Manner.CHANGEOVER))
                : Optional.empty();
        Variant variant = variant(fields).orElse(Variant.STANDARD);
        String layer = fields.text("layer", "");
        Set<Style> style = Set.copyOf(fields.terms("style", Style.class));
        int holding = fields.has("holdingEights") ? fields.whole("holdingEights", Manner.HOLDING) : 0;
        boolean locked = fields.flag("locked");
        return fields.built("layer",
                () -> new Manner(known, explaining, teaching, changeover, variant, layer, style, holding,
                        locked))
                .orElse(Manner.USUAL);
    }

    private static Map<Integer, RoundChange> changes(Fields fields) {
        long rounds = Circuit.ROUNDS.most();
        Map<Integer, RoundChange> changes = new HashMap<>();
        fields.objectsByName("rounds").forEach((round, each) -> {
            if (!round.matches("\\d{1,2}") || Integer.parseInt(round) < 1
                    || Integer.parseInt(round) > rounds) {
                fields.report("rounds",
                        "found \"%s\", expected a round from 1 to %d.".formatted(round, rounds));
            } else {
                changes.put(Integer.parseInt(round), change(each));
            }
        });
        return changes;
    }

    private static RoundChange change(Fields fields) {
        Optional<Dose> dose = fields.has("dose")
                ? Optional.of(fields.parsed("dose", DoseNotation::parse, STAND_IN))
                : Optional.empty();
        Optional<Load> load = load(fields);
        Optional<Variant> variant = variant(fields);
        String layer = fields.text("layer", "");
        Optional<Set<Style>> style = fields.has("style")
                ? Optional.of(Set.copyOf(fields.terms("style", Style.class)))
                : Optional.empty();
        boolean out = fields.flag("out");
        Optional<Explaining> explaining = explaining(fields);
        return fields
                .built("layer", () -> new RoundChange(dose, load, variant, layer, style, out, explaining))
                .orElse(RoundChange.NONE);
    }

    private static Optional<Load> load(Fields fields) {
        return fields.has("load")
                ? Optional.of(fields.parsed("load", LoadNotation::parse, Load.NONE))
                : Optional.empty();
    }

    private static Optional<Variant> variant(Fields fields) {
        return fields.has("option") ? Optional.of(fields.term("option", Variant.class)) : Optional.empty();
    }

    private static Optional<Explaining> explaining(Fields fields) {
        if (!fields.has("explain") && !fields.has("explainFor")) {
            return Optional.empty();
        }
        Explaining.Mode mode = fields.has("explain")
                ? fields.term("explain", Explaining.Mode.class)
                : Explaining.Mode.USUAL;
        return Optional.of(new Explaining(mode, fields.has("explainFor")
                ? Optional.of(length(fields, "explainFor", Explaining.LENGTH))
                : Optional.empty()));
    }

    private static Duration length(Fields fields, String name, Range range) {
        return fields.parsed(name, text -> PlanReader.inRange(Lengths.parse(text), range),
                Duration.ofSeconds(range.least()));
    }
}
