package app.kehre.formats.sheet;

import org.openpdf.text.Chunk;
import org.openpdf.text.Phrase;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.PdfPCell;

/** Cells of tables on paper. */
final class Cells {

    private Cells() {}

    /** Returns a cell with a thin rule below it. */
    static PdfPCell ruled(Chunk words, int align) {
        PdfPCell cell = bare(new Phrase(words), align);
        cell.setPaddingTop(0.5f);
        cell.setPaddingBottom(2);
        cell.setBorder(Rectangle.BOTTOM);
        cell.setBorderColor(Inks.LINE);
        return cell;
    }

    /** Returns a cell of nothing but its words. */
    static PdfPCell bare(Phrase phrase, int align) {
        PdfPCell cell = new PdfPCell(phrase);
        cell.setBorder(Rectangle.NO_BORDER);
        cell.setPadding(0);
        cell.setPaddingRight(3);
        cell.setHorizontalAlignment(align);
        return cell;
    }
}
