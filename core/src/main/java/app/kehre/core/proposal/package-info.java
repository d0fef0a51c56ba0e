/**
 * What every solver answers: a {@link app.kehre.core.proposal.Proposal}, which is either up to a few {@link
 * app.kehre.core.proposal.Way}s, each a list of {@link app.kehre.core.proposal.Change}s with their reasons, or a refusal with
 * the reason for it. Nothing of it has happened: a plan changes only when somebody takes a way, whole or in part.
 *
 * <p>{@code Differences.ofSegments(before, after)} says what is different between two plans, one change a segment; {@code
 * Change.all(plan, changes)} makes those that were ticked, in their order. Each change can be made without the others.
 *
 * <p>Knows plans and how long they take, and no solver; what a way would mend or break is for {@code balance} to say. Nothing is
 * null.
 */
@NullMarked
package app.kehre.core.proposal;

import org.jspecify.annotations.NullMarked;
