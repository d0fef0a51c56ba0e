/**
 * What is known of classes that were taught: {@link app.kehre.core.log.ClassRecord} is written from the presses and visits of
 * a class, without a form to fill; {@link app.kehre.core.log.Observation} is what a record says of one quantity of the pace;
 * {@link app.kehre.core.log.LearnedPace} is what many of them come to, from the usual values towards the instructor's own.
 * Nothing of a person is in it but numbers. Nothing is null.
 */
@NullMarked
package app.kehre.core.log;

import org.jspecify.annotations.NullMarked;
