package app.kehre.core.deriving;

import java.time.Duration;
import java.util.List;
import java.util.function.Predicate;

import app.kehre.core.dose.Sides;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;

/**
 * A stretch that follows from what the class loads: as much of the load as fits into the minutes, each held as long as the
 * setting asks, both sides, going down to the floor once, the most loaded first. What does not fit is to be taken home.
 *
 * @param plan the class with it
 * @param items the stretch, in order
 * @param takeHome what there was no time for, the most loaded first
 * @param covered the share of the loaded seconds whose muscle groups are released, 0 to 1
 * @param reason why there is none; empty when there is one
 */
public record StretchFromClass(ClassPlan plan, List<Item> items, List<Exercise> takeHome, double covered,
        String reason) {

    public StretchFromClass {
        items = List.copyOf(items);
        takeHome = List.copyOf(takeHome);
    }

    /**
     * Derives the stretch of a class; an existing one is replaced, but for what is locked and no stretch in it.
     *
     * @param minutes how long the whole stretch may take
     */
    public static StretchFromClass of(ClassPlan plan, Library library, Duration minutes) {
        return of(plan, library, minutes, _ -> false);
    }

    /**
     * Derives the stretch of a class around more lines that stay.
     *
     * @param stays which others stay
     */
    public static StretchFromClass of(ClassPlan plan, Library library, Duration minutes,
            Predicate<Entry> stays) {
        return new StretchDeriver(plan, library, minutes, Staying.ALWAYS.or(stays)).derived();
    }

    /** Returns "Calf stretch, both sides" for what is done one side at a time. */
    public static String bothSides(Exercise exercise) {
        return exercise.usualDose().sides() == Sides.TOGETHER
                ? exercise.name()
                : exercise.name() + ", both sides";
    }
}
