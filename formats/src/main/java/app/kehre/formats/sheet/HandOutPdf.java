package app.kehre.formats.sheet;

import java.io.ByteArrayOutputStream;

import org.openpdf.text.Document;
import org.openpdf.text.PageSize;
import org.openpdf.text.Paragraph;
import org.openpdf.text.pdf.PdfWriter;

import app.kehre.core.sheet.HandOut;
import app.kehre.formats.font.Weight;

/** The hand-out for participants as PDF on A4. */
public final class HandOutPdf {

    private static final float MARGIN = 48;
    private static final float TITLE = 24;
    private static final float NAME = 15;
    private static final float TEXT = 12;

    private final SheetFonts fonts = new SheetFonts();

    private HandOutPdf() {}

    /**
     * Returns the hand-out as PDF.
     *
     * @throws NothingToPrint when there is nothing to take home
     * @throws MissingGlyph when a character cannot be printed
     */
    public static byte[] of(HandOut sheet) throws NothingToPrint, MissingGlyph {
        if (sheet.pieces().isEmpty()) {
            throw new NothingToPrint(
                    "This class has no stretch or easy move at its end that could be taken home.");
        }
        return new HandOutPdf().written(sheet);
    }

    private byte[] written(HandOut sheet) throws MissingGlyph {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Document document = new Document(PageSize.A4, MARGIN, MARGIN, MARGIN, MARGIN);
        PdfWriter.getInstance(document, out);
        document.addTitle(sheet.title());
        document.addCreator("Kehre");
        document.open();
        document.add(paragraph(sheet.title(), Weight.BOLD, TITLE, 0));
        document.add(paragraph("To take home, " + sheet.day(), Weight.REGULAR, TEXT, 4));
        document.add(paragraph(sheet.caution(), Weight.REGULAR, TEXT, 10));
        for (HandOut.Piece piece : sheet.pieces()) {
            Paragraph name = paragraph(piece.name(), Weight.SEMI_BOLD, NAME, 14);
            name.setKeepTogether(true);
            name.add(fonts.chunk("   " + piece.dose(), Weight.MEDIUM, TEXT, Inks.INK));
            document.add(name);
            Paragraph how = paragraph(piece.how(), Weight.REGULAR, TEXT, 1);
            how.setKeepTogether(true);
            document.add(how);
        }
        document.close();
        return out.toByteArray();
    }

    private Paragraph paragraph(String words, Weight weight, float size, float above) throws MissingGlyph {
        Paragraph paragraph = new Paragraph(fonts.chunk(words, weight, size, Inks.INK));
        paragraph.setLeading(size * 1.3f);
        paragraph.setSpacingBefore(above);
        return paragraph;
    }
}
