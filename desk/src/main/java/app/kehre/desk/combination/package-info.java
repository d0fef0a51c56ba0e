/**
 * The Combination place: the foot score, what fits at a point, what is found with its mends, and the ladder of the
 * build-up. {@link app.kehre.desk.combination.CombinationViewModel} holds which combination and which move are shown and
 * makes the edits of its build-up; {@link app.kehre.desk.combination.ScorePainter} draws two foot lines in quarters of a
 * count.
 *
 * <p>Moves are numbered from 0, counts from 1. How a combination goes is the core's ({@code choreography}, {@code
 * stepping}). Nothing is null.
 */
@NullMarked
package app.kehre.desk.combination;

import org.jspecify.annotations.NullMarked;
