package app.kehre.core.dose;

import java.time.Duration;

/** How a dose stands to the most that is usual for its exercise, whatever sets and stages it is given in. */
public final class UsualMost {

    private UsualMost() {}

    /**
     * Returns whether a dose is over the most that is usual; never for what is counted by the music or the clock.
     *
     * @param usual the most that is usual
     * @param times how many times the most, 1 or more
     */
    public static boolean isOver(Dose dose, Dose usual, double times) {
        double most = amount(usual);
        return most > 0 && amount(dose) > times * most;
    }

    /**
     * Returns whether a dose is more than anybody makes of it: more than the most in all, or in one set.
     *
     * @param usual the most that is usual
     */
    public static boolean isTooMuch(Dose dose, Dose usual) {
        return isOver(dose, usual, 1)
                || amount(usual) > 0 && amount(dose) / sets(dose) > amount(usual) / sets(usual);
    }

    private static int sets(Dose dose) {
        return switch (dose) {
            case Reps reps -> reps.sets();
            case Hold hold -> hold.sets();
            case AsMany _,Counts _,CountPattern _,Interval _,Open _ -> 1;
        };
    }

    /** Reps or seconds in all, the pulses as half of a rep; 0 for what is measured otherwise. */
    private static double amount(Dose dose) {
        return switch (dose) {
            case Reps reps -> reps.sets() * reps.stages().stream().mapToDouble(UsualMost::reps).sum();
            case Hold hold -> hold.held().amount() instanceof Amount.OfTime(Duration length)
                    ? (double) hold.sets() * length.toSeconds()
                    : 0;
            case AsMany _,Counts _,CountPattern _,Interval _,Open _ -> 0;
        };
    }

    private static double reps(Stage stage) {
        return switch (stage) {
            case Stage.Moves moves ->
                moves.unit() == Stage.Unit.PULSE ? moves.number() / 2.0 : moves.number();
            case Stage.Held _ -> 0;
        };
    }
}
