/**
 * The studio on the disk: one SQLite file, opened by {@link app.kehre.store.StudioFile}, which brings it up to date. Write-ahead
 * log, full synchronous, foreign keys, one connection: what is kept is on the disk when it returns. The ports are those of the
 * core's {@code studio}. What is stored is a key or a number, never the words on screen. Nothing is null.
 */
@NullMarked
package app.kehre.store;

import org.jspecify.annotations.NullMarked;
