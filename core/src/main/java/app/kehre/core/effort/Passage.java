package app.kehre.core.effort;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

import app.kehre.core.value.Lengths;

/**
 * A stretch of a class and what it asks for on average. Estimates for planning, never a measurement of a person.
 *
 * @param effort of the class
 * @param from its first second
 * @param to the second after its last one, over its first
 */
public record Passage(Effort effort, int from, int to) {

    private static final double HUNDRED = 100;

    public Passage {
        if (from < 0 || to <= from) {
            throw new IllegalArgumentException(
                    "A stretch must be from 0 s on and longer than 0 s, not from %d to %d s.".formatted(from,
                            to));
        }
    }

    /**
     * Returns a stretch between two seconds, whichever comes first, as much of it as the class has.
     *
     * @param one a second of the class, from 0
     * @param other a second of the class, from 0
     */
    public static Passage between(Effort effort, int one, int other) {
        int last = Math.max(1, effort.main().seconds());
        int from = Math.clamp(Math.min(one, other), 0, last - 1);
        return new Passage(effort, from, Math.clamp(Math.max(one, other), from + 1, last));
    }

    /** Returns the average effort of somebody, 0 to 10. */
    public double average(Line line) {
        double sum = 0;
        for (int second = from; second < to; second++) {
            sum += line.effort(second);
        }
        return sum / (to - from);
    }

    /** Returns how long the one who is most like the group is in each band; bands without any are not in it. */
    public Map<Band, Duration> bands() {
        Map<Band, Duration> bands = new EnumMap<>(Band.class);
        for (int second = from; second < to; second++) {
            bands.merge(Band.of(effort.main().share(second)), Duration.ofSeconds(1), Duration::plus);
        }
        return bands;
    }

    /** Returns the share of the simulated group and of the time that lies inside a target, 0 to 1; none without one. */
    public OptionalDouble inside() {
        float[] inside = effort.inside();
        double sum = 0;
        int seconds = 0;
        for (int second = from; second < Math.min(to, inside.length); second++) {
            if (inside[second] >= 0) {
                sum += inside[second];
                seconds++;
            }
        }
        return seconds == 0 ? OptionalDouble.empty() : OptionalDouble.of(sum / seconds);
    }

    /** Returns "4:20 long: light 0:40, moderate 3:40; 62 % of the group inside the target". */
    public String words() {
        List<String> words = new ArrayList<>();
        words.add(bands().entrySet().stream()
                .map(each -> "%s %s".formatted(each.getKey().words(), Lengths.clock(each.getValue())))
                .collect(Collectors.joining(", ")));
        inside().ifPresent(share -> words.add(String.format(Locale.ROOT,
                "%.0f %% of the group inside the target", share * HUNDRED)));
        return "%s long: %s".formatted(Lengths.clock(Duration.ofSeconds(to - from)),
                String.join("; ", words));
    }
}
