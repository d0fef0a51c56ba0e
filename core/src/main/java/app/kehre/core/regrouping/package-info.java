/**
 * The order of a part in which the group goes down to the floor and fetches kit as seldom as the order school allows: {@link
 * app.kehre.core.regrouping.Regrouping}.
 *
 * <p>{@code Regrouping.of(plan, segmentId)} gives the part in its best order and the time that it saves, or nothing where no
 * order is shorter. It is exact for up to nine blocks that may move (Held and Karp 1962, over the real changing over); longer
 * parts are taken in windows. Sides stay together; pauses, screens and locked lines stay in their place; no more rules
 * of the school are broken than before. Nothing is null.
 */
@NullMarked
package app.kehre.core.regrouping;

import org.jspecify.annotations.NullMarked;
