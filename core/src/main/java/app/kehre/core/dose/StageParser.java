package app.kehre.core.dose;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Reads the stages of a set: "6 reps 4-0-4 s, 8 pulses at the bottom, hold 10 s", or rungs with ">". */
final class StageParser {

    /** The stages, and what leads from one to the next. */
    record Stages(List<Stage> list, Reps.Order order) {}

    private static final Set<String> UNITS = Set.of("rep", "reps", "pair", "pairs", "pulse", "pulses",
            "slow", "quick", "forward", "back");

    private static final Set<String> RUNG = Set.of(">");
    /** The words that begin breaths behind their number. */
    static final Set<String> BREATHS = Set.of("breath", "breaths", "deep");

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
            if (!tokens.accept("+")) {
                tokens.accept(",");
            }
            list.add(stage());
        }
        return new Stages(list, Reps.Order.STAGES);
    }

    private boolean seesFurtherStage() {
        int here = tokens.position();
        boolean further = (tokens.accept(",") || tokens.accept("+")) && sees();
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
        tokens.accept("about");
        if (tokens.seesNumberOf(BREATHS)) {
            int breaths = tokens.number("the breaths");
            return new Amount.OfBreaths(breaths, deepBreaths());
        }
        if (tokens.seesNumberOf(Set.of("count", "counts"))) {
            int counts = tokens.number("the counts");
            tokens.acceptAny(Set.of("count", "counts"));
            return new Amount.OfCounts(counts, tokens.accept("of", "music"));
        }
        return new Amount.OfTime(tokens.length("the hold"));
    }

    /** Takes "breaths" or "deep breaths"; returns whether they are deep. */
    boolean deepBreaths() {
        boolean deep = tokens.accept("deep");
        if (!tokens.acceptAny(Set.of("breath", "breaths"))) {
            throw tokens.unread();
        }
        return deep;
    }

    private Stage.Moves moves() {
        int number = tokens.number("the reps");
        Speed speed = speed();
        Stage.Unit unit = unit();
        Tempo tempo = speed == Speed.NATURAL ? tempo() : new Tempo.Usual(speed);
        Stage.Reach reach = reach();
        Duration stretch = Duration.ZERO;
        if (tokens.accept("with")) {
            stretch = tokens.length("the stretch");
            tokens.expect("stretch");
            Limits.STRETCH_WORTH_SAYING.check(stretch);
        }
        return new Stage.Moves(number, unit, tempo, reach, stretch);
    }

    private Stage.Reach reach() {
        for (Stage.Reach reach : Stage.Reach.values()) {
            if (reach != Stage.Reach.WHOLE && tokens.accept(reach.words().split(" "))) {
                return reach;
            }
        }
        return Stage.Reach.WHOLE;
    }

    private Speed speed() {
        return tokens.accept(Speed.SLOW.words())
                ? Speed.SLOW
                : tokens.accept(Speed.QUICK.words()) ? Speed.QUICK : Speed.NATURAL;
    }

    private Stage.Unit unit() {
        for (Stage.Unit unit : Stage.Unit.values()) {
            if (tokens.accept(unit.word()) || tokens.accept(unit.word() + "s")) {
                return unit;
            }
        }
        if (tokens.sees("forward") || tokens.sees("back")) {
            return Stage.Unit.REP;
        }
        throw tokens.unread();
    }

    private Tempo tempo() {
        int here = tokens.position();
        if (!tokens.seesNumber()) {
            return Tempo.USUAL;
        }
        int lowering = tokens.number("the lowering");
        if (tokens.accept("down")) {
            return downAndUp(lowering);
        }
        if (!tokens.sees("-") && !tokens.sees("/")) {
            tokens.backTo(here);
            return Tempo.USUAL;
        }
        int pauseLow = tokens.accept("/") ? tokens.number("the lifting") : afterDash();
        if (!tokens.sees("-")) {
            return twoParts(new Tempo.Phases(lowering, 0, pauseLow, 0));
        }
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

    /** Reads "2 down 2 up", or "2 down 1 hold 2 up", as counts of the music. */
    private Tempo downAndUp(int lowering) {
        int next = tokens.number("the counts up");
        int pause = 0;
        if (tokens.accept("hold")) {
            pause = next;
            next = tokens.number("the counts up");
        }
        if (!tokens.accept("up")) {
            throw tokens.unread();
        }
        return new Tempo.MusicCounts(new Tempo.Phases(lowering, pause, next, 0));
    }

    /** A tempo of two parts is of counts of the music, unless it says seconds. */
    private Tempo twoParts(Tempo.Phases phases) {
        if (tokens.accept("s")) {
            return new Tempo.Seconds(phases);
        }
        tokens.acceptAny(Set.of("count", "counts"));
        return new Tempo.MusicCounts(phases);
    }

    private int afterDash() {
        if (!tokens.accept("-")) {
            throw new Refusal(
                    "A tempo has three or four parts, lowering-pause-lifting-pause: write it like 2-0-2 s.");
        }
        return tokens.number("the next part of the tempo");
    }
}
