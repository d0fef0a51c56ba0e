package app.kehre.core.regrouping;

import java.util.List;

import app.kehre.core.brief.School;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Screen;

/**
 * What the school of an order asks of the lines of a part, as faults that are counted (craft.md 3 and its table of
 * schools). A line is told by its place in the part as it was.
 */
final class OrderRules {

    private final School.Order school;
    private final List<List<Exercise>> lines;
    private final boolean[] counts;
    /**
     * For each line, as bit sets over the lines of the part: those that must not come anywhere after it, those that must
     * not come right after it, and those of the same area. A long holds 64 lines, and tests of sets are one operation.
     */
    private final long[] neverAfter;
    private final long[] neverNext;
    private final long[] sameArea;

    /** Takes the rules of a school for the lines of a part, at most 64. */
    OrderRules(List<Entry> part, School.Order school) {
        this.school = school;
        lines = part.stream().map(OrderRules::exercises).toList();
        counts = new boolean[part.size()];
        neverAfter = new long[part.size()];
        neverNext = new long[part.size()];
        sameArea = new long[part.size()];
        for (int one = 0; one < part.size(); one++) {
            counts[one] = !lines.get(one).isEmpty();
            for (int other = 0; other < part.size(); other++) {
                long bit = one == other ? 0 : 1L << other;
                neverAfter[one] |= tooEarly(lines.get(one), lines.get(other)) || unscreened(part, one, other)
                        ? bit
                        : 0;
                neverNext[one] |= onEnd(lines.get(one), lines.get(other)) ? bit : 0;
                sameArea[one] |= sameArea(lines.get(one), lines.get(other)) ? bit : 0;
            }
        }
    }

    private static List<Exercise> exercises(Entry line) {
        return line.items().stream().map(Item::exercise).toList();
    }

    /** Returns whether a line asks for something; a pause or a screen comes between others without a fault. */
    boolean counts(int line) {
        return counts[line];
    }

    /**
     * Returns the faults of a line that comes next.
     *
     * @param last the line that counts before it; -1 for none
     * @param placed the lines before it, a bit each
     */
    int faults(int last, int next, long placed) {
        int faults = Long.bitCount(neverAfter[next] & ~placed & ~(1L << next));
        if (last < 0 || !counts[next]) {
            return faults;
        }
        boolean leaves = (sameArea[last] >> next & 1) == 0
                && (sameArea[last] & ~placed & ~(1L << next)) != 0;
        return faults + onEnd(last, next)
                + (school == School.Order.ONE_AREA && leaves ? 1 : 0);
    }

    /** Returns the faults of a whole order. */
    int faults(List<Integer> order) {
        int faults = 0;
        int last = -1;
        long placed = 0;
        for (int next : order) {
            faults += faults(last, next, placed);
            placed |= 1L << next;
            last = counts(next) ? next : last;
        }
        return faults;
    }

    /** Returns 1 where a line must not come right after another, else 0. */
    int onEnd(int before, int after) {
        return Math.toIntExact(neverNext[before] >> after & 1);
    }

    private boolean onEnd(List<Exercise> before, List<Exercise> after) {
        if (before.isEmpty() || after.isEmpty()) {
            return false;
        }
        Exercise last = before.getLast();
        Exercise next = after.getFirst();
        return switch (school) {
            case ALTERNATE, LARGE_TO_SMALL -> last.main().stream().anyMatch(next.main()::contains);
            case IN_TURN -> Area.of(last) == Area.of(next);
            case ONE_AREA, IN_CIRCUIT -> false;
        };
    }

    private boolean tooEarly(List<Exercise> first, List<Exercise> later) {
        return school != School.Order.IN_CIRCUIT && first.size() == 1 && later.size() == 1
                && tooEarly(first.getFirst(), later.getFirst());
    }

    private boolean tooEarly(Exercise first, Exercise later) {
        return school == School.Order.LARGE_TO_SMALL
                ? SmallFirst.single(first, later)
                : SmallFirst.of(first, later).isPresent();
    }

    private static boolean unscreened(List<Entry> part, int one, int other) {
        return part.get(other) instanceof Screen
                && exercises(part.get(one)).stream().anyMatch(each -> each.pattern() == Pattern.LUNGE);
    }

    private static boolean sameArea(List<Exercise> some, List<Exercise> others) {
        return !some.isEmpty() && !others.isEmpty()
                && Area.of(some.getLast()) == Area.of(others.getFirst());
    }

    /** Lower body, upper body, trunk. */
    private enum Area {
        LOWER, UPPER, TRUNK;

        static Area of(Exercise exercise) {
            return exercise.main().isEmpty() ? TRUNK : of(exercise.main().getFirst());
        }

        private static Area of(Muscle muscle) {
            return switch (muscle) {
                case NECK, UPPER_BACK, FRONT_SHOULDER, CHEST, FRONT_ARM, BACK_ARM, FOREARM, LATS -> UPPER;
                case LOWER_BACK, FRONT_TRUNK, SIDE_TRUNK -> TRUNK;
                case HIP_FLEXORS, BUTTOCKS, OUTER_HIP, INNER_THIGH, FRONT_THIGH, BACK_THIGH, CALF, SHIN ->
                    LOWER;
            };
        }
    }
}
