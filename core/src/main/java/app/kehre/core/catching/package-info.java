/**
 * Ending on time. {@link app.kehre.core.catching.Rest} is what is left of a class that is being taught, laid out from now; {@link
 * app.kehre.core.catching.CatchingUp} proposes the least that has to change so that it ends by its slot, the way down and what
 * was promised kept. Nothing changes by itself: a proposal is a press like any other when it is taken. Nothing is null.
 */
@NullMarked
package app.kehre.core.catching;

import org.jspecify.annotations.NullMarked;
