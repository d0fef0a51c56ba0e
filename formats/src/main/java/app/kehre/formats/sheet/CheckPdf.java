package app.kehre.formats.sheet;

import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;

import org.openpdf.text.Document;
import org.openpdf.text.Element;
import org.openpdf.text.PageSize;
import org.openpdf.text.Paragraph;
import org.openpdf.text.pdf.ColumnText;
import org.openpdf.text.pdf.PdfContentByte;
import org.openpdf.text.pdf.PdfWriter;

import app.kehre.core.balance.Assessment;
import app.kehre.core.climb.Climb;
import app.kehre.core.climb.Frame;
import app.kehre.core.effort.ReadOut;
import app.kehre.core.finding.Fact;
import app.kehre.formats.font.Weight;

/** What came of judging a class, on one page of A4 across: the climb, findings, ledger, promises, joints. */
public final class CheckPdf {

    private static final float MARGIN = 34;
    private static final float SIZE = 10.5f;
    private static final float HEAD = 40;
    private static final float CLIMB = 172;
    private static final float APART = 18;
    /** The shares of the width that the findings and the ledger take; promises and joints have the rest. */
    private static final float FINDINGS = 0.4f;
    private static final float LEDGER = 0.34f;

    private final Assessment assessment;
    private final SheetFonts fonts = new SheetFonts();
    private final CheckTables tables = new CheckTables(fonts, SIZE);

    private CheckPdf(Assessment assessment) {
        this.assessment = assessment;
    }

    /**
     * Returns the page as PDF.
     *
     * @throws MissingGlyph when a character cannot be printed
     */
    public static byte[] of(Assessment assessment) throws MissingGlyph {
        return new CheckPdf(assessment).written();
    }

    private byte[] written() throws MissingGlyph {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Document document = new Document(PageSize.A4.rotate(), MARGIN, MARGIN, MARGIN, MARGIN);
        PdfWriter writer = PdfWriter.getInstance(document, out);
        document.addTitle(assessment.plan().brief().title());
        document.addCreator("Kehre");
        document.open();
        PdfContentByte pen = writer.getDirectContent();
        float top = document.top();
        float width = document.right() - document.left();
        head(pen, document.left(), top, width);
        new ClimbDrawing(pen, fonts, new Climb(assessment.effort(),
                new Frame(width - ClimbDrawing.LEFT, CLIMB - ClimbDrawing.BELOW,
                        Climb.seconds(assessment.effort()))))
                .draw(document.left() + ClimbDrawing.LEFT, top - HEAD - ClimbDrawing.ABOVE);
        float under = top - HEAD - ClimbDrawing.ABOVE - CLIMB - 6;
        float left = document.left();
        float wide = width - 2 * APART;
        float ledger = left + wide * FINDINGS + APART;
        float promised = ledger + wide * LEDGER + APART;
        findings(pen, left, under, ledger - APART, document.bottom());
        column(pen, List.of(tables.ledger(assessment)), ledger, under, promised - APART, document.bottom());
        column(pen, List.of(tables.promised(assessment)), promised, under, document.right(),
                document.bottom());
        document.close();
        return out.toByteArray();
    }

    private void head(PdfContentByte pen, float left, float top, float width) throws MissingGlyph {
        Paragraph title = new Paragraph(
                fonts.chunk(assessment.plan().brief().title(), Weight.BOLD, 17, Inks.INK));
        Paragraph verdict = new Paragraph(
                fonts.chunk(assessment.verdict() + "  " + ReadOut.minutes(assessment.effort()),
                        Weight.REGULAR, SIZE,
                        Inks.INK));
        verdict.setLeading(15);
        column(pen, List.of(title, verdict), left, top + 6, left + width, top - HEAD - ClimbDrawing.ABOVE);
    }

    private static void column(PdfContentByte pen, List<Element> elements, float left, float top, float right,
            float bottom) {
        ColumnText column = new ColumnText(pen);
        column.setSimpleColumn(left, bottom, right, top);
        elements.forEach(column::addElement);
        column.go();
    }

    /** Sets as many findings as fit, and says how many there are besides. */
    private void findings(PdfContentByte pen, float left, float top, float right, float bottom)
            throws MissingGlyph {
        List<Element> all = findings();
        int shown = all.size();
        while (shown > 1 && !fits(pen, some(all, shown), right - left, top - bottom)) {
            shown--;
        }
        column(pen, some(all, shown), left, top, right, bottom);
    }

    private List<Element> some(List<Element> all, int shown) throws MissingGlyph {
        List<Element> some = new ArrayList<>(all.subList(0, shown));
        if (shown < all.size()) {
            some.add(line("And %d more.".formatted(all.size() - shown), Weight.REGULAR));
        }
        return some;
    }

    private static boolean fits(PdfContentByte pen, List<Element> elements, float width, float height) {
        ColumnText column = new ColumnText(pen);
        column.setSimpleColumn(0, 0, width, height);
        elements.forEach(column::addElement);
        return !ColumnText.hasMoreText(column.go(true));
    }

    private List<Element> findings() throws MissingGlyph {
        List<Element> lines = new ArrayList<>(List.of(line("Findings", Weight.SEMI_BOLD)));
        if (assessment.facts().isEmpty()) {
            lines.add(line("Nothing was found.", Weight.REGULAR));
        }
        for (Fact fact : assessment.facts()) {
            lines.add(line("%s: %s".formatted(fact.severity().words(), fact.what()), Weight.REGULAR));
        }
        for (Assessment.Aside aside : assessment.aside()) {
            lines.add(line("Set aside: " + aside.words(), Weight.REGULAR));
        }
        return lines;
    }

    private Paragraph line(String words, Weight weight) throws MissingGlyph {
        Paragraph line = new Paragraph(fonts.chunk(words, weight, SIZE, Inks.INK));
        line.setLeading(SIZE * 1.25f);
        line.setSpacingAfter(2);
        return line;
    }
}
