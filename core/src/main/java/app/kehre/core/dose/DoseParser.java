package app.kehre.core.dose;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

import app.kehre.core.value.Lengths;

/** Reads one dose: a head that fixes its kind, then clauses in any order, each at most once. */
final class DoseParser {

    private static final Set<String> REPS = Set.of("rep", "reps");
    private static final Set<String> COUNTS = Set.of("count", "counts");
    private static final Set<String> ONE_SIDE = Set.of("side", "leg", "arm", "foot", "hand", "way");
    /** A rest in counts is kept in seconds, as without music: 120 counts a minute. */
    private static final int COUNTS_A_SECOND = 2;

    private final Tokens tokens;
    private final StageParser stages;

    DoseParser(String text) {
        this.tokens = new Tokens(text);
        this.stages = new StageParser(tokens);
    }

    /**
     * Returns the dose.
     *
     * @throws IllegalArgumentException with a sentence for the person who wrote it
     */
    Dose parse() {
        if (tokens.atEnd()) {
            throw new Refusal("A dose is missing: " + Tokens.EXAMPLES + ".");
        }
        Unclear.refuseUneven(tokens);
        Dose dose = head();
        while (!tokens.atEnd()) {
            tokens.accept(",");
            dose = clause(dose);
        }
        return dose;
    }

    private Dose head() {
        if (tokens.accept("as", "many", "as", "possible", "in")) {
            return new AsMany(tokens.length("the time"), 0, Sides.TOGETHER);
        }
        if (tokens.accept("as", "long", "as", "you", "can")) {
            tokens.accept(",");
            tokens.accept("about");
            return new Open(tokens.length("the planned length"), Duration.ZERO, Sides.TOGETHER);
        }
        if (tokens.accept("about")) {
            return new Open(tokens.length("the planned length"), Duration.ZERO, Sides.TOGETHER);
        }
        if (tokens.accept("stretch")) {
            return held(1, Hold.Kind.STRETCH);
        }
        if (tokens.sees("[")) {
            return pattern(1);
        }
        if (stages.sees()) {
            return ofStages(1);
        }
        if (tokens.seesLength()) {
            return interval();
        }
        if (!tokens.seesNumber()) {
            throw tokens.notADose();
        }
        return numbered();
    }

    private Dose interval() {
        Duration work = tokens.length("the work");
        if (tokens.accept("on")) {
            return new Interval(work, Duration.ZERO, 1, true, Sides.TOGETHER);
        }
        String length = Lengths.notation(work);
        throw new Refusal("\"%s\" can be a hold or an interval: write hold %s, or %s on."
                .formatted(tokens.text(), length, length), "hold " + length, length + " on");
    }

    private Dose numbered() {
        int number = tokens.number("a number");
        if (tokens.accept("x")) {
            return repeated(number);
        }
        if (StageParser.BREATHS.stream().anyMatch(tokens::sees)) {
            return new Hold(1, new Stage.Held(new Amount.OfBreaths(number, stages.deepBreaths()), List.of()),
                    Hold.Kind.HOLD, Duration.ZERO, Sides.TOGETHER);
        }
        if (tokens.accept("eights") || tokens.accept("eight")) {
            return Counts.ofEights(number);
        }
        if (tokens.accept("counts") || tokens.accept("count")) {
            return new Counts(number, Counts.Pace.NORMAL, Sides.TOGETHER);
        }
        if (seesSides()) {
            return Reps.of(number);
        }
        Unclear.refuseRow(tokens);
        if (tokens.atEnd()) {
            throw new Refusal("%d has no unit: write %d reps, %d counts or hold %d s.".formatted(number,
                    number, number, number), number + " reps", number + " counts", number + " eights",
                    "hold " + number + " s", number + " breaths");
        }
        throw tokens.notADose();
    }

    private Dose repeated(int times) {
        if (tokens.accept("(")) {
            StageParser.Stages found = stages.stages();
            tokens.expect(")");
            return ofStages(times, found);
        }
        if (tokens.accept("stretch")) {
            return held(times, Hold.Kind.STRETCH);
        }
        if (tokens.sees("[")) {
            return pattern(times);
        }
        if (tokens.seesNumberOf(StageParser.BREATHS)) {
            return held(times, Hold.Kind.HOLD);
        }
        if (!stages.sees()) {
            return withoutUnit(times);
        }
        int from = tokens.position();
        StageParser.Stages found = stages.stages();
        if (found.list().size() > 1) {
            tokens.backTo(from);
            throw twoReadings(times, found);
        }
        return ofStages(times, found);
    }

    private Dose withoutUnit(int sets) {
        int reps = tokens.number("the reps of a set, or a hold");
        if (seesSides()) {
            return new Reps(sets, List.of(Stage.Moves.of(reps)), Reps.Order.STAGES, Duration.ZERO,
                    Sides.TOGETHER);
        }
        String choice = "%d x %d reps".formatted(sets, reps);
        throw new Refusal(
                "After \"%d x %d\" the unit is missing: write %s.".formatted(sets, reps, choice), choice);
    }

    private static Refusal twoReadings(int sets, StageParser.Stages found) {
        boolean rungs = found.order() == Reps.Order.RUNGS;
        String all = DoseNotation.stages(found.list(), found.order());
        String whole = "%d x (%s)".formatted(sets, all);
        List<Stage> onlyFirst = new ArrayList<>();
        for (int i = 0; i < sets && !rungs && sets <= Limits.MOST_SPELLED_OUT; i++) {
            onlyFirst.add(found.list().getFirst());
        }
        onlyFirst.addAll(found.list().subList(rungs ? 0 : 1, found.list().size()));
        String first = DoseNotation.stages(onlyFirst, found.order());
        return new Refusal("It can be read in two ways: write %s when all of it is done %d times, or %s."
                .formatted(whole, sets, first), whole, first);
    }

    private Dose ofStages(int sets) {
        return ofStages(sets, stages.stages());
    }

    private static Dose ofStages(int sets, StageParser.Stages found) {
        if (found.list().size() == 1 && found.list().getFirst() instanceof Stage.Held only) {
            return new Hold(sets, only, Hold.Kind.HOLD, Duration.ZERO, Sides.TOGETHER);
        }
        boolean pairs = found.list().stream()
                .anyMatch(each -> each instanceof Stage.Moves moves && moves.unit() == Stage.Unit.PAIR);
        return new Reps(sets, found.list(), found.order(), Duration.ZERO,
                pairs ? Sides.ALTERNATING : Sides.TOGETHER);
    }

    private Dose held(int sets, Hold.Kind kind) {
        return new Hold(sets, stages.held(), kind, Duration.ZERO, Sides.TOGETHER);
    }

    private Dose pattern(int times) {
        tokens.expect("[");
        List<CountPattern.Part> parts = new ArrayList<>();
        do {
            String words = tokens.letters();
            parts.add(new CountPattern.Part(words, tokens.number("the counts of a part")));
        } while (tokens.accept(","));
        tokens.expect("]");
        return new CountPattern(times, parts, Counts.Pace.NORMAL, Sides.TOGETHER);
    }

    private Dose clause(Dose dose) {
        Sides sides = sides();
        if (sides != Sides.TOGETHER) {
            tokens.once("sides");
            return dose.withSides(sides);
        }
        return switch (dose) {
            case Reps reps when tokens.accept("rest") -> new Reps(reps.sets(), reps.stages(), reps.order(),
                    rest(), reps.sides());
            case Hold hold when tokens.accept("rest") -> new Hold(hold.sets(), hold.held(), hold.kind(),
                    rest(), hold.sides());
            case AsMany many when tokens.accept("beat") -> new AsMany(many.length(), toBeat(), many.sides());
            case Open open when tokens.accept("give", "or", "take") -> new Open(open.planned(), tolerance(),
                    open.sides());
            case Interval interval -> intervalClause(interval);
            case Counts counts -> new Counts(counts.counts(), pace(), counts.sides());
            case CountPattern pattern -> new CountPattern(pattern.times(), pattern.parts(), pace(),
                    pattern.sides());
            case Reps _ -> throw tokens.unread();
            case Hold _ -> throw tokens.unread();
            case AsMany _ -> throw tokens.unread();
            case Open _ -> throw tokens.unread();
        };
    }

    private boolean seesSides() {
        return tokens.sees("each") || tokens.sees("per") || tokens.sees("both");
    }

    /** Reads "each side" as it is said: "each leg", "per arm", "both sides", or "each" alone. */
    private boolean eachSide() {
        if (tokens.accept("both", "sides")) {
            return true;
        }
        if (!tokens.accept("each") && !tokens.accept("per")) {
            return false;
        }
        tokens.acceptAny(ONE_SIDE);
        return true;
    }

    private Sides sides() {
        if (eachSide()) {
            return leftFirst() ? Sides.EACH_SIDE_LEFT_FIRST : Sides.EACH_SIDE;
        }
        Unclear.refuseCue(tokens);
        if (tokens.accept("one", "side", "a", "round")) {
            return leftFirst() ? Sides.SIDE_A_ROUND_LEFT_FIRST : Sides.SIDE_A_ROUND;
        }
        if (tokens.accept("alternating")) {
            return Sides.ALTERNATING;
        }
        if (tokens.accept("right", "side")) {
            return Sides.RIGHT_SIDE;
        }
        return tokens.accept("left", "side") ? Sides.LEFT_SIDE : Sides.TOGETHER;
    }

    private boolean leftFirst() {
        int before = tokens.position();
        tokens.accept(",");
        if (tokens.accept("left", "first")) {
            return true;
        }
        tokens.backTo(before);
        return false;
    }

    private Duration rest() {
        tokens.once("rest");
        if (tokens.seesNumberOf(COUNTS)) {
            int counts = tokens.number("the counts of the rest");
            tokens.acceptAny(COUNTS);
            return Duration.ofSeconds((counts + 1) / COUNTS_A_SECOND);
        }
        return tokens.length("the rest");
    }

    private int toBeat() {
        tokens.once("number to beat");
        int number = tokens.number("the number to beat");
        tokens.acceptAny(REPS);
        return number;
    }

    private Duration tolerance() {
        tokens.once("give and take");
        return tokens.length("the give and take");
    }

    private Counts.Pace pace() {
        if (tokens.accept("half", "time")) {
            tokens.once("pace");
            return Counts.Pace.HALF_TIME;
        }
        if (tokens.accept("double", "time")) {
            tokens.once("pace");
            return Counts.Pace.DOUBLE_TIME;
        }
        throw tokens.unread();
    }

    private Interval intervalClause(Interval interval) {
        if (tokens.accept("x")) {
            tokens.once("rounds");
            return new Interval(interval.work(), interval.rest(), tokens.number("the rounds"),
                    interval.lastRest(), interval.sides());
        }
        if (tokens.accept("no", "last", "rest")) {
            tokens.once("last rest");
            return new Interval(interval.work(), interval.rest(), interval.rounds(), false, interval.sides());
        }
        if (!tokens.seesLength()) {
            throw tokens.unread();
        }
        Duration rest = tokens.length("the rest");
        tokens.expect("off");
        tokens.once("off");
        return new Interval(interval.work(), rest, interval.rounds(), !tokens.hasSaid("last rest"),
                interval.sides());
    }
}
