package app.kehre.core.balance;

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
import app.kehre.core.plan.Item;

/** How a dose stands to the most that the library gives for an exercise. */
final class UsualMost {

    private UsualMost() {}

    /**
     * Returns whether a dose of an item is over the most that is usual; never for what is counted by the music or the clock.
     *
     * @param times how many times the most, 1 or more
     */
    static boolean isOver(Item item, Dose dose, double times) {
        double most = amount(item.exercise().dosing().most());
        return most > 0 && amount(dose) > times * most;
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
