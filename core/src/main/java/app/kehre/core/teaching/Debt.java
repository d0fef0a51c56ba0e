package app.kehre.core.teaching;

import app.kehre.core.timeline.Done;
import app.kehre.core.value.Side;

/**
 * What a side owes the other.
 *
 * @param exercise the id of the exercise
 * @param side the side that has done less
 * @param unit what is owed
 * @param amount how many, 1 or more; seconds where the clock rules
 */
public record Debt(String exercise, Side side, Done.Unit unit, int amount) {

    /** Returns "2 reps", "10 s", "8 counts". */
    public String howMuch() {
        return switch (unit) {
            case REPS -> amount == 1 ? "1 rep" : amount + " reps";
            case COUNTS -> amount == 1 ? "1 count" : amount + " counts";
            case BREATHS -> amount == 1 ? "1 breath" : amount + " breaths";
            case SECONDS -> amount + " s";
        };
    }

    /** Returns "left owes 2 reps". */
    public String words() {
        return "%s owes %s".formatted(side.word(), howMuch());
    }
}
