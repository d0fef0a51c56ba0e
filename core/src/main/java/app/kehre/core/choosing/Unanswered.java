package app.kehre.core.choosing;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;

/**
 * A caution of a line that concerns somebody in the group and to which the plan has no answer: nothing else for
 * them to do, or something that carries the same caution.
 *
 * @param item the line
 * @param caution what concerns them
 * @param people how many
 */
public record Unanswered(Item item, Caution caution, int people) {

    /** Returns all of a class, in the order of its lines. */
    public static List<Unanswered> of(ClassPlan plan) {
        List<Unanswered> all = new ArrayList<>();
        plan.segments().stream().filter(segment -> !segment.leftOut()).flatMap(Segment::lines)
                .flatMap(entry -> entry.whole().stream())
                .forEach(item -> item.exercise().cautions().stream()
                        .filter(caution -> plan.brief().having(caution.limit()) > 0
                                && !answered(item, caution.limit()))
                        .forEach(caution -> all.add(new Unanswered(item, caution,
                                plan.brief().having(caution.limit())))));
        return all;
    }

    private static boolean answered(Item item, Limit limit) {
        Exercise instead = item.instead().get(limit);
        return instead != null && instead.cautionFor(limit).isEmpty();
    }
}
