package app.kehre.core.answers;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import app.kehre.core.brief.Schools;
import app.kehre.core.dose.Amount;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Reps;
import app.kehre.core.dose.Sides;
import app.kehre.core.dose.Stage;
import app.kehre.core.dose.Tempo;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Position;
import app.kehre.core.kit.Load;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.DoseLength;

/**
 * The usual dose of an exercise, turned as the brief answers what drives time and how sides follow each other. It asks as
 * much as before: what changes is who counts it, and which side is when.
 */
public final class AnsweredDose {

    /** Work by the clock is set in steps that a timer has. */
    private static final int CLOCK_STEP = 5;
    private static final int LEAST_WORK = 10;
    private static final int PHRASE = 4 * Counts.EIGHT;

    private final Exercise exercise;
    private final Segment segment;
    private final ClassPlan plan;
    private final Schools schools;

    private AnsweredDose(Exercise exercise, Segment segment, ClassPlan plan) {
        this.exercise = exercise;
        this.segment = segment;
        this.plan = plan;
        this.schools = plan.brief().schools();
    }

    /** Returns the line with the dose that its exercise has in a segment of a class, or in a circuit of it. */
    public static Item of(Item item, Segment segment, ClassPlan plan, boolean inCircuit) {
        return item.withDose(of(item.exercise(), segment, plan, inCircuit));
    }

    /** Returns the dose of an exercise that comes into a segment of a class, or into a circuit of it. */
    public static Dose of(Exercise exercise, Segment segment, ClassPlan plan, boolean inCircuit) {
        AnsweredDose answered = new AnsweredDose(exercise, segment, plan);
        return answered.driven(answered.shared(exercise.usualDose(), inCircuit));
    }

    private Dose shared(Dose dose, boolean inCircuit) {
        return switch (schools.sides()) {
            case SIDES_PER_EXERCISE -> dose;
            case FINISH_ONE -> finished(dose);
            case ALTERNATE_REPS -> alternated(dose);
            case SIDE_A_ROUND ->
                inCircuit && dose.sides() == Sides.EACH_SIDE ? dose.withSides(Sides.SIDE_A_ROUND) : dose;
        };
    }

    /** Half of the reps that were done in turn, on one side and then on the other; pairs stay in turn. */
    private static Dose finished(Dose dose) {
        return dose instanceof Reps reps && reps.sides() == Sides.ALTERNATING
                && reps.goesWith(Sides.EACH_SIDE)
                        ? once(reps)
                                .map(moves -> resized(reps, moves, Math.ceilDiv(moves.number(), 2)).withSides(
                                        Sides.EACH_SIDE))
                                .orElse(reps)
                        : dose;
    }

    /** The reps of both sides in turn, where changing needs no lying over and no other hand. */
    private Dose alternated(Dose dose) {
        return dose instanceof Reps reps && reps.sides() == Sides.EACH_SIDE && turns()
                ? once(reps)
                        .map(moves -> resized(reps, moves, 2 * moves.number()).withSides(Sides.ALTERNATING))
                        .orElse(reps)
                : dose;
    }

    private boolean turns() {
        boolean still = exercise.position() == Position.SIDE_LYING
                || exercise.position() == Position.KNEELING;
        boolean oneHand = exercise.usualLoad().pieces().stream()
                .anyMatch(piece -> piece.where() != Load.Where.USUAL || piece.howMany() == 1);
        return !still && !oneHand;
    }

    private Dose driven(Dose dose) {
        return switch (schools.time()) {
            case MIXED_TIME -> dose;
            case CLOCKED -> clocked(dose);
            case BY_REPS -> counted(dose);
            case COUNTED -> danced(dose);
            case BY_BREATHS -> breathed(dose);
        };
    }

    private Dose clocked(Dose dose) {
        return switch (dose) {
            case Reps reps when once(reps).isPresent() -> {
                Reps set = new Reps(1, reps.stages(), reps.order(), Duration.ZERO,
                        reps.sides() == Sides.ALTERNATING ? Sides.ALTERNATING : Sides.TOGETHER);
                yield new Interval(steps(length(set)), reps.rest(), reps.sets(), false, reps.sides());
            }
            case Counts counts ->
                new Interval(steps(length(counts.withSides(Sides.TOGETHER))), Duration.ZERO, 1, false,
                        counts.sides());
            default -> dose;
        };
    }

    private static Duration steps(Duration length) {
        long rounded = Math.round(length.toMillis() / 1000.0 / CLOCK_STEP) * CLOCK_STEP;
        return Duration.ofSeconds(Math.max(LEAST_WORK, rounded));
    }

    private Dose counted(Dose dose) {
        if (!(dose instanceof Interval interval)) {
            return dose;
        }
        double rep = length(Reps.of(1)).toMillis();
        int reps = Math.clamp(2 * Math.round(interval.work().toMillis() / rep / 2), 2, 60);
        return new Reps(Math.min(20, interval.rounds()), Reps.of(reps).stages(), Reps.Order.STAGES,
                interval.rounds() > 1 ? interval.rest() : Duration.ZERO, interval.sides());
    }

    /** Work by the clock becomes whole phrases of the music. */
    private Dose danced(Dose dose) {
        if (!(dose instanceof Interval interval)) {
            return dose;
        }
        double phrase = segment.bpm().at(2L * PHRASE).toMillis();
        int phrases = Math.max(1,
                (int) Math.round((double) interval.work().toMillis() * interval.rounds() / phrase));
        return new Counts(Math.min(2048, phrases * PHRASE), Counts.Pace.NORMAL, interval.sides());
    }

    private Dose breathed(Dose dose) {
        return dose instanceof Hold hold && hold.held().amount() instanceof Amount.OfTime(Duration length)
                ? new Hold(hold.sets(),
                        new Stage.Held(new Amount.OfBreaths(breaths(length), false), hold.held().postures()),
                        hold.kind(), hold.rest(), hold.sides())
                : dose;
    }

    private int breaths(Duration length) {
        double breath = plan.pace().length(Quantity.BREATH).toMillis();
        return Math.clamp(Math.round(length.toMillis() / breath), 1, 60);
    }

    private Duration length(Dose dose) {
        return DoseLength.of(dose, exercise, segment, plan);
    }

    /** Finds the reps of a set that has one stage at the usual tempo. */
    private static Optional<Stage.Moves> once(Reps reps) {
        return reps.stages().size() == 1 && reps.stages().getFirst() instanceof Stage.Moves moves
                && moves.tempo().equals(Tempo.USUAL) && moves.unit() == Stage.Unit.REP
                        ? Optional.of(moves)
                        : Optional.empty();
    }

    private static Reps resized(Reps reps, Stage.Moves moves, int number) {
        return new Reps(reps.sets(), List.of(new Stage.Moves(Math.min(300, number), moves.unit(),
                moves.tempo(), moves.reach(), moves.stretch())), reps.order(), reps.rest(), reps.sides());
    }
}
