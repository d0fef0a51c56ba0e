package app.kehre.core.dose;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntUnaryOperator;

/** Makes a dose longer or shorter, in the steps in which instructors change it. */
public final class DoseScale {

    private static final int SECONDS = 5;
    /** A phrase of the music, in eights. */
    private static final int PHRASE = 4;

    private DoseScale() {}

    /**
     * Returns the dose with its reps, eights, holds or work multiplied, rounded to its step, at least one; nothing where that
     * changes nothing, or is out of range. Holds and work go in steps of 5 s; what fills whole phrases goes on filling them,
     * and an even number of reps stays even, for both sides and for the music.
     *
     * @param factor over 0
     */
    public static Optional<Dose> of(Dose dose, double factor) {
        try {
            Dose scaled = scaled(dose, factor);
            return scaled.equals(dose) ? Optional.empty() : Optional.of(scaled);
        } catch (IllegalArgumentException outOfRange) {
            return Optional.empty();
        }
    }

    private static Dose scaled(Dose dose, double factor) {
        return switch (dose) {
            case Counts counts -> new Counts(
                    Counts.EIGHT * eights(counts.counts(), factor),
                    counts.pace(),
                    counts.sides());
            case Hold hold -> new Hold(hold.sets(), held(hold.held(), factor), hold.kind(), hold.rest(),
                    hold.sides());
            case Interval each -> new Interval(seconds(each.work(), factor), each.rest(), each.rounds(),
                    each.lastRest(), each.sides());
            case Reps reps ->
                new Reps(reps.sets(), stages(reps, factor), reps.order(), reps.rest(), reps.sides());
            case AsMany _,CountPattern _,Open _ -> dose;
        };
    }

    private static List<Stage> stages(Reps reps, double factor) {
        List<Stage> stages = new ArrayList<>();
        for (Stage stage : reps.stages()) {
            stages.add(switch (stage) {
                case Stage.Moves moves ->
                    new Stage.Moves(stepped(moves.number(), factor, DoseScale::ofReps), moves.unit(),
                            moves.tempo(),
                            moves.reach(), moves.stretch());
                case Stage.Held held -> held;
            });
        }
        return stages;
    }

    private static Stage.Held held(Stage.Held held, double factor) {
        Amount amount = switch (held.amount()) {
            case Amount.OfTime(Duration length) -> new Amount.OfTime(seconds(length, factor));
            case Amount.OfCounts(int counts, boolean ofMusic) ->
                new Amount.OfCounts(Counts.EIGHT * whole(counts / (double) Counts.EIGHT * factor), ofMusic);
            case Amount.OfBreaths(int breaths, boolean deep) ->
                new Amount.OfBreaths(whole(breaths * factor), deep);
        };
        return new Stage.Held(amount, held.postures());
    }

    private static Duration seconds(Duration length, double factor) {
        return Duration.ofSeconds((long) SECONDS * whole(length.toSeconds() / (double) SECONDS * factor));
    }

    /** What is no number of whole eights becomes one. */
    private static int eights(int counts, double factor) {
        return counts % Counts.EIGHT == 0
                ? stepped(counts / Counts.EIGHT, factor, DoseScale::ofEights)
                : whole(counts / (double) Counts.EIGHT * factor);
    }

    private static int stepped(int number, double factor, IntUnaryOperator step) {
        int by = step.applyAsInt(number);
        return by * whole(number * factor / by);
    }

    /** Returns the step in which a number of eights changes. */
    static int ofEights(int eights) {
        return eights % PHRASE == 0 ? PHRASE : eights % 2 == 0 ? 2 : 1;
    }

    /** Returns the step in which a number of reps changes. */
    static int ofReps(int reps) {
        return reps % 2 == 0 ? 2 : 1;
    }

    private static int whole(double value) {
        return Math.max(1, Math.toIntExact(Math.round(value)));
    }
}
