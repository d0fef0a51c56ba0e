package app.kehre.core.deriving;

import java.time.Duration;
import java.util.List;
import java.util.function.Predicate;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;

/**
 * A warm-up that follows from what the class asks for: the shortest set of moves that makes every joint ready that the
 * main part loads and shows every pattern that it previews, in a rising order, filled up to the minutes by the class's
 * own school of warming up.
 *
 * @param plan the class with it, which says why each move is there
 * @param items the warm-up, in order
 * @param missing what could not be prepared in the minutes, or by nothing that this group and room can do
 * @param reason why there is none; empty when there is one
 */
public record WarmUpFromClass(ClassPlan plan, List<Item> items, List<String> missing,
        String reason) {

    public WarmUpFromClass {
        items = List.copyOf(items);
        missing = List.copyOf(missing);
    }

    /**
     * Derives the warm-up of a class; an existing one is replaced, but for what is locked and the pauses in it.
     *
     * @param minutes how long the whole warm-up may take
     */
    public static WarmUpFromClass of(ClassPlan plan, Library library, Duration minutes) {
        return of(plan, library, minutes, _ -> false);
    }

    /**
     * Derives the warm-up of a class around more lines that stay.
     *
     * @param stays which others stay
     */
    public static WarmUpFromClass of(ClassPlan plan, Library library, Duration minutes,
            Predicate<Entry> stays) {
        return new WarmUpDeriver(plan, library, minutes, Staying.ALWAYS.or(stays)).derived();
    }
}
