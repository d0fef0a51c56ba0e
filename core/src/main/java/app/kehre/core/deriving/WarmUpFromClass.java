package app.kehre.core.deriving;

import java.time.Duration;
import java.util.List;
import java.util.function.Predicate;

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
 * A warm-up that follows from what the class asks for: the shortest set of moves that makes every joint ready that the
 * main part loads and shows every pattern that it previews, in a rising order, filled up to the minutes by the class's
 * own school of warming up.
 *
 * @param plan the class with it, which says why each move is there
 * @param items the warm-up, in order
 * @param missing what could not be prepared in the minutes, or by nothing that this group and room can do
 */
public record WarmUpFromClass(ClassPlan plan, List<Item> items, List<String> missing) {

    public WarmUpFromClass {
        items = List.copyOf(items);
        missing = List.copyOf(missing);
    }

    /**
     * Derives the warm-up of a class; an existing one is replaced, but for what is locked and the pauses in it.
     *
     * @param minutes how long the whole warm-up may take
     */
    public static Reading<WarmUpFromClass> of(ClassPlan plan, Library library, Duration minutes) {
        return of(plan, library, minutes, _ -> false);
    }

    /**
     * Derives the warm-up of a class around more lines that stay.
     *
     * @param stays which others stay
     */
    public static Reading<WarmUpFromClass> of(ClassPlan plan, Library library, Duration minutes,
            Predicate<Entry> stays) {
        return new WarmUpDeriver(plan, library, minutes, Staying.ALWAYS.or(stays)).derived();
    }

    /** Proposes the warm-up of a class: what it takes and why, and what it leaves unprepared. */
    public static Proposal propose(ClassPlan plan, Library library, Duration minutes) {
        return Proposal.of(of(plan, library, minutes).map(derived -> derived.way(plan)));
    }

    private Way way(ClassPlan before) {
        SegmentId segment = plan.segments().stream()
                .filter(each -> each.role() == Role.WARM_UP && !each.leftOut()).findFirst().orElseThrow()
                .id();
        String left = String.join(", ", missing);
        return new Way("%d moves, %s".formatted(items.size(),
                missing.isEmpty() ? "all prepared" : "not prepared: " + left),
                Differences.ofLines(before, plan, segment),
                missing.isEmpty() ? List.of() : List.of("Not prepared in this time: %s.".formatted(left)),
                plan);
    }
}
