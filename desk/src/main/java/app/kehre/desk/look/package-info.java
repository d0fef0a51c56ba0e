/** How Kehre looks: palette, typeface, style names, and names that shorten in the middle. */
@NullMarked
package app.kehre.desk.look;

import org.jspecify.annotations.NullMarked;
