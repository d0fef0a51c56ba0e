package app.kehre.core.dose;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Reads the stages of a set: "6 reps 4-0-4 s, 8 pulses at the bottom, hold 10 s", or rungs with ">". */
final class StageParser {

    /** The stages, and what leads from one to the next. */
    record Stages(List<Stage> list, Reps.Order order) {}

    private static final Set<String> UNITS = Set.of("rep", "reps", "pair", "pairs", "pulse", "pulses");

    private static final Set<String> RUNG = Set.of(">");

    private final Tokens tokens;

    StageParser(Tokens tokens) {
        this.tokens = tokens;
    }

    /** Returns whether a stage comes next. */
    boolean sees() {
        return tokens.sees("hold") || tokens.seesNumberOf(UNITS) || tokens.seesNumberOf(RUNG);
    }

    /** Reads one stage or more. */
    Stages stages() {
        List<Stage> list = new ArrayList<>(rungsOfOneManner());
        if (!list.isEmpty()) {
            return new Stages(list, Reps.Order.RUNGS);
        }
        list.add(stage());
        if (tokens.sees(">")) {
            while (tokens.accept(">")) {
                list.add(stage());
            }
            return new Stages(list, Reps.Order.RUNGS);
        }
        while (seesFurtherStage()) {
            tokens.accept(",");
            list.add(stage());
        }
        return new Stages(list, Reps.Order.STAGES);
    }

    private boolean seesFurtherStage() {
        int here = tokens.position();
        boolean further = tokens.accept(",") && sees();
        tokens.backTo(here);
        return further;
    }

    /** Reads "10 > 10 > 8 reps 2-0-2 s": what stands behind the last number holds for all. */
    private List<Stage> rungsOfOneManner() {
        int here = tokens.position();
        List<Integer> numbers = new ArrayList<>();
        while (tokens.seesNumber() && !tokens.seesNumberOf(UNITS)) {
            numbers.add(tokens.number("the reps of a rung"));
            if (!tokens.accept(">")) {
                tokens.backTo(here);
                return List.of();
            }
        }
        if (numbers.isEmpty() || !tokens.seesNumberOf(UNITS)) {
            tokens.backTo(here);
            return List.of();
        }
        Stage.Moves last = moves();
        List<Stage> rungs = new ArrayList<>();
        numbers.forEach(number -> rungs
                .add(new Stage.Moves(number, last.unit(), last.tempo(), last.reach(), last.stretch())));
        rungs.add(last);
        return rungs;
    }

    Stage stage() {
        return tokens.accept("hold") ? held() : moves();
    }

    /** Reads what stands behind "hold" or "stretch". */
    Stage.Held held() {
        Amount amount = amount();
        List<String> postures = new ArrayList<>();
        if (tokens.accept("(")) {
            String words = tokens.letters();
            postures.addAll(List.of(words.split(" or ")));
            tokens.expect(")");
        }
        return new Stage.Held(amount, postures);
    }

    private Amount amount() {
        if (tokens.seesNumberOf(Set.of("breath", "breaths"))) {
            int breaths = tokens.number("the breaths");
            tokens.acceptAny(Set.of("breath", "breaths"));
            return new Amount.OfBreaths(breaths);
        }
        if (tokens.seesNumberOf(Set.of("count", "counts"))) {
            int counts = tokens.number("the counts");
            tokens.acceptAny(Set.of("count", "counts"));
            return new Amount.OfCounts(counts);
        }
        return new Amount.OfTime(tokens.length("the hold"));
    }

    private Stage.Moves moves() {
        int number = tokens.number("the reps");
        Stage.Unit unit = unit();
        Tempo tempo = tempo();
        Stage.Reach reach = Stage.Reach.WHOLE;
        if (tokens.accept("at", "the", "bottom")) {
            reach = Stage.Reach.BOTTOM;
        } else if (tokens.accept("at", "the", "top")) {
            reach = Stage.Reach.TOP;
        }
        Duration stretch = Duration.ZERO;
        if (tokens.accept("with")) {
            stretch = tokens.length("the stretch");
            tokens.expect("stretch");
            Limits.STRETCH_WORTH_SAYING.check(stretch);
        }
        return new Stage.Moves(number, unit, tempo, reach, stretch);
    }

    private Stage.Unit unit() {
        for (Stage.Unit unit : Stage.Unit.values()) {
            if (tokens.accept(unit.word()) || tokens.accept(unit.word() + "s")) {
                return unit;
            }
        }
        throw tokens.unread();
    }

    private Tempo tempo() {
        int here = tokens.position();
        if (!tokens.seesNumber()) {
            return Tempo.USUAL;
        }
        int lowering = tokens.number("the lowering");
        if (!tokens.sees("-")) {
            tokens.backTo(here);
            return Tempo.USUAL;
        }
        int pauseLow = afterDash();
        int lifting = afterDash();
        int pauseHigh = tokens.sees("-") ? afterDash() : 0;
        Tempo.Phases phases = new Tempo.Phases(lowering, pauseLow, lifting, pauseHigh);
        if (tokens.accept("counts") || tokens.accept("count")) {
            return new Tempo.MusicCounts(phases);
        }
        if (tokens.accept("s")) {
            return new Tempo.Seconds(phases);
        }
        throw new Refusal("The tempo %s has no unit: write %s s or %s counts.".formatted(phases.notation(),
                phases.notation(), phases.notation()));
    }

    private int afterDash() {
        if (!tokens.accept("-")) {
            throw new Refusal(
                    "A tempo has three or four parts, lowering-pause-lifting-pause: write it like 2-0-2 s.");
        }
        return tokens.number("the next part of the tempo");
    }
}
