package app.kehre.core.exercise;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.kit.Load;
import app.kehre.core.value.Range;

/**
 * What an exercise does to the body.
 *
 * @param muscles how much each muscle group works, or in a stretch is released, the most first: over 0, up to 1.
 *     Usually 1 for those it is chosen for and 0.5 for those that help or only hold still (figures.md,
 *     "Areas"); less where they only steady
 * @param resistance what the muscles work against
 * @param held the muscles that work against what is held though the others do not: the arms of a squat with a curl
 * @param loads the joints that carry load
 * @param prepares the joints that it makes ready for more
 * @param impact how hard the feet meet the floor
 * @param mets how much energy it takes
 * @param effort how hard a usual set feels to a regular participant, 0 to 10, in toning, holds and core; none
 *     where the heart says it
 */
public record Work(Map<Muscle, Double> muscles, Resistance resistance, Set<Muscle> held, Set<Joint> loads,
        Set<Joint> prepares, Impact impact, Mets mets, Optional<Double> effort) {

    /** The scale of effort. */
    public static final Range EFFORT = Range.of("the effort", 0, 10);

    public Work {
        muscles.forEach((muscle, share) -> {
            if (!(share > 0 && share <= 1)) {
                throw new IllegalArgumentException(
                        "The share of a muscle group must be over 0 and up to 1, not %s for %s."
                                .formatted(share, muscle.words()));
            }
        });
        muscles = Collections.unmodifiableMap(new LinkedHashMap<>(muscles));
        held = Set.copyOf(held);
        loads = Set.copyOf(loads);
        prepares = Set.copyOf(prepares);
        if (!muscles.keySet().containsAll(held)) {
            throw new IllegalArgumentException("Only muscles that work are held against something.");
        }
        effort.filter(felt -> !(felt >= EFFORT.least() && felt <= EFFORT.most())).ifPresent(felt -> {
            throw new IllegalArgumentException("The effort of a usual set must be from 0 to 10, not %s."
                    .formatted(felt));
        });
    }

    /** Returns the muscle groups that it is chosen for: those with the greatest share. */
    public List<Muscle> main() {
        double most = most();
        List<Muscle> main = new ArrayList<>(muscles.size());
        muscles.forEach((muscle, share) -> {
            if (share >= most) {
                main.add(muscle);
            }
        });
        return main;
    }

    /** Returns the muscle groups that help. */
    public List<Muscle> helping() {
        double most = most();
        return muscles.keySet().stream().filter(muscle -> share(muscle) < most).toList();
    }

    /** Returns how much a muscle group takes part, 0 to 1. */
    public double share(Muscle muscle) {
        return muscles.getOrDefault(muscle, 0.0);
    }

    /** Returns how much a muscle group works with a load, 0 to 1: its share by what it works against. */
    public double worked(Muscle muscle, Load load) {
        return share(muscle) * against(muscle).with(load);
    }

    /** Returns how much each muscle group works with a load, in the order of the shares. */
    public Map<Muscle, Double> worked(Load load) {
        Map<Muscle, Double> worked = new LinkedHashMap<>();
        muscles.keySet().forEach(muscle -> worked.put(muscle, worked(muscle, load)));
        return worked;
    }

    /** Returns what a muscle group works against. */
    public Resistance against(Muscle muscle) {
        return held.contains(muscle) ? Resistance.HELD : resistance;
    }

    private double most() {
        double most = 0;
        for (double share : muscles.values()) {
            most = Math.max(most, share);
        }
        return most;
    }
}
