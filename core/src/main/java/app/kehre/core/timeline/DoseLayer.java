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
import app.kehre.core.dose.Stage;
import app.kehre.core.dose.Tempo;
import app.kehre.core.value.Side;

/** Lays the spans of one dose in one round. */
final class DoseLayer {

    private static final List<String> RUNGS = List.of("basic", "harder", "hardest");

    private final Tape tape;
    private final Duration sideChange;

    DoseLayer(Tape tape, Duration sideChange) {
        this.tape = tape;
        this.sideChange = sideChange;
    }

    /**
     * Lays a dose.
     *
     * @param late how much of the first work by the clock is already lost
     */
    void lay(Dose dose, Duration late) {
        List<Side> order = dose.sides().order(tape.turn().round().orElse(1));
        for (int i = 0; i < order.size(); i++) {
            tape.onSide(order.get(i));
            boolean change = i > 0 && needsSideChange(dose);
            if (change) {
                tape.clock(Phase.SIDE_CHANGE, sideChange, tape.turn(), "");
            }
            switch (dose) {
                case Reps reps -> lay(reps);
                case Hold hold -> lay(hold);
                case Interval interval -> lay(interval, i == order.size() - 1, i == 0 ? late : Duration.ZERO);
                case AsMany many -> tape.clock(Phase.WORK, many.length(), tape.turn(), "");
                case Open open -> tape.clock(Phase.WORK, open.planned(), tape.turn(), "");
                case Counts counts -> tape.music(Phase.WORK,
                        (long) counts.counts() * counts.pace().halfCounts(), tape.turn(),
                        Done.of(Done.Unit.COUNTS, counts.counts()), "");
                case CountPattern pattern -> lay(pattern);
            }
        }
    }

    /** Changing side lies inside the rest of an interval, and inside a move that is counted. */
    private static boolean needsSideChange(Dose dose) {
        return switch (dose) {
            case Interval interval -> interval.rest().isZero();
            case Counts _,CountPattern _ -> false;
            case Reps _,Hold _,AsMany _,Open _ -> true;
        };
    }

    private void lay(Reps reps) {
        for (int set = 1; set <= reps.sets(); set++) {
            for (int stage = 0; stage < reps.stages().size(); stage++) {
                lay(reps.stages().get(stage), turn(reps, set, stage), words(reps, stage));
            }
            if (set < reps.sets()) {
                tape.clock(Phase.REST, reps.rest(), tape.turn().ofSet(set), "");
            }
        }
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
                Duration stretch = moves.stretch().multipliedBy(moves.number());
                switch (moves.tempo()) {
                    case Tempo.Usual() -> tape.clock(Phase.WORK,
                            moves.unit().usualLength().multipliedBy(moves.movements()).plus(stretch), turn,
                            reps, words);
                    case Tempo.Seconds(Tempo.Phases phases) -> tape.clock(Phase.WORK,
                            Duration.ofSeconds((long) phases.sum() * moves.movements()).plus(stretch), turn,
                            reps, words);
                    case Tempo.MusicCounts(Tempo.Phases phases) -> {
                        tape.counts(Phase.WORK, (long) phases.sum() * moves.movements(), turn, reps, words);
                        tape.clock(Phase.WORK, stretch, turn, "stretches inside the reps");
                    }
                }
            }
        }
    }

    private void lay(Stage.Held held, Turn turn, String words) {
        switch (held.amount()) {
            case Amount.OfTime(Duration length) -> tape.clock(Phase.HOLD, length, turn, words);
            case Amount.OfBreaths(int breaths) ->
                tape.clock(Phase.HOLD, Amount.BREATH.multipliedBy(breaths), turn,
                        Done.of(Done.Unit.BREATHS, breaths), words);
            case Amount.OfCounts(int counts) -> tape.counts(Phase.HOLD, counts, turn,
                    Done.of(Done.Unit.COUNTS, counts), words);
        }
    }

    private void lay(Hold hold) {
        for (int set = 1; set <= hold.sets(); set++) {
            lay(hold.held(), tape.turn().ofSet(set), "");
            if (set < hold.sets()) {
                tape.clock(Phase.REST, hold.rest(), tape.turn().ofSet(set), "");
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
