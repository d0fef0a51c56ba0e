/**
 * The one port through which files are read and written, so that a test can make it fail, and so that what is known of
 * links, locks and whole writes stands in one place.
 *
 * <p>{@code disk.replace(file, bytes)} leaves either the old file or the new one, forced to disk, with its mode kept and
 * no link followed that somebody laid; {@code disk.create} never replaces anything. Trouble is a {@link
 * app.kehre.formats.disk.DiskTrouble} with a sentence that can be shown. A folder is locked by {@link
 * app.kehre.formats.disk.FolderLock} while two processes might write to it. Nothing is null.
 */
@NullMarked
package app.kehre.formats.disk;

import org.jspecify.annotations.NullMarked;
