package app.kehre.core.timeline;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.choreography.Part;
import app.kehre.core.choreography.Pass;
import app.kehre.core.choreography.Script;
import app.kehre.core.dose.AsMany;
import app.kehre.core.dose.CountPattern;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Open;
import app.kehre.core.dose.Reps;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;

/** Lays a class out in time: changing over, explaining and work, one after the other. */
final class Compiler {

    private final ClassPlan plan;
    private final Tape tape;
    private final DoseLayer doses;
    private final Changeover changeover;
    private final LaterUse later;
    private final Set<String> seen = new HashSet<>();
    private final Map<EntryId, Script> scripts = new HashMap<>();
    private Duration kitTime = Duration.ZERO;

    Compiler(ClassPlan plan) {
        this.plan = plan;
        this.tape = new Tape(plan.segments().getFirst());
        this.doses = new DoseLayer(tape, plan.times().sideChange());
        this.changeover = new Changeover(plan.brief(), plan.times());
        this.later = new LaterUse(plan);
    }

    Tape tape() {
        return tape;
    }

    void add(Segment segment) {
        tape.begin(segment);
        if (!segment.leftOut()) {
            segment.entries().forEach(this::add);
        }
    }

    private void add(Entry entry) {
        tape.begin(entry.id(), Turn.ONLY, exercise(entry));
        switch (entry) {
            case Pause pause -> add(pause);
            case Item item -> add(item, 0, explaining(item));
            case Circuit circuit -> add(circuit);
            case Screen screen -> {
                tape.clock(Phase.EXPLAIN, plan.times().explainNew(), Turn.ONLY, "");
                doses.lay(screen.dose(), Duration.ZERO);
            }
            case BuildUp build -> add(build);
        }
    }

    /** The exercise of a line that has one; a build-up says with each move what is done. */
    private static Optional<Exercise> exercise(Entry entry) {
        return entry.item().map(Item::exercise);
    }

    private void add(Pause pause) {
        if (pause.kind() == Pause.Kind.WATER) {
            tape.mark(Mark.Kind.WATER, "water");
        }
        Phase phase = pause.kind() == Pause.Kind.TALK ? Phase.TALK : Phase.PAUSE;
        pause.notBefore().map(at -> at.minus(tape.now())).filter(Duration::isPositive)
                .ifPresent(wait -> tape.clock(phase, wait, Turn.ONLY, "hold on until it is time"));
        tape.clock(phase, pause.length(), Turn.ONLY, pause.moving() ? "keep moving" : "");
        kitTime = pause.kind() == Pause.Kind.KIT ? pause.length() : Duration.ZERO;
    }

    /** The music runs through it from its first count to its last; explaining lies over the first phrase. */
    private void add(BuildUp build) {
        Item whole = build.asItem();
        steps(whole).forEach(this::lay);
        build.exercises().stream().filter(move -> seen.add(move.id())).findFirst()
                .ifPresent(_ -> tape.mark(Mark.Kind.FIRST, ""));
        build.exercises().forEach(move -> seen.add(move.id()));
        Script script = build.script(tape.segment().bpm());
        scripts.put(build.id(), script);
        Duration from = tape.now();
        for (int stage = 0; stage < script.stages().size(); stage++) {
            for (Pass pass : script.stages().get(stage).passes()) {
                lay(pass, stage + 1);
            }
        }
        tape.explainOver(from, build.known() ? plan.times().explainKnown() : plan.times().explainNew());
        kitTime = Duration.ZERO;
    }

    private void lay(Pass pass, int stage) {
        for (Part part : pass.parts()) {
            tape.onSide(part.lead());
            tape.music(Phase.WORK, part.halfCounts(), Turn.ONLY.inStage(stage), Done.of(part),
                    part.move().name());
        }
    }

    /** Returns the scripts of the build-ups, by their lines. */
    Map<EntryId, Script> scripts() {
        return scripts;
    }

    private void add(Circuit circuit) {
        for (int round = 1; round <= circuit.rounds(); round++) {
            for (Item item : circuit.items()) {
                if (!item.outIn(round)) {
                    Item now = item.inRound(round);
                    tape.begin(item.id(), Turn.ONLY.inRound(round), exercise(now));
                    add(now, round, explaining(item, round));
                }
            }
            if (round < circuit.rounds()) {
                tape.begin(circuit.id(), Turn.ONLY.inRound(round), Optional.empty());
                tape.clock(Phase.REST, circuit.rest(), tape.turn(), "");
                tape.restIsOfTheClock();
            }
        }
    }

    private void add(Item item, int round, Duration explain) {
        List<Changeover.Step> steps = steps(item);
        if (seen.add(item.exercise().id())) {
            tape.mark(Mark.Kind.FIRST, "");
        }
        boolean byClock = item.dose() instanceof Interval && tape.afterClockRest();
        Explaining.Mode mode = mode(item, tape.segment().role());
        Duration stops = mode == Explaining.Mode.STOPS || mode == Explaining.Mode.IN_REST
                ? explain
                : Duration.ZERO;
        Duration late = byClock ? insideTheRest((Interval) item.dose(), steps, stops) : Duration.ZERO;
        if (!byClock) {
            steps.forEach(this::lay);
            tape.clock(Phase.EXPLAIN, stops, tape.turn(), "");
        }
        Duration from = tape.now();
        int holding = item.manner().holdingEights();
        if (holding > 0 && round <= 1) {
            tape.counts(Phase.WORK, (long) holding * Counts.EIGHT, tape.turn(),
                    Done.of(Done.Unit.COUNTS, holding * Counts.EIGHT), "holding pattern");
        }
        doses.lay(item.dose(), late);
        if (mode == Explaining.Mode.OVER) {
            tape.explainOver(from, explain);
        }
        kitTime = Duration.ZERO;
    }

    /** The clock rules: what does not fit in the rest is taken from the work. Returns what the work loses. */
    private Duration insideTheRest(Interval interval, List<Changeover.Step> steps, Duration explain) {
        Duration needed = steps.stream().map(Changeover.Step::length).reduce(explain, Duration::plus);
        Duration taken = tape.takeFromRest(needed);
        Duration late = needed.minus(taken);
        Duration most = late.compareTo(interval.work()) < 0 ? late : interval.work();
        Duration room = taken.plus(most);
        for (Changeover.Step step : steps) {
            Duration length = step.length().compareTo(room) < 0 ? step.length() : room;
            lay(new Changeover.Step(step.phase(), step.kind(), step.words(), length));
            room = room.minus(length);
        }
        tape.clock(Phase.EXPLAIN, explain.compareTo(room) < 0 ? explain : room, tape.turn(), "");
        if (most.isPositive()) {
            tape.lose(most);
        }
        return most;
    }

    private void lay(Changeover.Step step) {
        tape.mark(step.kind(), step.words());
        tape.clock(step.phase(), step.length(), tape.turn(), step.words());
    }

    /** Returns what changing over takes: what the item says, else what is left after a pause for kit. */
    private List<Changeover.Step> steps(Item item) {
        List<Changeover.Step> usual = changeover.to(item, later.after(item, tape.turn().round().orElse(0)));
        if (item.manner().changeover().isEmpty()) {
            return withoutKitTime(usual);
        }
        Duration length = item.manner().changeover().get();
        List<Changeover.Step> steps = new ArrayList<>();
        usual.forEach(step -> steps
                .add(new Changeover.Step(step.phase(), step.kind(), step.words(), Duration.ZERO)));
        if (length.isPositive()) {
            String words = steps.isEmpty() ? "change over" : steps.getLast().words();
            if (!steps.isEmpty()) {
                steps.removeLast();
            }
            steps.add(new Changeover.Step(Phase.SET_UP, Mark.Kind.KIT, words, length));
        }
        return steps;
    }

    private List<Changeover.Step> withoutKitTime(List<Changeover.Step> usual) {
        List<Changeover.Step> steps = new ArrayList<>();
        Duration free = kitTime;
        for (Changeover.Step step : usual) {
            Duration saved = step.length().compareTo(free) < 0 ? step.length() : free;
            free = free.minus(saved);
            steps.add(new Changeover.Step(step.phase(), step.kind(), step.words(),
                    step.length().minus(saved)));
        }
        return steps;
    }

    private Duration explaining(Item item) {
        return item.manner().explaining().mode() == Explaining.Mode.NONE
                ? Duration.ZERO
                : item.manner().explaining().length().orElse(isNew(item)
                        ? plan.times().explainNew()
                        : plan.times().explainKnown());
    }

    private boolean isNew(Item item) {
        return !item.manner().known() && !seen.contains(item.exercise().id());
    }

    /** In full in the first round, later only where a round says so or its dose is another. */
    private Duration explaining(Item item, int round) {
        Item now = item.inRound(round);
        if (round == 1 || item.change(round).explaining().isPresent()) {
            return explaining(now);
        }
        boolean otherDose = !now.dose().equals(item.inRound(round - 1).dose());
        return otherDose && now.manner().explaining().mode() != Explaining.Mode.NONE
                ? plan.times().explainKnown()
                : Duration.ZERO;
    }

    private static Explaining.Mode mode(Item item, Role role) {
        Explaining.Mode own = item.manner().explaining().mode();
        if (own != Explaining.Mode.USUAL) {
            return own;
        }
        boolean easy = role == Role.WARM_UP || role == Role.STRETCH || role == Role.COOL_DOWN;
        Dose dose = item.dose();
        return switch (dose) {
            case Counts _,CountPattern _ -> Explaining.Mode.OVER;
            case Interval _ -> Explaining.Mode.IN_REST;
            case Hold hold -> easy || hold.kind() == Hold.Kind.STRETCH
                    ? Explaining.Mode.OVER
                    : Explaining.Mode.STOPS;
            case Reps _,AsMany _,Open _ -> easy ? Explaining.Mode.OVER : Explaining.Mode.STOPS;
        };
    }
}
