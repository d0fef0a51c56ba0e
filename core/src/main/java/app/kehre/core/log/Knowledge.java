package app.kehre.core.log;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

import app.kehre.core.choreography.Combination;
import app.kehre.core.people.Regulars;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.ClassPlan;

/**
 * What a group knows: an exercise or a combination that it did at least twice in the eight weeks before, and all that it did
 * in the last week (figures.md, "Learning"; Kehre's estimate).
 */
public final class Knowledge {

    /** So many weeks before a class are looked at. */
    public static final int WEEKS = 8;
    private static final int OFTEN = 2;

    private Knowledge() {}

    /** Returns the first day that is looked at before a class. */
    public static LocalDate from(LocalDate day) {
        return day.minusWeeks(WEEKS);
    }

    /** Returns the first day of the last week before a class. */
    public static LocalDate lastWeek(LocalDate day) {
        return day.minusWeeks(1);
    }

    /** Returns a plan in which the combinations that its group knows are marked so: they are built up in fewer steps. */
    public static ClassPlan marked(ClassPlan plan) {
        Regulars regulars = plan.brief().group().regulars();
        ClassPlan marked = plan;
        for (BuildUp each : plan.buildUps().toList()) {
            List<Combination> combinations = each.build().combinations().stream()
                    .map(one -> one.withKnown(one.known() || regulars.knows(one.name()))).toList();
            marked = marked.with(each.with(each.build().withCombinations(combinations)));
        }
        return marked;
    }

    /**
     * Returns what a group knows.
     *
     * @param done how often it did what in the eight weeks
     * @param lastWeek the names of the combinations that it danced in the last week
     */
    public static Set<String> of(Map<String, Integer> done, Set<String> lastWeek) {
        Set<String> known = new TreeSet<>(lastWeek);
        done.forEach((what, times) -> {
            if (times >= OFTEN) {
                known.add(what);
            }
        });
        return known;
    }
}
