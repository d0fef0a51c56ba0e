package app.kehre.core.choosing;

import java.time.Duration;
import java.util.List;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.value.Lengths;

/**
 * Another exercise for a line.
 *
 * @param item the line as it would be
 * @param changes what would be different, a few words each; none where nothing is
 * @param longer by how much the class would be longer; below zero shorter
 */
public record Swap(Item item, List<String> changes, Duration longer) {
    public Swap {
        changes = List.copyOf(changes);
    }

    /** Returns what would be done. */
    public Exercise exercise() {
        return item.exercise();
    }

    /** Returns the plan with the line as it would be. */
    public ClassPlan apply(ClassPlan plan) {
        return plan.with(item);
    }

    /** Returns what would be different, in one line, the length last. */
    public String words() {
        String length = longer.isZero() ? "same length" : Lengths.signed(longer);
        return changes.isEmpty() ? length : String.join(" \u00b7 ", changes) + " \u00b7 " + length;
    }
}
