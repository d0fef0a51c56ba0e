/** The crib sheet as PDF, with the fonts in it. */
@NullMarked
package app.kehre.formats.sheet;

import org.jspecify.annotations.NullMarked;
