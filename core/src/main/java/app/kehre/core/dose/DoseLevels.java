package app.kehre.core.dose;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/** The doses that could stand for one: a little less, a little more, between the least and the most that make sense. */
public final class DoseLevels {

    private static final int EACH_WAY = 4;
    private static final int SECONDS = 5;
    /** How far a dose may go where nothing is known about it. Kehre's estimate. */
    private static final double LEAST = 0.5;
    private static final double MOST = 1.5;

    private DoseLevels() {}

    /**
     * A dose that could stand for another.
     *
     * @param dose what it would be
     * @param change its change as a share of what it was; below zero for less
     */
    public record Level(Dose dose, double change) {}

    /**
     * Returns the other levels of a dose: more or less of it, the smallest first, at most four each way, then a set less and
     * a set more. Sides stay as they are, and the steps are those of {@link DoseScale}.
     *
     * @param least the least that makes sense; one of another kind says nothing
     * @param most the most that makes sense
     */
    public static List<Level> of(Dose dose, Dose least, Dose most) {
        int now = amount(dose);
        if (now == 0) {
            return List.of();
        }
        int step = step(dose, now);
        int low = Math.min(now, bound(dose, least, Math.max(1, (int) Math.round(now * LEAST))));
        int high = Math.max(now, bound(dose, most, (int) Math.round(now * MOST)));
        TreeSet<Integer> amounts = new TreeSet<>();
        addSpread(amounts, now, low, -step);
        addSpread(amounts, now, high, step);
        List<Level> levels = new ArrayList<>();
        for (int amount : amounts) {
            double factor = (double) amount / now;
            DoseScale.of(dose, factor).ifPresent(level -> levels.add(new Level(level, factor - 1)));
        }
        addSets(levels, dose, least, most);
        levels.removeIf(level -> level.change() > 0 && UsualMost.isTooMuch(level.dose(), most));
        return levels;
    }

    /** Who has three sets does two when time runs out: that takes a rest with it, and each set stays a good one. */
    private static void addSets(List<Level> levels, Dose dose, Dose least, Dose most) {
        int sets = sets(dose);
        int each = amount(dose);
        for (int other : new int[]{sets - 1, sets + 1}) {
            boolean less = other < sets;
            boolean enough = !alike(dose, less ? least : most)
                    || (less
                            ? other * each >= sets(least) * amount(least)
                            : other * each <= sets(most) * amount(most));
            if (sets > 1 && other >= 1 && enough) {
                withSets(dose, other).ifPresent(
                        level -> levels.add(new Level(level, (double) (other - sets) / sets)));
            }
        }
    }

    private static Optional<Dose> withSets(Dose dose, int sets) {
        try {
            return switch (dose) {
                case Reps reps -> Optional.of(new Reps(sets, reps.stages(), reps.order(),
                        between(sets, reps.rest()), reps.sides()));
                case Hold hold -> Optional.of(new Hold(sets, hold.held(), hold.kind(),
                        between(sets, hold.rest()), hold.sides()));
                case Counts _,Interval _,AsMany _,CountPattern _,Open _ -> Optional.empty();
            };
        } catch (IllegalArgumentException outOfRange) {
            return Optional.empty();
        }
    }

    private static Duration between(int sets, Duration rest) {
        return sets == 1 ? Duration.ZERO : rest;
    }

    private static int sets(Dose dose) {
        return switch (dose) {
            case Reps reps -> reps.sets();
            case Hold hold -> hold.sets();
            case Counts _,Interval _,AsMany _,CountPattern _,Open _ -> 1;
        };
    }

    /** Adds amounts in steps of one size from what it is to a bound, so wide apart that they are few enough. */
    private static void addSpread(TreeSet<Integer> amounts, int now, int bound, int step) {
        int steps = Math.abs(bound - now) / Math.abs(step);
        int apart = Math.max(1, Math.ceilDiv(steps, EACH_WAY));
        for (int i = apart; i <= steps; i += apart) {
            amounts.add(now + i * step);
        }
    }

    private static int step(Dose dose, int now) {
        return switch (dose) {
            case Counts _ -> DoseScale.ofEights(now);
            case Reps _ -> DoseScale.ofReps(now);
            case Hold _,Interval _,AsMany _,CountPattern _,Open _ -> 1;
        };
    }

    private static int bound(Dose dose, Dose other, int otherwise) {
        return alike(dose, other) ? amount(other) : otherwise;
    }

    /** Whether another dose is measured as this one is. */
    private static boolean alike(Dose dose, Dose other) {
        return other.getClass() == dose.getClass() && unit(other).equals(unit(dose)) && amount(other) > 0
                && stages(other) == stages(dose);
    }

    private static int stages(Dose dose) {
        return dose instanceof Reps reps ? reps.stages().size() : 1;
    }

    /** What is counted: reps, eights, fives of seconds, breaths. Nothing for a dose that has no levels. */
    private static int amount(Dose dose) {
        return switch (dose) {
            case Reps reps -> reps.stages().stream().mapToInt(DoseLevels::number).filter(number -> number > 0)
                    .findFirst().orElse(0);
            case Counts counts -> counts.counts() / Counts.EIGHT;
            case Hold hold -> switch (hold.held().amount()) {
                case Amount.OfTime(Duration length) -> Math.toIntExact(length.toSeconds() / SECONDS);
                case Amount.OfBreaths(int breaths, boolean _) -> breaths;
                case Amount.OfCounts(int counts, boolean _) -> counts / Counts.EIGHT;
            };
            case Interval interval -> Math.toIntExact(interval.work().toSeconds() / SECONDS);
            case AsMany _,CountPattern _,Open _ -> 0;
        };
    }

    private static int number(Stage stage) {
        return switch (stage) {
            case Stage.Moves moves -> moves.number();
            case Stage.Held _ -> 0;
        };
    }

    private static String unit(Dose dose) {
        return dose instanceof Hold hold ? hold.held().amount().getClass().getSimpleName() : "";
    }
}
