package app.kehre.formats.sheet;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;

import org.openpdf.text.Document;
import org.openpdf.text.PageSize;
import org.openpdf.text.pdf.PdfWriter;

import app.kehre.core.balance.Assessment;
import app.kehre.core.sheet.CribSheet;

/**
 * The crib sheet as PDF on A4: on as few pages as let the text stay large enough, with the climb and the ledger in
 * small at its end. The type is as large as the pages allow, and the smallest size is used on as many as it takes.
 */
public final class SheetPdf {

    /** Type sizes in points to try for a number of pages, largest first. */
    private record Attempt(int pages, List<Float> sizes) {}

    private static final List<Attempt> ATTEMPTS = List.of(
            new Attempt(1, List.of(13f, 12f, 11.5f, 11f, 10.5f)),
            new Attempt(2, List.of(13f, 12.5f, 12f, 11.5f, 11f, 10.5f)),
            new Attempt(3, List.of(13f, 12.5f, 12f, 11.5f, 11f, 10.5f, 10f, 9.5f)),
            new Attempt(4, List.of(13f, 12.5f, 12f, 11.5f, 11f, 10.5f)));
    private static final float SMALLEST = 10.5f;
    private static final float MARGIN = 34f;

    private SheetPdf() {}

    /**
     * Returns the sheet as PDF.
     *
     * @throws MissingGlyph when a character cannot be printed
     */
    public static byte[] of(CribSheet sheet, Assessment assessment) throws MissingGlyph {
        SheetFonts fonts = new SheetFonts();
        for (Attempt attempt : ATTEMPTS) {
            for (float size : attempt.sizes()) {
                Written written = write(sheet, assessment, fonts, size);
                if (written.pages() <= attempt.pages()) {
                    return written.out().toByteArray();
                }
            }
        }
        return write(sheet, assessment, fonts, SMALLEST).out().toByteArray();
    }

    private record Written(ByteArrayOutputStream out, int pages) {}

    private static Written write(CribSheet sheet, Assessment assessment, SheetFonts fonts, float size)
            throws MissingGlyph {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Document document = new Document(PageSize.A4, MARGIN, MARGIN, MARGIN, MARGIN + size * 2.6f);
        PdfWriter writer = PdfWriter.getInstance(document, out);
        SheetLayout layout = new SheetLayout(sheet, assessment, fonts, size);
        writer.setPageEvent(layout.footer());
        document.addTitle(sheet.title());
        document.addCreator("Kehre");
        document.open();
        for (var element : layout.elements()) {
            document.add(element);
        }
        int pages = writer.getPageNumber();
        document.close();
        return new Written(out, pages);
    }

    /** Returns whether bytes are a PDF. */
    public static boolean isPdf(byte[] bytes) {
        return new String(bytes, 0, Math.min(bytes.length, 5), StandardCharsets.ISO_8859_1).equals("%PDF-");
    }
}
