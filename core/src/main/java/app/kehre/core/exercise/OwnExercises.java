package app.kehre.core.exercise;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

import app.kehre.core.value.Range;

/**
 * What an instructor made of the library: exercises of their own, and shipped ones that they do not want to see.
 *
 * @param exercises their own, each id once
 * @param hidden the ids of shipped ones that are not offered; plans that use them still open
 */
public record OwnExercises(List<Exercise> exercises, Set<String> hidden) {

    /**
     * How many own exercises there may be. Kehre's estimate: search is quick among so many, and whoever writes one a day
     * needs 27 years for them.
     */
    public static final Range NUMBER = Range.of("the number of own exercises", 0, 20_000);
    /** Nothing yet. */
    public static final OwnExercises NONE = new OwnExercises(List.of(), Set.of());

    public OwnExercises {
        NUMBER.check(exercises.size());
        exercises = List.copyOf(exercises);
        hidden = Set.copyOf(hidden);
        if (exercises.stream().map(Exercise::id).distinct().count() < exercises.size()) {
            throw new IllegalArgumentException("Each own exercise must have an id of its own.");
        }
    }

    /** Returns these with one added, or changed where there is one of its id. */
    public OwnExercises with(Exercise exercise) {
        return withAll(List.of(exercise));
    }

    /** Returns these with some added, or changed where there is one of the id. */
    public OwnExercises withAll(Collection<Exercise> some) {
        Map<String, Exercise> all = byId();
        some.forEach(each -> all.put(each.id(), each));
        return new OwnExercises(List.copyOf(all.values()), hidden);
    }

    /** Returns the exercises by their ids, in order. */
    public Map<String, Exercise> byId() {
        Map<String, Exercise> all = new LinkedHashMap<>();
        exercises.forEach(each -> all.put(each.id(), each));
        return all;
    }

    /** Returns these without one. */
    public OwnExercises without(String id) {
        return new OwnExercises(exercises.stream().filter(each -> !each.id().equals(id)).toList(), hidden);
    }

    /** Returns these with a shipped one hidden, or shown again. */
    public OwnExercises withHidden(String id, boolean hide) {
        Set<String> others = new TreeSet<>(hidden);
        if (hide) {
            others.add(id);
        } else {
            others.remove(id);
        }
        return new OwnExercises(exercises, others);
    }

    /** Returns whether one is their own. */
    public boolean has(String id) {
        return exercises.stream().anyMatch(each -> each.id().equals(id));
    }
}
