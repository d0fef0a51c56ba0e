/**
 * What stands on the printed sheet, in words and in order: {@code CribSheet.of(timeline)} gives its head, one line for
 * each line of the class with start, dose, load, what people with a limit do instead, and length, and what kit is laid
 * out.
 *
 * <p>Times are as shown in the class, rounded once. Knows no paper and no font. Nothing is null.
 */
@NullMarked
package app.kehre.core.sheet;

import org.jspecify.annotations.NullMarked;
