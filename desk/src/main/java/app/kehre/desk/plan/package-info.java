/**
 * The Plan place: the road of the class, the selected segment's lines, and beside them what is known of a line, what
 * could be added or stand there instead, what came of judging, and the proposals.
 *
 * <p>{@link app.kehre.desk.plan.PlanViewModel} holds the selection and turns what is typed into edits of the open plan;
 * {@link app.kehre.desk.plan.ChoosingViewModel} holds what is offered beside the lines. Neither has a node, and neither
 * adds or rounds a time: all figures come from the timeline and the assessment. Nothing is null.
 */
@NullMarked
package app.kehre.desk.plan;

import org.jspecify.annotations.NullMarked;
