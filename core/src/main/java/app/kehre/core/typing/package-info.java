/**
 * The text form of everything in a plan that is typed in a field: what stands there is printed, what was typed is read, or
 * refused with a sentence and the readings that are near ({@link app.kehre.core.value.Reading}).
 *
 * <p>{@code EntryText.withDose(line, "3 x 12, rest 20 s")} gives the line with that dose; {@code EntryText.dose(line)} prints it
 * in the one way that is read again. Lengths are typed as "40 s", "1:30" or "5 min". These texts are English notation and stand
 * in plan files as well. Nothing is null.
 */
@NullMarked
package app.kehre.core.typing;

import org.jspecify.annotations.NullMarked;
