/** Windows that are killed while somebody works in them: nothing older than a second may be lost. */
@NullMarked
package app.kehre.desk.kills;

import org.jspecify.annotations.NullMarked;
