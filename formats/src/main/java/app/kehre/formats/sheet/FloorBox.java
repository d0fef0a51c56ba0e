package app.kehre.formats.sheet;

import org.openpdf.text.pdf.PdfContentByte;

/** Something of the floor sheet that stands in one piece. Lengths in points. */
interface FloorBox {

    /** Returns how high it is. */
    float height();

    /** Returns whether it must not be the last of its column. */
    boolean keeps();

    /** Returns whether it is so narrow that what is in it becomes hard to read. */
    boolean cramped();

    /**
     * Draws it.
     *
     * @param left its left edge
     * @param top its upper edge
     * @param width of its column
     */
    void draw(PdfContentByte pen, float left, float top, float width) throws MissingGlyph;
}
