package app.kehre.core.regrouping;

import java.util.Optional;
import java.util.Set;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;

/** Large muscles and compound exercises come before the small muscles that they need (craft.md 3; teaching range). */
public final class SmallFirst {

    private static final Set<Muscle> SMALL = Set.of(Muscle.FRONT_ARM, Muscle.BACK_ARM, Muscle.FOREARM,
            Muscle.FRONT_SHOULDER, Muscle.CALF);
    private static final Set<Pattern> LARGE = Set.of(Pattern.PUSH, Pattern.PULL, Pattern.SQUAT, Pattern.LUNGE,
            Pattern.HINGE);

    private SmallFirst() {}

    /** Returns the small muscle that one exercise tires before another needs it. */
    public static Optional<Muscle> of(Exercise first, Exercise later) {
        return single(first, later)
                ? first.main().stream().filter(SMALL::contains).filter(later.work().muscles()::containsKey)
                        .findFirst()
                : Optional.empty();
    }

    /** Returns whether one works a single joint and the other is compound. */
    static boolean single(Exercise first, Exercise later) {
        return first.pattern() == Pattern.SINGLE_JOINT && LARGE.contains(later.pattern());
    }
}
