/**
 * The Exercises place: the library, searched and filtered, one exercise read or edited as a card of texts, and the
 * instructor's own exercises brought in and out as tables.
 *
 * <p>{@link app.kehre.desk.exercises.ExercisesViewModel} holds what is found and what is being edited, without a node;
 * the views show it. What is searched for and how a card is read is the core's ({@code exercise}, {@code card}). To be
 * used on the JavaFX thread. Nothing is null.
 */
@NullMarked
package app.kehre.desk.exercises;

import org.jspecify.annotations.NullMarked;
