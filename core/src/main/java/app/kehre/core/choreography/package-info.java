/**
 * Combinations and how they are taught. A {@link app.kehre.core.choreography.Combination} is a row of
 * {@link app.kehre.core.choreography.Part}s; {@link app.kehre.core.choreography.Dance} is how it goes, foot by foot, beat by
 * beat; a {@link app.kehre.core.choreography.Script} is the way it is built up before the
 * group, phrase by phrase, in the time there is.
 *
 * <p>Counts are those of the music, from 1, and half-counts inside; moves are numbered from 0. Knows exercises and their
 * footwork, and no plan. Nothing is null.
 */
@NullMarked
package app.kehre.core.choreography;

import org.jspecify.annotations.NullMarked;
