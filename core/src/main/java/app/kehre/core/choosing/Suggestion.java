package app.kehre.core.choosing;

import app.kehre.core.exercise.Exercise;

/**
 * An exercise for a place in a class.
 *
 * @param exercise what to do
 * @param weight how well it suits; the more the better, only to be compared with others of the same list
 * @param why in a few words why it stands where it does
 */
public record Suggestion(Exercise exercise, int weight, String why) {}
