package app.kehre.formats.plan;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.choreography.Method;
import app.kehre.core.choreography.Rounds;
import app.kehre.core.choreography.StageKey;
import app.kehre.core.dose.Counts.Pace;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Style;
import app.kehre.core.kit.Load;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.value.Reading;
import app.kehre.core.value.Side;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.Notation;

/** The fields of a build-up, each said once for reading and for writing. */
final class BuildUpForm {

    private static final Notation<Duration> TIME = Notation.length(Build.TIME);
    private static final Notation<Side> LEAD = Notation.words(List.of(Side.RIGHT, Side.LEFT), Side::word);
    private static final Notation<Pace> PACE = Notation.words(List.of(Pace.values()), Pace::notation);

    private final NamedExercises exercises;

    BuildUpForm(NamedExercises exercises) {
        this.exercises = exercises;
    }

    Optional<Entry> of(Form<BuildUp> form, EntryId id) {
        String name = form.text("buildUp", BuildUp::name);
        Form<Build> inner = form.part(BuildUp::build);
        Method method = inner.term("method", Method.class, Build::method);
        Optional<Exercise> hold = exercises.find(form, "hold",
                inner.given("hold", build -> build.hold().id()));
        Optional<Duration> wish = inner.parsedIfAny("time", TIME, Duration.ofMinutes(1), Build::wish);
        Build.Ways ways = ways(inner.part(Build::ways));
        Load load = form.parsedIfAny("load", LineForm.LOAD, Load.NONE,
                build -> Optional.of(build.load()).filter(each -> !each.isNone())).orElse(Load.NONE);
        List<Combination> combinations = inner.list("combinations", Build.COMBINATIONS, Build::combinations,
                this::combination);
        Map<StageKey, Rounds> own = stages(inner, combinations.size());
        Map<Limit, Exercise> instead = exercises.instead(form, BuildUp::instead);
        String note = LineForm.note(form);
        return form.clean()
                ? hold.flatMap(found -> form.built("combinations", () -> new BuildUp(id, name,
                        new Build(combinations, method, wish, found, ways, own), load, note, instead)))
                : Optional.empty();
    }

    private static Build.Ways ways(Form<Build.Ways> form) {
        boolean facingAway = form.flag("facingAway", ways -> !ways.mirrored());
        boolean runsOn = form.flag("runsOn", Build.Ways::runsOn);
        return new Build.Ways(!facingAway, runsOn, form.flag("finaleOfAll", Build.Ways::finaleOfAll));
    }

    private static Map<StageKey, Rounds> stages(Form<Build> form, int combinations) {
        Map<StageKey, Rounds> own = new TreeMap<>();
        form.writtenIfAny("stages", BuildUpForm::stages).forEach((key, text) -> {
            Reading<StageKey> stage = StageKey.parse(key, combinations);
            Reading<Rounds> rounds = stage.flatMap(found -> Rounds.parse(found, text));
            if (!stage.problem().isEmpty()) {
                form.report("stages", stage.problem());
            } else if (!rounds.problem().isEmpty()) {
                form.report("stages", "for \"%s\": %s".formatted(key, rounds.problem()));
            }
            rounds.value().ifPresent(found -> own.put(new StageKey(key), found));
        });
        return own;
    }

    private static Map<String, String> stages(Build build) {
        Map<String, String> stages = new TreeMap<>();
        build.own().forEach((key, rounds) -> stages.put(key.text(), rounds.notation()));
        return stages;
    }

    private Optional<Combination> combination(Form<Combination> form) {
        String name = form.text("name", Combination::name);
        boolean known = form.flag("known", Combination::known);
        List<DancedMove> moves = form.list("moves", Combination.MOVES, Combination::moves, this::danced);
        return form.built("name", () -> new Combination(name, moves, known));
    }

    private Optional<DancedMove> danced(Form<DancedMove> form) {
        Optional<Exercise> move = exercises.find(form, "move",
                form.given("move", danced -> danced.move().id()));
        Side lead = form.parsed("lead", LEAD, Side.RIGHT, DancedMove::lead);
        int times = form.whole("times", DancedMove.TIMES, 1, DancedMove::times);
        Pace pace = form.parsedIfAny("pace", PACE, Pace.NORMAL,
                danced -> Optional.of(danced.pace()).filter(each -> each != Pace.NORMAL)).orElse(Pace.NORMAL);
        Optional<DancedMove.Look> look = look(form.part(DancedMove::look));
        Optional<Exercise> plain = exercises.find(form, "plain",
                form.givenIfAny("plain", danced -> danced.plain().map(Exercise::id)));
        boolean tapChange = form.flag("tapChange", DancedMove::tapChange);
        int turnIn = form.whole("turnIn", DancedMove.TURN_IN, 0, DancedMove::turnIn);
        return move.flatMap(found -> look.flatMap(danced -> form.built("move",
                () -> new DancedMove(found, lead, times, pace, danced, plain, tapChange, turnIn))));
    }

    private static Optional<DancedMove.Look> look(Form<DancedMove.Look> form) {
        String arms = form.textIfAny("arms", DancedMove.Look::arms);
        List<Style> style = form.termsIfAny("style", Style.class, DancedMove.Look::style);
        boolean hop = form.flag("hop", DancedMove.Look::hop);
        return form.built("arms", () -> new DancedMove.Look(arms, Set.copyOf(style), hop));
    }
}
