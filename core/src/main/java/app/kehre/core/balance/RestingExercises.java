package app.kehre.core.balance;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Family;

/** Exercises in which the body comes to rest. */
final class RestingExercises {

    private RestingExercises() {}

    static boolean is(Exercise exercise) {
        return exercise.family() == Family.STRETCH || exercise.family() == Family.BREATHING;
    }
}
