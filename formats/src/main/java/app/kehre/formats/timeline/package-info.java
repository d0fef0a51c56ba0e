/**
 * The timeline of a class as a table, one row a span: when, how long, in which segment and line, and what is done then
 * in which set, round and interval.
 *
 * <p>{@code TimelineTable.csv(timeline)} is for a spreadsheet, with times in milliseconds whose boundaries, not lengths,
 * are rounded; {@code text} is for reading. Only written, never read. Nothing is null.
 */
@NullMarked
package app.kehre.formats.timeline;

import org.jspecify.annotations.NullMarked;
