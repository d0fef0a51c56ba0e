package app.kehre.core.shorthand;

import app.kehre.core.exercise.Exercise;

/**
 * An exercise that words may mean.
 *
 * @param exercise the exercise
 * @param called which of its names was written; empty where none was written whole
 * @param quality how well the words fit its names, 0 to 1
 * @param total the same with how well it fits in its place in the class
 */
record Candidate(Exercise exercise, String called, double quality, double total) {}
