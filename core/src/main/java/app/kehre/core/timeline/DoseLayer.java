package app.kehre.core.timeline;

import java.time.Duration;
import java.util.List;

import app.kehre.core.dose.Amount;
import app.kehre.core.dose.AsMany;
import app.kehre.core.dose.CountPattern;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Open;
import app.kehre.core.dose.Reps;
import app.kehre.core.dose.Speed;
import app.kehre.core.dose.Stage;
import app.kehre.core.dose.Tempo;
import app.kehre.core.exercise.RepLength;
import app.kehre.core.exercise.Role;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.value.Side;

/** Lays the spans of one dose in one round. */
final class DoseLayer {

    /**
     * What a dose is done with.
     *
     * @param rep how long one rep takes by nature
     * @param times how many times as long as by nature a rep is here
     * @param speed how fast the segment's reps are, where the dose says nothing
     * @param side how long changing to the second side takes
     * @param late how much of the first work by the clock is already lost
     */
    record Doing(RepLength rep, double times, Speed speed, Duration side, Duration late) {}

    private static final List<String> RUNGS = List.of("basic", "harder", "hardest");
    private static final int HALF_COUNTS = 2;
    private static final double MILLIS = 1000;

    private final Tape tape;
    private final Pace pace;
    private Doing doing = new Doing(RepLength.USUAL, 1, Speed.NATURAL, Duration.ZERO, Duration.ZERO);

    DoseLayer(Tape tape, Pace pace) {
        this.tape = tape;
        this.pace = pace;
    }

    /** Lays a dose. */
    void lay(Dose dose, Doing with) {
        doing = with;
        List<Side> order = dose.sides().order(tape.turn().round().orElse(1));
        for (int i = 0; i < order.size(); i++) {
            tape.onSide(order.get(i));
            boolean change = i > 0 && needsSideChange(dose);
            if (change) {
                tape.clock(Phase.SIDE_CHANGE, doing.side(), tape.turn(), "");
            }
            switch (dose) {
                case Reps reps -> lay(reps);
                case Hold hold -> lay(hold);
                case Interval interval -> lay(interval, i == order.size() - 1,
                        i == 0 ? doing.late() : Duration.ZERO);
                case AsMany many -> tape.clock(Phase.WORK, many.length(), tape.turn(), "");
                case Open open -> tape.clock(Phase.WORK, open.planned(), tape.turn(), "");
                case Counts counts -> tape.music(Phase.WORK,
                        (long) counts.counts() * counts.pace().halfCounts(), tape.turn(),
                        Done.of(Done.Unit.COUNTS, counts.counts()), "");
                case CountPattern pattern -> lay(pattern);
            }
        }
    }

    /** Changing side lies inside work by the clock, where the clock rules, and inside a move that is counted. */
    static boolean needsSideChange(Dose dose) {
        return switch (dose) {
            case Interval _,Counts _,CountPattern _ -> false;
            case Reps _,Hold _,AsMany _,Open _ -> true;
        };
    }

    private void lay(Reps reps) {
        for (int set = 1; set <= reps.sets(); set++) {
            for (int stage = 0; stage < reps.stages().size(); stage++) {
                if (stage > 0) {
                    between(reps, stage, set);
                }
                lay(reps.stages().get(stage), turn(reps, set, stage), words(reps, stage));
            }
            if (set < reps.sets()) {
                restBetweenSets(reps.rest(), set);
            }
        }
    }

    /** What every ladder has between its rungs, and every set between its reps and its holds. */
    private void between(Reps reps, int stage, int set) {
        boolean fromHold = reps.stages().get(stage - 1) instanceof Stage.Held;
        boolean intoHold = reps.stages().get(stage) instanceof Stage.Held;
        Turn turn = tape.turn().ofSet(set);
        if (reps.order() == Reps.Order.RUNGS) {
            tape.clock(Phase.TRANSITION, pace.length(Quantity.RUNG), turn, "next rung");
        } else if (intoHold && !fromHold) {
            tape.clock(Phase.TRANSITION, pace.length(Quantity.INTO_HOLD), turn, "into the hold");
        } else if (fromHold && !intoHold) {
            tape.clock(Phase.TRANSITION, pace.length(Quantity.OUT_OF_HOLD), turn, "out of the hold");
        }
    }

    private void restBetweenSets(Duration written, int set) {
        Duration rest = written.isZero() ? pace.length(Quantity.SET) : written;
        tape.clock(Phase.REST, rest, tape.turn().ofSet(set), "");
    }

    private Turn turn(Reps reps, int set, int stage) {
        Turn turn = tape.turn().ofSet(set);
        return reps.stages().size() == 1 ? turn : turn.onRung(stage + 1);
    }

    private static String words(Reps reps, int stage) {
        if (reps.stages().size() == 1) {
            return "";
        }
        return switch (reps.order()) {
            case RUNGS -> "rung %d of %d, %s".formatted(stage + 1, reps.stages().size(),
                    RUNGS.get(Math.min(stage, RUNGS.size() - 1)));
            case STAGES -> switch (reps.stages().get(stage)) {
                case Stage.Moves moves -> moves.unit() == Stage.Unit.PULSE
                        ? "pulses" + reach(moves)
                        : "reps" + reach(moves);
                case Stage.Held held -> held.postures().isEmpty()
                        ? "hold"
                        : "hold " + String.join(" or ", held.postures());
            };
        };
    }

    private static String reach(Stage.Moves moves) {
        return moves.reach() == Stage.Reach.WHOLE ? "" : " " + moves.reach().words();
    }

    private void lay(Stage stage, Turn turn, String words) {
        switch (stage) {
            case Stage.Held held -> lay(held, turn, words);
            case Stage.Moves moves -> {
                Done reps = Done.of(Done.Unit.REPS, moves.number());
                switch (moves.tempo()) {
                    case Tempo.Usual(Speed speed) -> lay(moves, speed, turn, reps, words);
                    case Tempo.Seconds(Tempo.Phases phases) -> tape.clock(Phase.WORK,
                            Duration.ofSeconds((long) phases.sum() * moves.movements()), turn, reps, words);
                    case Tempo.MusicCounts(Tempo.Phases phases) ->
                        tape.counts(Phase.WORK, (long) phases.sum() * moves.movements(), turn, reps, words);
                }
                tape.clock(Phase.WORK, moves.stretch().multipliedBy(moves.number()), turn,
                        "stretches inside the reps");
            }
        }
    }

    /** Lays reps without a tempo: by the music, as long as the exercise asks; a sequence of the whole body by the clock. */
    private void lay(Stage.Moves moves, Speed said, Turn turn, Done reps, String words) {
        Speed speed = said == Speed.NATURAL ? doing.speed() : said;
        double times = moves.movements() * doing.times() * switch (speed) {
            case NATURAL -> 1;
            case SLOW -> pace.of(Quantity.SLOW);
            case QUICK -> pace.of(Quantity.QUICK);
        };
        if (moves.unit() == Stage.Unit.PULSE) {
            music(times * pace.of(Quantity.PULSE), turn, reps, words);
            return;
        }
        switch (doing.rep()) {
            case RepLength.OfCounts(int counts) -> music(times * counts, turn, reps, words);
            case RepLength.OfSeconds(int seconds) -> tape.clock(Phase.WORK,
                    Duration.ofMillis(Math.round(times * seconds * MILLIS)), turn, reps, words);
        }
    }

    private void music(double counts, Turn turn, Done reps, String words) {
        tape.music(Phase.WORK, Math.max(1, Math.round(counts * HALF_COUNTS)), turn, reps, words);
    }

    private void lay(Stage.Held held, Turn turn, String words) {
        switch (held.amount()) {
            case Amount.OfTime(Duration length) -> tape.clock(Phase.HOLD, length, turn, words);
            case Amount.OfBreaths(int breaths, boolean deep) -> tape.clock(Phase.HOLD,
                    pace.length(deep ? Quantity.DEEP_BREATH : Quantity.BREATH).multipliedBy(breaths), turn,
                    Done.of(Done.Unit.BREATHS, breaths), words);
            case Amount.OfCounts(int counts, boolean ofMusic) -> {
                Done done = Done.of(Done.Unit.COUNTS, counts);
                if (ofMusic || tape.segment().role() == Role.AEROBIC) {
                    tape.counts(Phase.HOLD, counts, turn, done, words);
                } else {
                    tape.clock(Phase.HOLD, pace.length(Quantity.SPOKEN).multipliedBy(counts), turn, done,
                            words);
                }
            }
        }
    }

    private void lay(Hold hold) {
        for (int set = 1; set <= hold.sets(); set++) {
            lay(hold.held(), tape.turn().ofSet(set), "");
            if (set < hold.sets()) {
                restBetweenSets(hold.rest(), set);
            }
        }
    }

    private void lay(Interval interval, boolean lastSide, Duration late) {
        for (int round = 1; round <= interval.rounds(); round++) {
            Turn turn = tape.turn().ofInterval(round);
            tape.clock(Phase.WORK, round == 1 ? interval.work().minus(late) : interval.work(), turn, "");
            boolean last = round == interval.rounds() && lastSide;
            if (!last || interval.lastRest()) {
                tape.clock(Phase.REST, interval.rest(), turn, "");
            }
        }
        tape.restIsOfTheClock();
    }

    private void lay(CountPattern pattern) {
        for (int time = 1; time <= pattern.times(); time++) {
            for (CountPattern.Part part : pattern.parts()) {
                tape.music(Phase.WORK, (long) part.counts() * pattern.pace().halfCounts(),
                        tape.turn().ofSet(time), Done.of(Done.Unit.COUNTS, part.counts()), part.words());
            }
        }
    }
}
