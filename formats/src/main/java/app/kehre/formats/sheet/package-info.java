/**
 * The crib sheet of a class as PDF, A4, with its fonts in it.
 *
 * <p>{@code SheetPdf.of(CribSheet.of(timeline))} gives the file's bytes; what stands on the sheet is decided by the
 * core, where it stands by {@link app.kehre.formats.sheet.SheetLayout}. Lengths are in points, 1/72 inch. A letter that
 * no font has is refused by name ({@link app.kehre.formats.sheet.MissingGlyph}) instead of printed as a box. Nothing is
 * null.
 */
@NullMarked
package app.kehre.formats.sheet;

import org.jspecify.annotations.NullMarked;
