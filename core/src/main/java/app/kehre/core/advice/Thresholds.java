package app.kehre.core.advice;

import java.time.Duration;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * The figures against which a class is judged.
 *
 * @param changed those that are not Kehre's
 */
public record Thresholds(Map<Threshold, Integer> changed) {

    private static final int HALF_HOUR = 30;
    private static final int LONG = 45;

    /** Kehre's throughout. */
    public static final Thresholds USUAL = new Thresholds(Map.of());

    public Thresholds {
        Map<Threshold, Integer> others = new EnumMap<>(Threshold.class);
        changed.forEach((threshold, value) -> {
            problem(threshold, value).ifPresent(sentence -> {
                throw new IllegalArgumentException(sentence);
            });
            if (value != threshold.usual()) {
                others.put(threshold, value);
            }
        });
        changed = Map.copyOf(others);
    }

    /**
     * Returns the sentence against a value that is out of range.
     *
     * @param value in the unit of the figure
     */
    public static Optional<String> problem(Threshold threshold, int value) {
        return value >= threshold.least() && value <= threshold.most()
                ? Optional.empty()
                : Optional.of("\"%s\" must be from %d to %d %s, not %d.".formatted(threshold.words(),
                        threshold.least(), threshold.most(), threshold.unit(), value));
    }

    /** Returns a figure in its own unit. */
    public int of(Threshold threshold) {
        return changed.getOrDefault(threshold, threshold.usual());
    }

    /** Returns a percentage as a share, 0 to 1. */
    public double share(Threshold threshold) {
        return of(threshold) / 100.0;
    }

    /** Returns a figure in seconds as a length. */
    public Duration seconds(Threshold threshold) {
        return Duration.ofSeconds(of(threshold));
    }

    /** Returns a figure in minutes as a length. */
    public Duration minutes(Threshold threshold) {
        return Duration.ofMinutes(of(threshold));
    }

    /**
     * Returns the figures with another one.
     *
     * @param value in the unit of the figure and in its range
     */
    public Thresholds with(Threshold threshold, int value) {
        Map<Threshold, Integer> others = new EnumMap<>(Threshold.class);
        others.putAll(changed);
        others.put(threshold, value);
        return new Thresholds(others);
    }

    /** Returns how long a warm-up, or a cool-down with the stretch, must be at the least in a slot. */
    public Duration edge(Duration slot) {
        Threshold least = slot.toMinutes() >= LONG
                ? Threshold.EDGE_LONG
                : slot.toMinutes() >= HALF_HOUR ? Threshold.EDGE_HALF_HOUR : Threshold.EDGE_LEAST;
        Duration share = slot.multipliedBy(of(Threshold.EDGE_SHARE)).dividedBy(100);
        Duration minutes = minutes(least);
        return minutes.compareTo(share) > 0 ? minutes : share;
    }
}
