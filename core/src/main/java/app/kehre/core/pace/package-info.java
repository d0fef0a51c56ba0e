/**
 * How long people take: {@link app.kehre.core.pace.Pace} is one map of named quantities, each with its unit, its range and its
 * usual value by teaching style. A class carries the pace that it was planned with, so that an old class keeps its times.
 *
 * <pre>{@code
 * Duration toShow = Pace.usual(older).length(Quantity.NEW, School.Teaching.SHOW_THEN_DO); // 25 s
 * }</pre>
 *
 * <p>It knows nothing of lines and segments: the timeline asks it. Values are Kehre's estimates to start with (figures.md, "Pace").
 */
@NullMarked
package app.kehre.core.pace;

import org.jspecify.annotations.NullMarked;
