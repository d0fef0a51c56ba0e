package app.kehre.core.exercise;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * What an instructor made of the library: exercises of their own, and shipped ones that they do not want to see.
 *
 * @param exercises their own, each id once
 * @param hidden the ids of shipped ones that are not offered; plans that use them still open
 */
public record OwnExercises(List<Exercise> exercises, Set<String> hidden) {

    /** Nothing yet. */
    public static final OwnExercises NONE = new OwnExercises(List.of(), Set.of());

    public OwnExercises {
        exercises = List.copyOf(exercises);
        hidden = Set.copyOf(hidden);
        if (exercises.stream().map(Exercise::id).distinct().count() < exercises.size()) {
            throw new IllegalArgumentException("Each own exercise must have an id of its own.");
        }
    }

    /** Returns these with one added, or changed where there is one of its id. */
    public OwnExercises with(Exercise exercise) {
        List<Exercise> others = new ArrayList<>(exercises);
        int at = others.stream().map(Exercise::id).toList().indexOf(exercise.id());
        if (at < 0) {
            others.add(exercise);
        } else {
            others.set(at, exercise);
        }
        return new OwnExercises(others, hidden);
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
