/**
 * Choosing for this group, this room and this moment of the class: {@link app.kehre.core.choosing.Suggestions} for
 * a segment, {@link app.kehre.core.choosing.Swaps} for a line, and {@link app.kehre.core.choosing.GroupFit} for
 * all that somebody in the group has to watch. Everything here proposes; the instructor decides.
 */
@NullMarked
package app.kehre.core.choosing;

import org.jspecify.annotations.NullMarked;
