/** Closed lists of terms, whose words people read and files carry. */
@NullMarked
package app.kehre.core.term;

import org.jspecify.annotations.NullMarked;
