/**
 * Who comes: how many, their ages, how used they are to it, and who has to watch what ({@link
 * app.kehre.core.people.Group}); the limits that an exercise can carry a caution for, and which of them are serious ({@link
 * app.kehre.core.people.Limit}); how much new choreography such a group can take ({@link app.kehre.core.people.Level}).
 *
 * <p>{@code Group.of(12).withLimit(Limit.KNEE, 2)}: no more have a limit than there are people. Ages are whole years, shares are
 * per cent that add up to 100. It gives cautions and never a diagnosis. Nothing is null.
 */
@NullMarked
package app.kehre.core.people;

import org.jspecify.annotations.NullMarked;
