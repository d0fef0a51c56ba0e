package app.kehre.core.choreography;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.value.Range;

/**
 * How combinations are to be built up.
 *
 * @param combinations one to four, in the order in which they are taught; joined at the end
 * @param method how each is built up
 * @param time how long it may take, 1 to 60 min
 * @param hold the holding pattern, a move that keeps the lead
 * @param mirrored whether the instructor faces the group and moves as its mirror image
 * @param changes the instructor's own: by the key of a stage how many rounds on both leads, or phrases of a
 *     hold; 0 drops it
 */
public record Build(List<Combination> combinations, Method method, Duration time, Exercise hold,
        boolean mirrored, Map<String, Integer> changes) {

    /** The time of a build-up. */
    public static final Range TIME = Range.ofSeconds("the time of a build-up", 60, 3600);
    /** The combinations of a build-up. */
    public static final Range COMBINATIONS = Range.of("the combinations of a build-up", 1, 4);
    /** The rounds of a stage. */
    public static final Range ROUNDS = Range.of("the rounds of a stage", 0, 16);

    public Build {
        TIME.check(time);
        COMBINATIONS.check(combinations.size());
        combinations = List.copyOf(combinations);
        changes.values().forEach(ROUNDS::check);
        changes = java.util.Collections.unmodifiableMap(new TreeMap<>(changes));
        if (hold.footwork().isEmpty()) {
            throw new IllegalArgumentException(
                    "The holding pattern needs footwork, which \"%s\" has not.".formatted(hold.name()));
        }
    }

    /** Returns a build-up without the instructor's own changes. */
    public static Build of(List<Combination> combinations, Method method, Duration time, Exercise hold) {
        return new Build(combinations, method, time, hold, true, Map.of());
    }

    /** Returns whether it is danced on a step. */
    public boolean onStep() {
        return combinations.stream().anyMatch(Combination::onStep);
    }

    /** Returns it with other combinations. */
    public Build withCombinations(List<Combination> others) {
        return new Build(others, method, time, hold, mirrored, changes);
    }

    /** Returns it with a combination changed. */
    public Build with(int at, Combination changed) {
        List<Combination> others = new java.util.ArrayList<>(combinations);
        others.set(at, changed);
        return withCombinations(others);
    }

    /** Returns it by another method; the changes stay for the stages that both have. */
    public Build withMethod(Method other) {
        return new Build(combinations, other, time, hold, mirrored, changes);
    }

    /** Returns it in another time. */
    public Build withTime(Duration other) {
        return new Build(combinations, method, other, hold, mirrored, changes);
    }

    /** Returns it mirrored or not. */
    public Build withMirrored(boolean other) {
        return new Build(combinations, method, time, hold, other, changes);
    }

    /** Returns it with so many rounds of a stage. */
    public Build withRounds(String key, int rounds) {
        Map<String, Integer> others = new TreeMap<>(changes);
        others.put(key, rounds);
        return new Build(combinations, method, time, hold, mirrored, others);
    }

    /** Returns it with a stage as Kehre fits it. */
    public Build withoutChange(String key) {
        Map<String, Integer> others = new TreeMap<>(changes);
        others.remove(key);
        return new Build(combinations, method, time, hold, mirrored, others);
    }
}
