package app.kehre.core.effort;

import java.util.EnumSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.jspecify.annotations.Nullable;

import app.kehre.core.advice.SourceKind;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.choreography.Patterned;
import app.kehre.core.dose.AsMany;
import app.kehre.core.dose.CountPattern;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Counts.Pace;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Open;
import app.kehre.core.dose.Reps;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.footwork.Row;
import app.kehre.core.footwork.RowFacts;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Variant;
import app.kehre.core.value.Side;

/**
 * What rhythmic moves ask for: the stepping equation for the bare move on the bench, the library's value for one on
 * the floor, and the levers on net METs.
 */
final class Cardio {

    /** METs of a count that is no ascent, a tap or a knee on top: those of a move on the floor, after 03020. Kehre's estimate. */
    private static final double FLOOR_COUNT = 5.0;
    /** Counts of the music that one ascent takes up, up and down. */
    private static final int COUNTS_OF_AN_ASCENT = 4;
    /** The tempo at which the library's values hold for moves on the floor, in BPM. Kehre's estimate. */
    private static final double USUAL_TEMPO = 126;
    private static final double SLOWEST = 0.75;
    private static final double FASTEST = 1.3;
    /**
     * Factors on net METs from the library's value of a move to that of the move in a class, with the usual arms and style.
     * They are scaled so that whole classes, rests included, average the rows 03020 and 02035. Kehre's estimates, tested.
     */
    private static final double ON_FLOOR = 1.3;
    private static final double BY_THE_CLOCK = 1.2;
    private static final double CENTIMETRES = 100;
    private static final int WIDE = 3;

    private final Map<Row, RowFacts> facts = new IdentityHashMap<>();

    Demand of(DancedMove danced, Load load, Bpm bpm) {
        Set<Lever> levers = Lever.of(danced.style());
        if (!danced.arms().isBlank() && !levers.contains(Lever.OVERHEAD)) {
            levers.add(Lever.ARMS);
        }
        boolean hops = danced.hop() || levers.remove(Lever.HOP);
        double mets = moved(danced.move(), danced.pace(), load, bpm, levers);
        return new Demand(Demand.Kind.RHYTHMIC, mets, 0, Variant.STANDARD, hops);
    }

    Demand of(Item item, Bpm bpm) {
        Set<Lever> levers = Lever.of(item.delivery().style());
        if (item.load().find(Equipment.WEIGHT).isPresent()) {
            levers.add(Lever.LOAD);
        }
        boolean hops = levers.remove(Lever.HOP);
        double mets = counted(item.dose())
                ? counted(item, bpm, levers)
                : Lever.on(item.exercise().work().mets().value(), Math.min(Lever.MOST,
                        inClass(item.exercise(), BY_THE_CLOCK) * Lever.all(levers)));
        return new Demand(Demand.Kind.RHYTHMIC, mets, 0, item.delivery().variant(), hops);
    }

    /** A count pattern takes what the rows that it asks for take, each for its counts. */
    private double counted(Item item, Bpm bpm, Set<Lever> levers) {
        Optional<Patterned> patterned = item.dose() instanceof CountPattern pattern
                ? Patterned.of(item.exercise(), pattern, Side.RIGHT)
                : Optional.empty();
        if (patterned.isEmpty()) {
            return moved(item.exercise(), pace(item.dose()), item.load(), bpm, levers);
        }
        List<DancedMove> moves = patterned.get().dance().moves();
        double counts = moves.stream().mapToInt(DancedMove::halfCounts).sum();
        return moves.stream().mapToDouble(danced -> danced.halfCounts()
                * moved(danced.move(), danced.pace(), item.load(), bpm, EnumSet.copyOf(levers))).sum()
                / counts;
    }

    private static boolean counted(Dose dose) {
        return switch (dose) {
            case Counts _,CountPattern _ -> true;
            case AsMany _,Hold _,Interval _,Open _,Reps _ -> false;
        };
    }

    private static Pace pace(Dose dose) {
        return switch (dose) {
            case Counts counts -> counts.pace();
            case CountPattern pattern -> pattern.pace();
            case AsMany _,Hold _,Interval _,Open _,Reps _ -> Pace.NORMAL;
        };
    }

    private double moved(Exercise move, Pace pace, Load load, Bpm bpm, Set<Lever> levers) {
        double tempo = bpm.value() * (double) Pace.NORMAL.halfCounts() / pace.halfCounts();
        double onFloor = Math.clamp(tempo / USUAL_TEMPO, SLOWEST, FASTEST);
        RowFacts known = move.onStep() ? facts(move) : null;
        if (known == null || known.ascents() == 0) {
            double inClass = known == null ? inClass(move, ON_FLOOR) : 1;
            double factor = inClass * onFloor * Lever.all(levers);
            return Lever.on(move.work().mets().value(), Math.min(Lever.MOST, factor));
        }
        if (known.heading().turns() > 0 || known.heading().changes() > WIDE) {
            levers.add(Lever.DIRECTION);
        }
        if (known.floor().wide() >= WIDE) {
            levers.add(Lever.TRAVEL);
        }
        double up = Math.min(1, (double) COUNTS_OF_AN_ASCENT * known.ascents() / known.counts());
        double ascents = tempo * known.ascents() / known.counts();
        if (!levers.contains(Lever.OVERHEAD)) {
            levers.add(Lever.ARMS);
        }
        double bare = Stepping.mets(ascents, Conditions.height(load) / CENTIMETRES)
                + (1 - up) * (FLOOR_COUNT - 1) * ON_FLOOR * onFloor;
        return Lever.on(bare, Lever.all(levers));
    }

    /**
     * Mobility is not danced, so its values stand as they are; so do those of the bench, which are measured there, and
     * those of the published tables.
     */
    private static double inClass(Exercise move, double factor) {
        boolean asItIs = move.pattern() == Pattern.MOBILITY || move.family() == Family.WARM_UP
                || move.work().mets().kind() == SourceKind.PUBLISHED;
        return asItIs ? 1 : factor;
    }

    private @Nullable RowFacts facts(Exercise move) {
        return move.footwork().map(row -> facts.computeIfAbsent(row, RowFacts::of)).orElse(null);
    }
}
