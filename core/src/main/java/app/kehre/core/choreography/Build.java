package app.kehre.core.choreography;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.value.Range;

/**
 * How combinations are to be built up.
 *
 * @param combinations one to four, in the order in which they are taught; joined at the end
 * @param method how each is built up
 * @param wish how long it shall take, 1 to 60 min; nothing for as long as its stages take by themselves
 * @param hold the holding pattern, a move that keeps the lead
 * @param ways what else is said of it
 * @param own the instructor's own, by the stage
 */
public record Build(List<Combination> combinations, Method method, Optional<Duration> wish, Exercise hold,
        Ways ways, Map<StageKey, Rounds> own) {

    /**
     * What else is said of a build-up.
     *
     * @param mirrored whether the instructor faces the group and moves as its mirror image
     * @param runsOn whether a combination that fills no phrase begins again at its end, and is not filled up
     * @param finaleOfAll whether the finale joins what was taught before in the class too
     */
    public record Ways(boolean mirrored, boolean runsOn, boolean finaleOfAll) {

        /** Facing the group, in whole phrases, with a finale of its own combinations. */
        public static final Ways USUAL = new Ways(true, false, false);

        /** Returns it with the instructor facing the group, or not. */
        public Ways withMirrored(boolean other) {
            return new Ways(other, runsOn, finaleOfAll);
        }

        /** Returns it running on, or filled up. */
        public Ways withRunsOn(boolean other) {
            return new Ways(mirrored, other, finaleOfAll);
        }

        /** Returns it with a finale of all that was taught before, or of its own. */
        public Ways withFinaleOfAll(boolean other) {
            return new Ways(mirrored, runsOn, other);
        }
    }

    /** The time that is wished for a build-up. */
    public static final Range TIME = Range.ofSeconds("the time of a build-up", 60, 3600);
    /** The combinations of a build-up. */
    public static final Range COMBINATIONS = Range.of("the combinations of a build-up", 1, 4);

    public Build {
        wish.ifPresent(TIME::check);
        COMBINATIONS.check(combinations.size());
        combinations = List.copyOf(combinations);
        own = Collections.unmodifiableMap(new TreeMap<>(own));
        if (hold.footwork().isEmpty()) {
            throw new IllegalArgumentException(
                    "The holding pattern needs footwork, which \"%s\" has not.".formatted(hold.name()));
        }
    }

    /** Returns a build-up of its natural length without the instructor's own changes. */
    public static Build of(List<Combination> combinations, Method method, Exercise hold) {
        return new Build(combinations, method, Optional.empty(), hold, Ways.USUAL, Map.of());
    }

    /** Returns whether the instructor faces the group and moves as its mirror image. */
    public boolean mirrored() {
        return ways.mirrored();
    }

    /** Returns whether it is danced on a step. */
    public boolean onStep() {
        return combinations.stream().anyMatch(Combination::onStep);
    }

    /** Returns it with other combinations in the place of its own, as many or more. */
    public Build withCombinations(List<Combination> others) {
        return new Build(others, method, wish, hold, ways, own);
    }

    /**
     * Returns it with a combination changed.
     *
     * @param at the place of the combination, from 0
     */
    public Build with(int at, Combination changed) {
        List<Combination> others = new ArrayList<>(combinations);
        others.set(at, changed);
        return withCombinations(others);
    }

    /**
     * Returns it without a combination; what was said of the stages of those behind it stays with them.
     *
     * @param at the place of the combination, from 0
     */
    public Build without(int at) {
        List<Combination> fewer = new ArrayList<>(combinations);
        fewer.remove(at);
        Map<StageKey, Rounds> kept = new TreeMap<>();
        own.forEach((key, rounds) -> {
            int of = key.combination().orElse(-1);
            if (of != at) {
                kept.put(of > at ? key.of(of - 1) : key, rounds);
            }
        });
        return new Build(fewer, method, wish, hold, ways, kept);
    }

    /** Returns it by another method; the changes stay for the stages that both have. */
    public Build withMethod(Method other) {
        return new Build(combinations, other, wish, hold, ways, own);
    }

    /**
     * Returns it with a wish for its time, or without one.
     *
     * @param other of the build-up as a whole; nothing for its natural length
     */
    public Build withWish(Optional<Duration> other) {
        return new Build(combinations, method, other, hold, ways, own);
    }

    /** Returns it with another holding pattern. */
    public Build withHold(Exercise other) {
        return new Build(combinations, method, wish, other, ways, own);
    }

    /** Returns it with something else said of it. */
    public Build with(UnaryOperator<Ways> change) {
        return new Build(combinations, method, wish, hold, change.apply(ways), own);
    }

    /** Returns it with the instructor's own rounds of a stage. */
    public Build with(StageKey key, Rounds rounds) {
        Map<StageKey, Rounds> others = new TreeMap<>(own);
        others.put(key, rounds);
        return new Build(combinations, method, wish, hold, ways, others);
    }

    /** Returns it with a stage as Kehre fits it. */
    public Build without(StageKey key) {
        Map<StageKey, Rounds> others = new TreeMap<>(own);
        others.remove(key);
        return new Build(combinations, method, wish, hold, ways, others);
    }
}
