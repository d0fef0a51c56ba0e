/**
 * The typeface that ships with Kehre, for the screen and for paper. {@link app.kehre.formats.font.Weight} gives the
 * bytes of each weight; {@link app.kehre.formats.font.TabularFigures} makes all figures equally wide, so that times
 * stand below each other and a running clock does not jump.
 *
 * <p>Knows the tables of a TrueType file and nothing of where it is shown. Nothing is null.
 */
@NullMarked
package app.kehre.formats.font;

import org.jspecify.annotations.NullMarked;
