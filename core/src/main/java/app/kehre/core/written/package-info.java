/**
 * A class as plain text, and the text of one line of it: "Squat 3 x 12 reps, rest 20 s, 2 light weights; heels down". What is
 * printed is read again as the same; what an instructor types may be shorter, in any order that can be told apart
 * (docs/class-text.md).
 *
 * <p>{@code LineText.of(library).read("plank 30 s", segment, id)} gives the lines, or a sentence with what it could mean;
 * {@code ClassText.read(text, before, library)} gives the class and the lines that could not be read. Nothing is null.
 */
@NullMarked
package app.kehre.core.written;

import org.jspecify.annotations.NullMarked;
