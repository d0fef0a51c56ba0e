/**
 * Combinations and how they are taught. A {@link app.kehre.core.choreography.Combination} is a row of
 * {@link app.kehre.core.choreography.Part}s; {@link app.kehre.core.choreography.Checks} says where it cannot be
 * danced and how to mend it; a {@link app.kehre.core.choreography.Script} is the way it is built up before the
 * group, phrase by phrase, in the time there is.
 */
@NullMarked
package app.kehre.core.choreography;

import org.jspecify.annotations.NullMarked;
