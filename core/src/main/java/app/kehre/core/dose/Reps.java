package app.kehre.core.dose;

import java.time.Duration;
import java.util.List;

/**
 * Counted repetitions in sets, each set of one or more stages: slow, then singles, then pulses, then a
 * hold; reps, a hold, reps; or rungs of rising options on which each person may stay.
 *
 * @param sets 1 to 20, on each side where the sides are done one after the other
 * @param stages of each set, 1 to 12
 * @param order what leads from one stage to the next
 * @param rest between two sets, 0 to 600 s; none after the last
 * @param sides how the sides share the work; alternating reps count both sides together, pairs are always
 *     alternating
 */
public record Reps(int sets, List<Stage> stages, Order order, Duration rest, Sides sides) implements Dose {

    /** What leads from one stage to the next. */
    public enum Order {
        /** Everybody does all of them. */
        STAGES,
        /** Each is a harder option; each person may stay on a rung. */
        RUNGS
    }

    public Reps {
        Limits.SETS.check(sets);
        Limits.STAGES.check(stages.size());
        Limits.REST.check(rest);
        stages = List.copyOf(stages);
        if (stages.size() == 1 && stages.getFirst() instanceof Stage.Held) {
            throw new IllegalArgumentException("A set must have at least one stage of reps.");
        }
        if (order == Order.RUNGS && stages.size() < 2) {
            throw new IllegalArgumentException("Rungs must be at least 2, not 1.");
        }
        if (!goesWith(stages, sides)) {
            throw new IllegalArgumentException(
                    "Pairs are done on both sides in turn: leave out \"%s\", or write reps."
                            .formatted(sides.notation()));
        }
    }

    /**
     * Returns one set without rest at the usual tempo, both sides at once.
     *
     * @param reps 1 to 300
     */
    public static Reps of(int reps) {
        return new Reps(1, List.of(Stage.Moves.of(reps)), Order.STAGES, Duration.ZERO, Sides.TOGETHER);
    }

    private static boolean goesWith(List<Stage> stages, Sides sides) {
        return sides == Sides.ALTERNATING || stages.stream()
                .noneMatch(each -> each instanceof Stage.Moves moves && moves.unit() == Stage.Unit.PAIR);
    }

    @Override
    public boolean goesWith(Sides other) {
        return goesWith(stages, other);
    }

    @Override
    public Reps withSides(Sides other) {
        return new Reps(sets, stages, order, rest, other);
    }
}
