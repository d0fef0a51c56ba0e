/**
 * How much of an exercise is done, and so how long it takes.
 *
 * <p>A {@link app.kehre.core.dose.Dose} is one of a closed set of kinds. {@link
 * app.kehre.core.dose.DoseNotation} reads and prints them as an instructor writes them: {@code 3 x 12
 * reps 2-0-2 s, rest 25 s, each side}. Lengths are {@link java.time.Duration}s of whole seconds; what
 * the music decides is kept in counts and turned into time only by the timeline. Nothing is null.
 */
@NullMarked
package app.kehre.core.dose;

import org.jspecify.annotations.NullMarked;
