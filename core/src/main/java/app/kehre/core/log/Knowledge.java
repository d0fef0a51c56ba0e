package app.kehre.core.log;

import java.time.LocalDate;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

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
