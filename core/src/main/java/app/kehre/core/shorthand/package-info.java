/**
 * What instructors write, as they write it: "DB squats 3x12, RDLs 10 e/s, then plank 30s (knees ok)". A line becomes tokens
 * ({@link app.kehre.core.shorthand.Token}), the tokens names and facts by the cheapest way through them all
 * ({@link app.kehre.core.shorthand.LineParse}), names and facts lines of a class with a score; what scores well and far above all
 * else is taken, what does not is offered, and what nobody could read stays as a note.
 *
 * <p>{@code Jottings.of(library).read(text, plan)} gives a {@link app.kehre.core.shorthand.Jotting} for each line that was written
 * and the class that they make. The strict notation (room {@code written}) stays the form in which a class is printed: a line in
 * it is read by it alone. Nothing is null.
 */
@NullMarked
package app.kehre.core.shorthand;

import org.jspecify.annotations.NullMarked;
