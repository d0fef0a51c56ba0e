/** The typeface that ships with Kehre, for the screen and for paper, with figures of one width. */
@NullMarked
package app.kehre.formats.font;

import org.jspecify.annotations.NullMarked;
