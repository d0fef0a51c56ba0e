/**
 * The plan of a class: a {@link app.kehre.core.brief.Brief} and {@link app.kehre.core.plan.Segment}s of
 * {@link app.kehre.core.plan.Entry entries}.
 *
 * <p>A {@link app.kehre.core.plan.ClassPlan} never changes. Every edit makes a new plan, and {@link
 * app.kehre.core.edit.History} keeps the earlier ones for undo.
 */
@NullMarked
package app.kehre.core.plan;

import org.jspecify.annotations.NullMarked;
