/**
 * An exercise as a card of texts: one text a {@link app.kehre.core.card.Field}, as an instructor writes an own
 * exercise and as tables hold it. {@link app.kehre.core.card.Card} reads a whole card and says what is wrong with
 * which field.
 */
@NullMarked
package app.kehre.core.card;

import org.jspecify.annotations.NullMarked;
