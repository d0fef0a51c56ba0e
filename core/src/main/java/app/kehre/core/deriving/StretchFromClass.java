package app.kehre.core.deriving;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

import app.kehre.core.dose.Sides;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.proposal.Differences;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;
import app.kehre.core.value.Reading;

/**
 * A stretch that follows from what the class loads: as much of the load as fits into the minutes, each held as long as the
 * setting asks, both sides, going down to the floor once, the most loaded first. What does not fit is to be taken home.
 *
 * @param plan the class with it
 * @param items the stretch, in order
 * @param takeHome what there was no time for, the most loaded first
 * @param without the areas that worked and that nothing stretches, here or at home, in words
 * @param covered the share of the loaded seconds whose muscle groups are released, 0 to 1
 */
public record StretchFromClass(ClassPlan plan, List<Item> items, List<Exercise> takeHome,
        List<String> without,
        double covered) {

    public StretchFromClass {
        items = List.copyOf(items);
        takeHome = List.copyOf(takeHome);
        without = List.copyOf(without);
    }

    /**
     * Derives the stretch of a class; an existing one is replaced, but for what is locked, the pauses in it and the quiet breathing at its end.
     *
     * @param minutes how long the whole stretch may take
     */
    public static Reading<StretchFromClass> of(ClassPlan plan, Library library, Duration minutes) {
        return of(plan, library, minutes, _ -> false);
    }

    /**
     * Derives the stretch of a class around more lines that stay.
     *
     * @param stays which others stay
     */
    public static Reading<StretchFromClass> of(ClassPlan plan, Library library, Duration minutes,
            Predicate<Entry> stays) {
        return new StretchDeriver(plan, library, minutes, Staying.ALWAYS.or(stays)).derived();
    }

    /** Proposes the stretch of a class: what it takes and why, how much of the load it releases, and what is left for home. */
    public static Proposal propose(ClassPlan plan, Library library, Duration minutes) {
        return Proposal.of(of(plan, library, minutes).map(derived -> derived.way(plan)));
    }

    private Way way(ClassPlan before) {
        SegmentId segment = plan.segments().stream()
                .filter(each -> each.role() == Role.STRETCH && !each.leftOut())
                .reduce((_, last) -> last).orElseThrow().id();
        long share = Math.round(100 * covered);
        List<String> notes = new ArrayList<>(List.of("Released: muscle groups with %d %% of the load."
                .formatted(share)));
        if (!without.isEmpty()) {
            notes.add("Nothing that suits this group stretches: %s.".formatted(String.join(", ", without)));
        }
        takeHome.forEach(each -> notes.add("Take home: " + bothSides(each)));
        return new Way("%d stretches, %d %% of the load".formatted(items.size(), share),
                Differences.ofLines(before, plan, segment), notes, plan);
    }

    /** Returns "Calf stretch, both sides" for what is done one side at a time. */
    public static String bothSides(Exercise exercise) {
        return exercise.usualDose().sides() == Sides.TOGETHER
                ? exercise.name()
                : exercise.name() + ", both sides";
    }
}
