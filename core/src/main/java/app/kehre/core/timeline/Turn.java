package app.kehre.core.timeline;

import java.util.OptionalInt;

import app.kehre.core.plan.Item;

/**
 * Which turn of its line a span is; what a line does not have is empty.
 *
 * @param round the round of the circuit, from 1
 * @param set the set of its side, or the time of a count pattern, from 1
 * @param interval the interval of the dose, from 1
 * @param rung the rung or stage of a set that has more than one, from 1
 * @param stage the stage of a build-up, from 1
 */
public record Turn(OptionalInt round, OptionalInt set, OptionalInt interval, OptionalInt rung,
        OptionalInt stage) {

    /** The one turn of a line that has no more. */
    public static final Turn ONLY = new Turn(OptionalInt.empty(), OptionalInt.empty(), OptionalInt.empty(),
            OptionalInt.empty(), OptionalInt.empty());

    /** Returns the turn in a round of a circuit. */
    Turn inRound(int number) {
        return new Turn(OptionalInt.of(number), set, interval, rung, stage);
    }

    /** Returns a set of the turn. */
    Turn ofSet(int number) {
        return new Turn(round, OptionalInt.of(number), interval, rung, stage);
    }

    /** Returns an interval of the turn. */
    Turn ofInterval(int number) {
        return new Turn(round, set, OptionalInt.of(number), rung, stage);
    }

    /** Returns a rung or stage of the set. */
    Turn onRung(int number) {
        return new Turn(round, set, interval, OptionalInt.of(number), stage);
    }

    /** Returns a stage of a build-up. */
    Turn inStage(int number) {
        return new Turn(round, set, interval, rung, OptionalInt.of(number));
    }

    /** Returns an item as it is in this turn. */
    public Item of(Item item) {
        return item.inRound(round.orElse(1));
    }
}
