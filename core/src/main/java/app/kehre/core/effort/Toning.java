package app.kehre.core.effort;

import java.time.Duration;

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
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.RepLength;
import app.kehre.core.exercise.Resistance;
import app.kehre.core.kit.Load;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Variant;
import app.kehre.core.timeline.Span;

/**
 * Effort from 0 to 10 in toning, holds and core: how hard a usual set of the exercise feels to a regular participant,
 * which the library says, shifted by load, length of the set and tempo. Kehre's estimates (figures.md, "effort in
 * toning, holds, core").
 */
final class Toning {

    /** A balance screen. */
    static final Demand SCREEN = new Demand(Demand.Kind.STRENGTH, 2.5, 3, Variant.STANDARD, false);

    /** The effort of an exercise that does not say it, over its METs: 3 METs feel like 4, 6 like 6. */
    private static final double LEAST = 2.1;
    private static final double PER_MET = 0.65;
    /** A set twice as long as usual feels harder by so much, half as long easier, up to so much. */
    private static final double PER_DOUBLING = 1.2;
    private static final double SHORTER = -1.5;
    private static final double LONGER = 2;
    /** Light weights or a band, heavy ones, a kilo of what is held. */
    private static final double LIGHT = 0.8;
    private static final double MEDIUM = 1.2;
    private static final double HEAVY = 1.6;
    private static final double PER_KILO = 0.2;
    private static final double HEAVIEST = 2.4;
    /** What is made for a load and done with empty hands is hardly work. */
    private static final double EMPTY = -2.5;
    /** Reps so much slower than the natural ones, and pulses of so many seconds, feel harder. */
    private static final double SLOWER = 1.5;
    private static final double PULSE = 1.2;
    private static final double TEMPO = 0.3;
    private static final double MOST = 10;
    /** A count at 120 BPM, in which usual sets are measured, in seconds. */
    private static final double COUNT = 0.5;
    /** A calm breath, in seconds. */
    private static final double BREATH = 5;

    private Toning() {}

    static Demand of(Item item, Span span) {
        Exercise exercise = item.exercise();
        double mets = exercise.work().mets().value();
        double usual = exercise.work().effort().orElse(LEAST + PER_MET * mets);
        double effort = usual + length(item) + load(exercise, item.load()) + tempo(exercise, span);
        return new Demand(Demand.Kind.STRENGTH, mets, Math.clamp(effort, 0, MOST), item.delivery().variant(),
                false);
    }

    /** By how much a set is harder for its length. */
    private static double length(Item item) {
        double rep = seconds(item.exercise().rep());
        double usual = set(item.exercise().usualDose(), rep);
        double set = set(item.dose(), rep);
        return usual <= 0 || set <= 0
                ? 0
                : Math.clamp(PER_DOUBLING * Math.log(set / usual) / Math.log(2), SHORTER, LONGER);
    }

    /** How many seconds a set of a dose lasts at the natural length of a rep; 0 where it is measured otherwise. */
    private static double set(Dose dose, double rep) {
        return switch (dose) {
            case Reps reps -> reps.stages().stream().mapToDouble(stage -> stage(stage, rep)).sum();
            case Hold hold -> stage(hold.held(), rep);
            case Interval interval -> seconds(interval.work());
            case AsMany _,Counts _,CountPattern _,Open _ -> 0;
        };
    }

    private static double stage(Stage stage, double rep) {
        return switch (stage) {
            case Stage.Moves moves -> moves.number() * switch (moves.unit()) {
                case PULSE -> COUNT;
                case REP -> rep;
                case PAIR -> 2 * rep;
            };
            case Stage.Held held -> held(held.amount());
        };
    }

    private static double held(Amount amount) {
        return switch (amount) {
            case Amount.OfTime(Duration length) -> seconds(length);
            case Amount.OfCounts(int counts, _) -> counts * COUNT;
            case Amount.OfBreaths(int breaths, _) -> breaths * BREATH;
        };
    }

    private static double seconds(RepLength rep) {
        return switch (rep) {
            case RepLength.OfCounts(int counts) -> counts * COUNT;
            case RepLength.OfSeconds(int seconds) -> seconds;
        };
    }

    private static double seconds(Duration length) {
        return length.toNanos() / 1e9;
    }

    private static double seconds(Span span) {
        return seconds(span.stretch().length());
    }

    private static double tempo(Exercise exercise, Span span) {
        if (span.done().reps() == 0) {
            return 0;
        }
        double rep = seconds(span) / span.done().reps();
        return rep >= SLOWER * seconds(exercise.rep()) || rep <= PULSE ? TEMPO : 0;
    }

    private static double load(Exercise exercise, Load load) {
        boolean empty = weight(load) == 0 && weight(exercise.usualLoad()) > 0
                && exercise.work().resistance() == Resistance.HELD;
        return empty ? EMPTY : weight(load) - weight(exercise.usualLoad());
    }

    private static double weight(Load load) {
        double most = 0;
        for (Load.Piece piece : load.pieces()) {
            if (Resistance.resists(piece.kit())) {
                most = Math.max(most, size(piece));
            }
        }
        return most;
    }

    private static double size(Load.Piece piece) {
        return switch (piece.size()) {
            case Load.Size.Word(String word) -> switch (word) {
                case "heavy" -> HEAVY;
                case "medium" -> MEDIUM;
                default -> LIGHT;
            };
            case Load.Size.Kilos(int halves) -> Math.min(HEAVIEST, halves / 2.0 * piece.howMany() * PER_KILO);
        };
    }
}
