/** Processes that are killed while they work in a studio, and what is left of it. */
@NullMarked
package app.kehre.store.kills;

import org.jspecify.annotations.NullMarked;
