/**
 * The studio on the disk, behind the ports of {@code core.studio}: {@link app.kehre.store.StudioFile} is one SQLite file
 * with a write-ahead log and full synchronous commits, brought up to date by migrations; {@link app.kehre.store.Backups}
 * are dated copies of it. Times are whole milliseconds, days and times of day are written as ISO 8601. Nothing is null.
 */
@NullMarked
package app.kehre.store;

import org.jspecify.annotations.NullMarked;
