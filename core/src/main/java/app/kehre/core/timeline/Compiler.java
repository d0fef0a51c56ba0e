package app.kehre.core.timeline;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import app.kehre.core.brief.School;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.choreography.Pass;
import app.kehre.core.choreography.Script;
import app.kehre.core.choreography.Stage;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Speed;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.RepLength;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Lessons;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;

/** Lays a class out in time: changing over, explaining and work, one after the other. */
final class Compiler {

    private final ClassPlan plan;
    private final Tape tape;
    private final DoseLayer doses;
    private final Explainer explainer;
    private final ClockBlocks blocks;
    private final Map<EntryId, Script> scripts = new HashMap<>();
    private final Between between;

    Compiler(ClassPlan plan) {
        this.plan = plan;
        this.tape = new Tape(plan.segments().getFirst());
        this.doses = new DoseLayer(tape, plan.pace());
        this.between = new Between(plan, tape);
        this.explainer = new Explainer(plan);
        this.blocks = new ClockBlocks(plan);
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
            case Item item -> add(item, 0);
            case Circuit circuit -> add(circuit);
            case Screen screen -> add(screen);
            case BuildUp build -> add(build);
        }
    }

    private void add(Screen screen) {
        School.Teaching style = Explainer.ofScreen(tape.segment(), plan);
        between.lay(Phase.EXPLAIN, plan.pace().length(Quantity.NEW, style));
        doses.lay(screen.dose(),
                new DoseLayer.Doing(RepLength.USUAL, plan.pace().of(Quantity.REPS), Speed.NATURAL,
                        plan.pace().length(Quantity.SIDE, style), Duration.ZERO));
        worked(Optional.empty(), 0);
    }

    private void worked(Optional<Item> item, int round) {
        explainer.worked(item, round);
        between.isFree(restOfTheClock(item));
    }

    /** Returns the rest that an item by the clock leaves behind it. */
    static Duration restOfTheClock(Optional<Item> item) {
        return item.filter(ClockBlocks::byClock).map(each -> ((Interval) each.dose()))
                .filter(Interval::lastRest).map(Interval::rest).orElse(Duration.ZERO);
    }

    /** The exercise of a line that has one; a build-up says with each move what is done. */
    private static Optional<Exercise> exercise(Entry entry) {
        return entry.item().map(Item::exercise);
    }

    /** A pause empties the hands, unless people stay as they are, and gives time for what comes. */
    private void add(Pause pause) {
        if (pause.kind() == Pause.Kind.WATER) {
            tape.mark(Mark.Kind.WATER, "water");
        }
        Phase phase = pause.kind() == Pause.Kind.TALK ? Phase.TALK : Phase.PAUSE;
        pause.notBefore().map(at -> at.minus(tape.now())).filter(Duration::isPositive)
                .ifPresent(wait -> tape.clock(phase, wait, tape.turn(), "hold on until it is time"));
        between.isFree(pause.length());
        List<Changeover.Step> put = pause.staying() || explainer.last().isEmpty()
                ? List.of()
                : between.emptyHands(explainer.last().get(), explainer.lastRound());
        put.stream().filter(step -> step.length().isZero())
                .forEach(step -> tape.mark(step.kind(), step.words()));
        tape.clock(phase, pause.length(), tape.turn(), pause.moving() ? "keep moving" : "");
        between.lay(put.stream().filter(step -> !step.length().isZero()).toList());
        explainer.worked(Optional.empty(), 1);
    }

    /** The music runs through it from its first count to its last; explaining lies over the first phrase. */
    private void add(BuildUp build) {
        Item whole = build.asItem();
        between.lay(between.steps(whole));
        if (build.exercises().stream().filter(explainer::done).count() > 0) {
            tape.mark(Mark.Kind.FIRST, "");
        }
        Script script = Lessons.script(plan, build);
        scripts.put(build.id(), script);
        Duration from = tape.now();
        for (int stage = 0; stage < script.stages().size(); stage++) {
            lay(script.stages().get(stage), stage + 1);
        }
        tape.explainOver(from, explainer.before(build.known(), tape.segment()));
        worked(Optional.of(whole), 0);
    }

    private void lay(Stage stage, int number) {
        Turn turn = Turn.ONLY.inStage(number);
        tape.clock(Phase.EXPLAIN, stage.stop(), turn, stage.title());
        for (Pass pass : stage.passes()) {
            for (DancedMove danced : pass.moves()) {
                tape.onSide(danced.lead());
                tape.music(Phase.WORK, danced.halfCounts(), turn, Done.of(danced), danced.move().name());
            }
        }
    }

    /** Returns the scripts of the build-ups, by their lines. */
    Map<EntryId, Script> scripts() {
        return scripts;
    }

    private void add(Circuit circuit) {
        for (int round = 1; round <= circuit.rounds(); round++) {
            for (Entry line : circuit.round()) {
                add(line, round);
            }
            if (round < circuit.rounds()) {
                rest(circuit, round);
            }
        }
    }

    private void add(Entry line, int round) {
        Turn turn = Turn.ONLY.inRound(round);
        if (line instanceof Pause pause) {
            tape.begin(pause.id(), turn, Optional.empty());
            add(pause);
        } else if (line instanceof Item item && !item.outIn(round)) {
            tape.begin(item.id(), turn, exercise(item.inRound(round)));
            add(item, round);
        }
    }

    /** The pauses behind the last item lie in the rest; it is as long as it is written, or as they are. */
    private void rest(Circuit circuit, int round) {
        between.isFree(Duration.ZERO);
        circuit.inTheRest().forEach(pause -> add(pause, round));
        Duration paused = circuit.inTheRest().stream().map(Pause::length).reduce(Duration.ZERO,
                Duration::plus);
        Duration left = circuit.rest().minus(paused);
        if (!left.isNegative()) {
            tape.begin(circuit.id(), Turn.ONLY.inRound(round), Optional.empty());
            tape.clock(Phase.REST, left, tape.turn(), "");
            tape.restIsOfTheClock();
            between.isFreeToo(left);
        }
    }

    private void add(Item written, int round) {
        Item item = written.inRound(Math.max(1, round));
        if (item.dose() instanceof Interval interval) {
            byClock(item, interval, round);
        } else {
            byItself(written, item, round);
        }
        worked(Optional.of(item), round);
    }

    private void byItself(Item written, Item item, int round) {
        List<Changeover.Step> steps = between.steps(item);
        Explainer.Words words = explainer.before(written, round, tape.segment());
        boolean secondSide = explainer.isSecondSide(item, round);
        markFirst(item);
        between.lay(steps);
        if (secondSide) {
            tape.onSide(item.dose().sides().order(Math.max(1, round)).getFirst());
            between.lay(Phase.SIDE_CHANGE, explainer.side(item, tape.segment()));
        } else {
            between.lay(Phase.EXPLAIN, words.stop());
        }
        Duration from = tape.now();
        holdingPattern(item, round);
        lay(item, Duration.ZERO);
        if (words.mode() == Explaining.Mode.OVER) {
            tape.explainOver(from, words.length());
        }
    }

    private void holdingPattern(Item item, int round) {
        int holding = item.delivery().holdingEights();
        if (holding > 0 && round <= 1) {
            tape.counts(Phase.WORK, (long) holding * Counts.EIGHT, tape.turn(),
                    Done.of(Done.Unit.COUNTS, holding * Counts.EIGHT), "holding pattern");
        }
    }

    private void lay(Item item, Duration late) {
        Segment segment = tape.segment();
        doses.lay(item.dose(),
                new DoseLayer.Doing(item.exercise().rep(), plan.pace().reps(item.exercise().id()),
                        segment.pacing().speed(),
                        explainer.side(item, segment), late));
    }

    private void markFirst(Item item) {
        if (explainer.done(item.exercise())) {
            tape.mark(Mark.Kind.FIRST, "");
        }
    }

    /** The clock rules: explaining and changing over never lengthen a block; its stations are shown before it begins. */
    private void byClock(Item item, Interval interval, int round) {
        List<Item> stations = round <= 1 ? blocks.begunBy(item) : List.of();
        boolean running = stations.isEmpty()
                && (tape.afterClockRest() || explainer.last().filter(ClockBlocks::byClock).isPresent());
        if (!running) {
            between.lay(between.steps(item));
            Duration showing = stations.stream().map(each -> explainer.showing(each, tape.segment()))
                    .reduce(Duration.ZERO, Duration::plus);
            between.lay(Phase.EXPLAIN, showing, stations.size() > 1 ? "showing the stations" : "");
            markFirst(item);
            holdingPattern(item, round);
            Duration from = tape.now();
            lay(item, Duration.ZERO);
            explainFirstOver(item, from);
            return;
        }
        Explainer.Words words = explainer.running(item, round, tape.segment());
        boolean inRest = words.mode() == Explaining.Mode.IN_REST && tape.afterClockRest();
        markFirst(item);
        Duration late = insideTheRest(interval, between.allSteps(item),
                inRest ? words.length() : Duration.ZERO);
        Duration from = tape.now();
        lay(item, late);
        tape.explainOver(from, inRest ? Duration.ZERO : words.length());
    }

    /** What stands first in its block is shown before it, unless its line says that the words lie over the work. */
    private void explainFirstOver(Item item, Duration from) {
        Explainer.Words words = explainer.running(item, 1, tape.segment());
        if (words.mode() == Explaining.Mode.OVER) {
            tape.explainOver(from, words.length());
        }
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
            between.lay(new Changeover.Step(step.phase(), step.kind(), step.words(), length));
            room = room.minus(length);
        }
        tape.clock(Phase.EXPLAIN, explain.compareTo(room) < 0 ? explain : room, tape.turn(), "");
        if (most.isPositive()) {
            tape.lose(most);
        }
        return most;
    }
}
