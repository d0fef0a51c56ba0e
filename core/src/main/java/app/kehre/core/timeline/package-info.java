/**
 * The class in seconds: {@link app.kehre.core.timeline.Timeline#of} turns a plan into {@link
 * app.kehre.core.timeline.Span}s that tile it without gap or overlap, and tells the totals.
 *
 * <p>Times are measured from the start of the class, in whole nanoseconds. What is shown as minutes and
 * seconds is rounded at each boundary, so that shown lengths always add up to the shown total.
 */
@NullMarked
package app.kehre.core.timeline;

import org.jspecify.annotations.NullMarked;
