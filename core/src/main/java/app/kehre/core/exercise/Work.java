package app.kehre.core.exercise;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What an exercise does to the body.
 *
 * @param muscles how much each muscle group works, or in a stretch is released, the most first: over 0, up to 1.
 *     Usually 1 for those it is chosen for and 0.5 for those that help or only hold still (figures.md,
 *     "Areas"); less where they only steady
 * @param loads the joints that carry load
 * @param prepares the joints that it makes ready for more
 * @param impact how hard the feet meet the floor
 * @param mets how much energy it takes
 */
public record Work(Map<Muscle, Double> muscles, Set<Joint> loads, Set<Joint> prepares, Impact impact,
        Mets mets) {

    public Work {
        muscles.forEach((muscle, share) -> {
            if (!(share > 0 && share <= 1)) {
                throw new IllegalArgumentException(
                        "The share of a muscle group must be over 0 and up to 1, not %s for %s."
                                .formatted(share, muscle.words()));
            }
        });
        muscles = Collections.unmodifiableMap(new LinkedHashMap<>(muscles));
        loads = Set.copyOf(loads);
        prepares = Set.copyOf(prepares);
    }

    /** Returns the muscle groups that it is chosen for: those with the greatest share. */
    public List<Muscle> main() {
        double most = most();
        return muscles.keySet().stream().filter(muscle -> share(muscle) >= most).toList();
    }

    /** Returns the muscle groups that help. */
    public List<Muscle> helping() {
        double most = most();
        return muscles.keySet().stream().filter(muscle -> share(muscle) < most).toList();
    }

    /** Returns how much a muscle group works, 0 to 1. */
    public double share(Muscle muscle) {
        return muscles.getOrDefault(muscle, 0.0);
    }

    private double most() {
        return muscles.values().stream().mapToDouble(share -> share).max().orElse(0);
    }
}
