package app.kehre.formats.sheet;

import java.io.ByteArrayOutputStream;
import java.util.List;

import org.openpdf.text.Document;
import org.openpdf.text.PageSize;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.PdfContentByte;
import org.openpdf.text.pdf.PdfWriter;

import app.kehre.core.sheet.StationCard;
import app.kehre.formats.font.Weight;

/** Station cards as PDF, two on a page of A4, to be cut in the middle. */
public final class StationPdf {

    private static final float MARGIN = 30;
    private static final float NAME = 60;
    private static final float LEAST_NAME = 24;
    private static final float DOSE = 44;
    private static final float MORE = 22;
    private static final int MOST_LINES = 2;

    private final SheetFonts fonts = new SheetFonts();

    private StationPdf() {}

    /**
     * Returns the cards as PDF.
     *
     * @throws NothingToPrint when there are none
     * @throws MissingGlyph when a character cannot be printed
     */
    public static byte[] of(List<StationCard> cards) throws NothingToPrint, MissingGlyph {
        if (cards.isEmpty()) {
            throw new NothingToPrint(
                    "This class has no circuit, so there are no stations to print cards for.");
        }
        return new StationPdf().written(cards);
    }

    private byte[] written(List<StationCard> cards) throws MissingGlyph {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Rectangle page = PageSize.A4;
        Document document = new Document(page, 0, 0, 0, 0);
        PdfWriter writer = PdfWriter.getInstance(document, out);
        document.addTitle(cards.getFirst().circuit());
        document.addCreator("Kehre");
        document.open();
        float half = page.getHeight() / 2;
        for (int i = 0; i < cards.size(); i++) {
            if (i > 0 && i % 2 == 0) {
                document.newPage();
            }
            draw(writer.getDirectContent(), cards.get(i), i % 2 == 0 ? page.getHeight() : half,
                    page.getWidth());
            cut(writer.getDirectContent(), half, page.getWidth());
        }
        document.close();
        return out.toByteArray();
    }

    private static void cut(PdfContentByte pen, float y, float width) {
        pen.setColorStroke(Inks.LINE);
        pen.setLineWidth(0.6f);
        pen.setLineDash(4, 4, 0);
        pen.moveTo(0, y);
        pen.lineTo(width, y);
        pen.stroke();
        pen.setLineDash(0);
    }

    private void draw(PdfContentByte pen, StationCard card, float top, float pageWidth) throws MissingGlyph {
        float width = pageWidth - 2 * MARGIN;
        Lettering more = new Lettering(fonts, Weight.MEDIUM, MORE, Lettering.AIRY);
        Lettering name = name(card.name(), width);
        float y = top - MARGIN - MORE;
        more.write(pen, card.circuit(), MARGIN, y, false);
        more.write(pen, "station " + card.number(), MARGIN + width, y, true);
        y -= MORE * 0.6f;
        for (String line : name.lines(card.name(), width)) {
            y -= name.leading();
            name.write(pen, line, MARGIN, y + name.size() * 0.2f, false);
        }
        Lettering dose = new Lettering(fonts, Weight.SEMI_BOLD, DOSE, Lettering.AIRY);
        for (String line : dose.lines(card.dose(), width)) {
            y -= dose.leading();
            dose.write(pen, line, MARGIN, y + DOSE * 0.2f, false);
        }
        y -= MORE * 0.4f;
        for (String words : List.of(card.load(), card.sides(), card.options().getFirst(),
                card.options().getLast())) {
            for (String line : words.isEmpty() ? List.<String>of() : more.lines(words, width)) {
                y -= more.leading();
                more.write(pen, line, MARGIN, y, false);
            }
        }
    }

    /** As large as two lines bear, at most {@value #NAME} points. */
    private Lettering name(String words, float width) throws MissingGlyph {
        Lettering name = new Lettering(fonts, Weight.BOLD, NAME, Lettering.TIGHT);
        for (float size = NAME; size > LEAST_NAME && !fits(name, words, width); size -= 2) {
            name = new Lettering(fonts, Weight.BOLD, size - 2, Lettering.TIGHT);
        }
        return name;
    }

    /** Whether words stand in few lines without one being broken. */
    private static boolean fits(Lettering name, String words, float width) throws MissingGlyph {
        for (String word : words.split(" ")) {
            if (name.width(word) > width) {
                return false;
            }
        }
        return name.lines(words, width).size() <= MOST_LINES;
    }
}
