package app.kehre.formats.sheet;

import java.util.ArrayList;
import java.util.List;

import org.openpdf.text.Chunk;
import org.openpdf.text.Document;
import org.openpdf.text.Element;
import org.openpdf.text.Paragraph;
import org.openpdf.text.Phrase;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.ColumnText;
import org.openpdf.text.pdf.PdfContentByte;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;
import org.openpdf.text.pdf.PdfPageEventHelper;
import org.openpdf.text.pdf.PdfWriter;

import app.kehre.core.balance.Assessment;
import app.kehre.core.climb.Climb;
import app.kehre.core.climb.Frame;
import app.kehre.core.sheet.CribSheet;
import app.kehre.formats.font.Weight;

/** Sets a crib sheet at one type size. */
final class SheetLayout {

    /** The height of the small climb with its words, in points. */
    private static final float CLIMB = 130;
    /** Notes of more characters would stand in a narrow column of many lines. */
    private static final int LONG = 90;
    private static final float[] COLUMNS = {0.62f, 1.9f, 2.1f, 3.9f, 0.62f};

    private final CribSheet sheet;
    private final SheetFonts fonts;
    private final float size;
    private final Assessment assessment;
    private final Phrase stopSigns;

    SheetLayout(CribSheet sheet, Assessment assessment, SheetFonts fonts, float size) throws MissingGlyph {
        this.sheet = sheet;
        this.assessment = assessment;
        this.fonts = fonts;
        this.size = size;
        this.stopSigns = phrase(fonts.chunk(sheet.stopSigns(), Weight.MEDIUM, size * 0.72f, Inks.INK));
    }

    List<Element> elements() throws MissingGlyph {
        List<Element> elements = new ArrayList<>();
        elements.add(heading());
        for (CribSheet.Part part : sheet.parts()) {
            elements.add(part(part));
        }
        elements.add(preparation());
        elements.add(judged());
        return elements;
    }

    PdfPageEventHelper footer() {
        return new PdfPageEventHelper() {
            @Override
            public void onEndPage(PdfWriter writer, Document document) {
                ColumnText column = new ColumnText(writer.getDirectContent());
                column.setSimpleColumn(stopSigns, document.left(), document.bottom() - size * 2.6f,
                        document.right(),
                        document.bottom() - size * 0.3f, size * 0.95f, Element.ALIGN_LEFT);
                column.go();
            }
        };
    }

    private Element heading() throws MissingGlyph {
        PdfPTable table = new PdfPTable(new float[]{2.2f, 1f});
        table.setWidthPercentage(100);
        table.addCell(
                Cells.bare(phrase(fonts.chunk(sheet.title(), Weight.BOLD, size * 1.7f, Inks.INK)),
                        Element.ALIGN_LEFT));
        table.addCell(
                Cells.bare(phrase(fonts.chunk(sheet.length(), Weight.SEMI_BOLD, size * 0.95f, Inks.INK)),
                        Element.ALIGN_RIGHT));
        PdfPCell when = Cells.bare(phrase(fonts.chunk(sheet.when(), Weight.REGULAR, size * 0.9f, Inks.SOFT)),
                Element.ALIGN_LEFT);
        when.setColspan(2);
        when.setPaddingTop(size * 0.35f);
        table.addCell(when);
        return table;
    }

    private Element part(CribSheet.Part part) throws MissingGlyph {
        PdfPTable table = new PdfPTable(COLUMNS);
        table.setWidthPercentage(100);
        table.setSpacingBefore(size * 0.4f);
        table.setHeaderRows(1);
        table.setSplitRows(false);
        PdfPCell title = new PdfPCell(
                phrase(fonts.chunk(part.start() + "  ", Weight.REGULAR, size * 0.9f, Inks.INK),
                        fonts.chunk(part.name(), Weight.BOLD, size, Inks.INK),
                        fonts.chunk("   " + part.length(), Weight.REGULAR, size * 0.85f, Inks.INK)));
        title.setColspan(COLUMNS.length);
        title.setBackgroundColor(Inks.tint(part.role()));
        title.setBorder(Rectangle.NO_BORDER);
        title.setPadding(size * 0.22f);
        title.setPaddingBottom(size * 0.4f);
        table.addCell(title);
        for (CribSheet.Line line : part.lines()) {
            add(table, line);
        }
        return table;
    }

    private void add(PdfPTable table, CribSheet.Line line) throws MissingGlyph {
        table.addCell(cell(Element.ALIGN_LEFT, fonts.chunk(line.start(), Weight.REGULAR, size, Inks.SOFT)));
        table.addCell(cell(Element.ALIGN_LEFT, fonts.chunk(line.name(), Weight.BOLD, size, Inks.INK)));
        table.addCell(
                cell(Element.ALIGN_LEFT, fonts.chunk(unbroken(line.dose()), Weight.SEMI_BOLD, size, Inks.INK),
                        fonts.chunk(line.load().isEmpty() ? "" : "\nwith " + line.load(), Weight.MEDIUM,
                                size * 0.9f,
                                Inks.INK)));
        boolean wide = line.note().length() > LONG && line.options().isEmpty();
        boolean both = !line.note().isEmpty() && !line.options().isEmpty();
        table.addCell(cell(Element.ALIGN_LEFT,
                fonts.chunk(wide ? "" : line.note() + (both ? "\n" : ""), Weight.MEDIUM, size * 0.86f,
                        Inks.INK),
                fonts.chunk(line.options(), Weight.REGULAR, size * 0.8f, Inks.SOFT)));
        table.addCell(cell(Element.ALIGN_RIGHT, fonts.chunk(line.length(), Weight.REGULAR, size, Inks.SOFT)));
        if (wide) {
            addWide(table, line.note(), Weight.MEDIUM);
        }
        if (!line.say().isEmpty()) {
            addWide(table, line.say(), Weight.REGULAR);
        }
    }

    /** A long note, and what to call out, have the whole width of the sheet below their line. */
    private void addWide(PdfPTable table, String note, Weight weight) throws MissingGlyph {
        for (PdfPCell above : table.getRow(table.size() - 1).getCells()) {
            if (above != null) {
                above.setBorder(Rectangle.NO_BORDER);
            }
        }
        table.addCell(cell(Element.ALIGN_LEFT, fonts.chunk("", Weight.REGULAR, size, Inks.SOFT)));
        PdfPCell cell = cell(Element.ALIGN_LEFT, fonts.chunk(note, weight, size * 0.86f, Inks.INK));
        cell.setColspan(COLUMNS.length - 1);
        table.addCell(cell);
    }

    private Element preparation() throws MissingGlyph {
        PdfPTable table = new PdfPTable(new float[]{1f, 1f});
        table.setWidthPercentage(100);
        table.setSpacingBefore(size * 0.8f);
        table.setKeepTogether(true);
        table.addCell(list("Kit", sheet.kit().isEmpty() ? List.of("none") : sheet.kit()));
        table.addCell(list("Before the start", sheet.beforeStart()));
        if (!assessment.aside().isEmpty()) {
            PdfPCell aside = list("Seen and left as it is",
                    assessment.aside().stream().map(Assessment.Aside::words).toList());
            aside.setColspan(2);
            table.addCell(aside);
        }
        return table;
    }

    /** How hard the class is and on what, in small. */
    private Element judged() throws MissingGlyph {
        PdfPTable table = new PdfPTable(1);
        table.setWidthPercentage(100);
        table.setSpacingBefore(size);
        table.setKeepTogether(true);
        PdfPCell climb = Cells.bare(new Phrase(), Element.ALIGN_LEFT);
        climb.setFixedHeight(CLIMB + ClimbDrawing.ABOVE);
        climb.setCellEvent((_, area, canvases) -> draw(canvases[PdfPTable.TEXTCANVAS], area));
        table.addCell(climb);
        PdfPCell ledger = new PdfPCell(new CheckTables(fonts, size * 0.82f).ledgerInTwo(assessment));
        ledger.setBorder(Rectangle.NO_BORDER);
        table.addCell(ledger);
        return table;
    }

    /** The words of the climb are Kehre's own, so every one of them can be printed. */
    private void draw(PdfContentByte pen, Rectangle area) {
        try {
            new ClimbDrawing(pen, fonts, new Climb(assessment.effort(),
                    new Frame(area.getWidth() - ClimbDrawing.LEFT, CLIMB - ClimbDrawing.BELOW,
                            Climb.seconds(assessment.effort()))))
                    .draw(area.getLeft() + ClimbDrawing.LEFT, area.getTop() - ClimbDrawing.ABOVE);
        } catch (MissingGlyph unprintable) {
            throw new IllegalStateException(unprintable);
        }
    }

    private PdfPCell list(String title, List<String> lines) throws MissingGlyph {
        PdfPCell cell = Cells.bare(new Phrase(), Element.ALIGN_LEFT);
        cell.setPaddingRight(size);
        cell.addElement(new Paragraph(fonts.chunk(title, Weight.BOLD, size, Inks.INK)));
        for (String line : lines) {
            Paragraph paragraph = new Paragraph(fonts.chunk(line, Weight.REGULAR, size * 0.82f, Inks.INK));
            paragraph.setLeading(size * 1.05f);
            cell.addElement(paragraph);
        }
        return cell;
    }

    /** Keeps each number on a line with its unit. */
    private static String unbroken(String dose) {
        return dose.replaceAll("(\\d) (s|min|reps|counts|eights|on|off)\\b", "$1\u00a0$2").replace("rest ",
                "rest\u00a0");
    }

    private PdfPCell cell(int align, Chunk... chunks) {
        Phrase phrase = phrase(chunks);
        phrase.setLeading(size * 1.12f);
        PdfPCell cell = Cells.bare(phrase, align);
        cell.setPaddingTop(size * 0.22f);
        cell.setPaddingBottom(size * 0.34f);
        cell.setBorder(Rectangle.BOTTOM);
        cell.setBorderColor(Inks.LINE);
        return cell;
    }

    private static Phrase phrase(Chunk... chunks) {
        Phrase phrase = new Phrase();
        phrase.addAll(List.of(chunks));
        return phrase;
    }
}
