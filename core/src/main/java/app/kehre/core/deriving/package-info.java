/**
 * Parts of a class that follow from the rest of it: a warm-up that prepares the joints which will carry and shows small what
 * comes large ({@link app.kehre.core.deriving.WarmUpFromClass}), a stretch that releases what has worked ({@link
 * app.kehre.core.deriving.StretchFromClass}).
 *
 * <p>{@code StretchFromClass.of(plan, library, Duration.ofMinutes(6))} covers the most load in six minutes, exactly, by a
 * dynamic program over sets of muscle groups (at most 18). What is locked, water and talk stay where they are. Time is a {@link
 * java.time.Duration}; the program counts in whole seconds. Too little time yields a reason, not half a part. It never
 * changes the plan that it is given. Nothing is null.
 */
@NullMarked
package app.kehre.core.deriving;

import org.jspecify.annotations.NullMarked;
