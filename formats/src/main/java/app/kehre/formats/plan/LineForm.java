package app.kehre.formats.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Hold;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Position;
import app.kehre.core.kit.Load;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Delivery;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Identity;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Notes;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.RoundChange;
import app.kehre.core.plan.Screen;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.Form.Kind;
import app.kehre.formats.json.Notation;

/** The fields of the lines of a class, each said once for reading and for writing. */
final class LineForm {

    static final Notation<Dose> DOSE = new Notation<>(DoseNotation::print, DoseNotation::parse);
    static final Notation<Load> LOAD = new Notation<>(LoadNotation::print, LoadNotation::parse);
    static final Dose STAND_IN = Hold.of(Duration.ofSeconds(1));
    private static final Notation<Integer> ROUNDS = Notation.number(Circuit.ROUNDS,
            "a round from 1 to %d".formatted(Circuit.ROUNDS.most()));
    private static final Notation<EntryId> LINES = new Notation<>(EntryId::toString,
            text -> Notation.number(Identity.NUMBER, "the id of a line").parse().apply(text)
                    .map(EntryId::new));
    private static final String ONE_KIND = "each entry needs exactly one of \"exercise\", \"pause\", \"circuit\", \"screen\" and \"buildUp\".";
    private static final String ONE_INSIDE = "each item of a circuit needs one of \"exercise\" and \"pause\".";
    private static final String INSIDE = "a circuit holds exercises and pauses only, not circuits, screens or build-ups.";

    private final NamedExercises exercises;
    private final BuildUpForm buildUps;
    private final Set<EntryId> ids = new HashSet<>();
    private final List<Runnable> insteads = new ArrayList<>();

    LineForm(NamedExercises exercises) {
        this.exercises = exercises;
        this.buildUps = new BuildUpForm(exercises);
    }

    Optional<Entry> line(Form<Entry> form) {
        EntryId id = id(form);
        return form.oneOf("exercise", ONE_KIND, List.of(
                new Kind<>("exercise", Item.class, item -> item(item, id)),
                new Kind<>("pause", Pause.class, pause -> pause(pause, id)),
                new Kind<>("circuit", Circuit.class, circuit -> circuit(circuit, id)),
                new Kind<>("screen", Screen.class, screen -> screen(screen, id)),
                new Kind<>("buildUp", BuildUp.class, build -> buildUps.of(build, id))));
    }

    private Optional<Entry> inside(Form<Entry> form) {
        EntryId id = id(form);
        return form.oneOf("exercise", ONE_INSIDE, List.of(
                new Kind<>("exercise", Item.class, item -> item(item, id)),
                new Kind<>("pause", Pause.class, pause -> pause(pause, id)),
                new Kind<>("circuit", Circuit.class, LineForm::notInside),
                new Kind<>("screen", Screen.class, LineForm::notInside),
                new Kind<>("buildUp", BuildUp.class, LineForm::notInside)));
    }

    private static Optional<Entry> notInside(Form<? extends Entry> form) {
        form.report("exercise", INSIDE);
        return Optional.empty();
    }

    private EntryId id(Form<Entry> form) {
        return PlanForm.id(form, EntryId::new, ids, line -> line.id().number());
    }

    private Optional<Entry> item(Form<Item> form, EntryId id) {
        Optional<Exercise> exercise = exercises.find(form, "exercise",
                form.given("exercise", item -> item.exercise().id()));
        Dose dose = form.parsed("dose", DOSE, STAND_IN, Item::dose);
        Load load = form.parsedIfAny("load", LOAD, Load.NONE, item -> Optional.of(item.load()))
                .orElse(Load.NONE);
        Optional<Position> posed = form.termIfAny("position", Position.class, Item::posed);
        Delivery delivery = DeliveryForm.of(form.part(Item::delivery)).orElse(Delivery.USUAL);
        Map<Integer, RoundChange> rounds = form.objectsIfAny("rounds", ROUNDS,
                item -> new TreeMap<>(item.rounds()),
                (each, _) -> DeliveryForm.change(each));
        Map<Limit, Exercise> instead = exercises.instead(form, Item::instead);
        String note = note(form);
        return exercise.flatMap(found -> form.built("position",
                () -> new Item(id, found, dose, load, posed, note, delivery, rounds, instead)));
    }

    private static Optional<Entry> pause(Form<Pause> form, EntryId id) {
        Pause.Kind kind = form.term("pause", Pause.Kind.class, Pause::kind);
        String name = form.text("name", Pause::name);
        Duration length = form.parsed("length", Notation.length(Pause.LENGTH), Duration.ofSeconds(1),
                Pause::length);
        boolean staying = form.flag("stay", Pause::staying);
        boolean moving = form.flag("keepMoving", Pause::moving);
        Optional<Duration> notBefore = form.parsedIfAny("notBefore", Notation.length(Pause.NOT_BEFORE),
                Duration.ZERO,
                Pause::notBefore);
        String note = note(form);
        return form.built("name", () -> new Pause(id, kind, name, length, staying, moving, notBefore, note));
    }

    private Optional<Entry> circuit(Form<Circuit> form, EntryId id) {
        String name = form.text("circuit", Circuit::name);
        int rounds = form.whole("rounds", Circuit.ROUNDS, Circuit::rounds);
        Duration rest = form.parsedIfAny("rest", Notation.length(Circuit.REST), Duration.ZERO,
                circuit -> Optional.of(circuit.rest())).orElse(Duration.ZERO);
        int soloFrom = form.whole("soloFrom", Circuit.SOLO, 0, Circuit::soloFrom);
        List<Entry> inside = form.list("items", Circuit.ITEMS, Circuit::inside, this::inside);
        String note = note(form);
        return form.clean()
                ? form.built("items", () -> new Circuit(id, name, rounds, rest, soloFrom, inside, note))
                : Optional.empty();
    }

    private Optional<Entry> screen(Form<Screen> form, EntryId id) {
        String name = form.text("screen", Screen::name);
        Dose dose = form.parsed("dose", DOSE, STAND_IN, Screen::dose);
        String failed = form.textIfAny("failed", Screen::failed);
        Notes.problem(failed).ifPresent(sentence -> form.report("failed", sentence));
        Map<EntryId, String> instead = form.texts("instead", LINES, Screen::instead);
        instead.keySet().forEach(line -> insteads.add(() -> requireLine(form, line)));
        String note = note(form);
        return form.built("screen", () -> new Screen(id, name, dose, failed, instead, note));
    }

    private void requireLine(Form<Screen> form, EntryId line) {
        if (!ids.contains(line)) {
            form.report("instead", "found \"%s\", which is the id of no line.".formatted(line));
        }
    }

    /** Reports what screens name that is not there; to be called when all lines have been read. */
    void requireInsteads() {
        insteads.forEach(Runnable::run);
    }

    static String note(Form<? extends Entry> form) {
        String note = form.textIfAny("note", Entry::note);
        Notes.problem(note).ifPresent(sentence -> form.report("note", sentence));
        return note;
    }
}
