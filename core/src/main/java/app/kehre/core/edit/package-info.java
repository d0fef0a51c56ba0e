/**
 * Changing a plan. Every edit, by hand or by a solver, is a function from a plan to another one: {@link
 * app.kehre.core.edit.Moves} moves and copies lines and segments, {@link app.kehre.core.edit.Structures} makes circuits, splits
 * sides and cuts a class short, {@link app.kehre.core.edit.Addables} is what can be added at a place; {@link
 * app.kehre.core.edit.History} is the list of earlier plans, which is all that undo needs.
 *
 * <p>{@code Moves.nudge(plan, line, -1)} gives the plan with a line one place up, or the same plan where that cannot be. Numbers
 * of lines are never given twice. Knows no time and no interface. Nothing is null.
 */
@NullMarked
package app.kehre.core.edit;

import org.jspecify.annotations.NullMarked;
