/** A whole class from its brief, or the empty rest of one: {@link app.kehre.core.drafting.Drafting}. */
@NullMarked
package app.kehre.core.drafting;

import org.jspecify.annotations.NullMarked;
