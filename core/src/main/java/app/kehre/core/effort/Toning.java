package app.kehre.core.effort;

import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Variant;
import app.kehre.core.timeline.Span;
import app.kehre.core.value.Lengths;

/** Effort from 0 to 10 in toning, holds and core, from exercise, load, reps, tempo and option. Kehre's estimates. */
final class Toning {

    /** A balance screen. */
    static final Demand SCREEN = new Demand(Demand.Kind.STRENGTH, 2.5, 3, Variant.STANDARD, false);

    /** The effort of an exercise done once, over its METs: 3 METs feel like 4, 6 like 6, 8 like 7.3. */
    private static final double LEAST = 2.1;
    private static final double PER_MET = 0.65;
    /** A set longer than this many seconds feels harder by so much a second, up to so much. */
    private static final double SHORT_SET = 20;
    private static final double PER_SECOND = 0.02;
    private static final double LONG_SET = 1.2;
    /** Light weights or a band, heavy ones, a kilo of a pair. */
    private static final double LIGHT = 0.3;
    private static final double HEAVY = 0.8;
    private static final double PER_KILO = 0.08;
    private static final double HEAVIEST = 1.2;
    /** Reps slower or faster than usual, in seconds, feel harder by so much. */
    private static final double SLOW_REP = 4;
    private static final double PULSE = 1.2;
    private static final double TEMPO = 0.3;
    private static final double MOST = 10;

    private Toning() {}

    static Demand of(Item item, Span span) {
        double mets = item.exercise().work().mets().value();
        double seconds = Lengths.seconds(span.stretch().length());
        double set = Math.clamp((seconds - SHORT_SET) * PER_SECOND, 0, LONG_SET);
        double effort = LEAST + PER_MET * mets + set + load(item.load()) + tempo(span, seconds);
        return new Demand(Demand.Kind.STRENGTH, mets, Math.clamp(effort, 0, MOST), item.manner().variant(),
                false);
    }

    private static double tempo(Span span, double seconds) {
        if (span.done().reps() == 0) {
            return 0;
        }
        double rep = seconds / span.done().reps();
        return rep >= SLOW_REP || rep <= PULSE ? TEMPO : 0;
    }

    private static double load(Load load) {
        double most = 0;
        for (Load.Piece piece : load.pieces()) {
            if (piece.kit() == Equipment.WEIGHT || piece.kit() == Equipment.LONG_BAND
                    || piece.kit() == Equipment.LOOP_BAND) {
                most = Math.max(most, size(piece));
            }
        }
        return most;
    }

    private static double size(Load.Piece piece) {
        return switch (piece.size()) {
            case Load.Size.Word(String word) -> word.equals("heavy") ? HEAVY : LIGHT;
            case Load.Size.Kilos(int halves) -> Math.min(HEAVIEST, halves / 2.0 * piece.howMany() * PER_KILO);
        };
    }
}
