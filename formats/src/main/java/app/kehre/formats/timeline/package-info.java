/** The timeline of a class as a table: one row a span. */
@NullMarked
package app.kehre.formats.timeline;

import org.jspecify.annotations.NullMarked;
