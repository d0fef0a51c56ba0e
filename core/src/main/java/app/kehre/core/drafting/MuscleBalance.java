package app.kehre.core.drafting;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;

/** What the chosen exercises load so far, so that the next one brings the class into balance. */
final class MuscleBalance {

    /** Differences of more seconds count no more. Kehre's estimate. */
    private static final double MOST = 60;

    private static final List<Predicate<Exercise>> ONES = List.of(each -> each.pattern() == Pattern.PUSH,
            each -> each.main().contains(Muscle.FRONT_THIGH),
            each -> each.main().contains(Muscle.FRONT_TRUNK));
    private static final List<Predicate<Exercise>> OTHERS = List.of(each -> each.pattern() == Pattern.PULL,
            each -> each.main().contains(Muscle.BACK_THIGH), each -> each.main().contains(Muscle.LOWER_BACK));

    private static final String[][] NAMES = {{"push", "pull"}, {"front of the thigh", "back of the thigh"},
            {"front of the trunk", "back of the trunk"}};

    /** The pairs: push and pull, front and back of the thigh, front and back of the trunk, as in the ledger. */
    static final int PAIRS = ONES.size();

    private final Map<Muscle, Double> loads = new EnumMap<>(Muscle.class);
    private final double[] ahead = new double[ONES.size()];

    /** Adds what an exercise loads in some seconds. */
    void add(Exercise exercise, double seconds) {
        exercise.work().muscles()
                .forEach((muscle, share) -> loads.merge(muscle, share * seconds, Double::sum));
        for (int i = 0; i < ahead.length; i++) {
            ahead[i] += side(exercise, i) * seconds;
        }
    }

    /** Returns 1 where an exercise works the first area of a pair, -1 where it works what is opposed, else 0. */
    static int side(Exercise exercise, int pair) {
        return (ONES.get(pair).test(exercise) ? 1 : 0) - (OTHERS.get(pair).test(exercise) ? 1 : 0);
    }

    /** Returns the seconds that a muscle group was loaded. */
    double of(Muscle muscle) {
        return loads.getOrDefault(muscle, 0.0);
    }

    /** Returns what an exercise answers: "pull against the push"; nothing where it evens nothing out. */
    Optional<String> answers(Exercise exercise) {
        return IntStream.range(0, ahead.length).filter(pair -> side(exercise, pair) * ahead[pair] < 0).boxed()
                .findFirst().map(pair -> "%s against the %s".formatted(NAMES[pair][ahead[pair] > 0 ? 1 : 0],
                        NAMES[pair][ahead[pair] > 0 ? 0 : 1]));
    }

    /** Returns how much an exercise would bring push and pull, front and back nearer to each other; below zero apart. */
    double evens(Exercise exercise) {
        double evens = 0;
        for (int i = 0; i < ahead.length; i++) {
            evens -= side(exercise, i) * Math.clamp(ahead[i], -MOST, MOST);
        }
        return evens;
    }
}
