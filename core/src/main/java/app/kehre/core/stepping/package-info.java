/**
 * What is asked of a combination, step by step: whether the foot is free, the place right, the phrase filled; how long one leg
 * bears, one foot leads, the group hops; how much is new; whether the music suits. Each question is a class of its own.
 *
 * <p>{@code Checks.of(combination, conditions, moves, into)} gives {@link app.kehre.core.finding.Finding}s in the order of the
 * counts; their mends are tried before they are offered ({@link app.kehre.core.stepping.Repairs}) and put into the class by
 * {@code into}.
 *
 * <p>Counts are those of the music, from 1; moves are numbered from 0. Nothing is null.
 */
@NullMarked
package app.kehre.core.stepping;

import org.jspecify.annotations.NullMarked;
