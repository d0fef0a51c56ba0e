/**
 * What the brief's answers to the questions on which practitioners differ make of an exercise that comes into a class: how
 * its usual dose is counted and shared between the sides, {@code AnsweredDose.of(exercise, segment, plan, false)}, and what
 * is said of it, {@code KneeCue.of(brief, exercise)}.
 *
 * <p>What stands in a class already is never changed by an answer. Nothing is null.
 */
@NullMarked
package app.kehre.core.answers;

import org.jspecify.annotations.NullMarked;
