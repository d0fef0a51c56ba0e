/**
 * Reading and writing JSON by hand, field by field, so that every fault names its file, line, place, what was found and
 * what was expected, and all faults of a file are told at once.
 *
 * <p>{@code JsonText.parse(name, bytes, most)} gives the tree with the place of each value; a reader then asks {@link
 * app.kehre.formats.json.Fields} for what it needs: {@code fields.whole("bpm", Bpm.RANGE)} reports a number out of range
 * and goes on. What nobody asks for is kept by {@link app.kehre.formats.json.Unread} and written again.
 *
 * <p>Knows nothing of plans and exercises. A file that has a fault is refused whole, as {@link
 * app.kehre.formats.json.UnreadableFile}; none is read in part. Nothing is null.
 */
@NullMarked
package app.kehre.formats.json;

import org.jspecify.annotations.NullMarked;
