package app.kehre.formats.sheet;

import java.time.Duration;
import java.util.List;

import org.openpdf.text.Element;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.JointNote;
import app.kehre.core.balance.Ledger;
import app.kehre.core.balance.Promise;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.value.Lengths;
import app.kehre.formats.font.Weight;

/**
 * The ledger, promises and joints as tables on paper.
 *
 * @param size of the type, in points
 */
record CheckTables(SheetFonts fonts, float size) {

    /** Returns what is prepared, loaded and released, a muscle group a row. */
    PdfPTable ledger(Assessment assessment) throws MissingGlyph {
        return ledger(assessment, List.of(Muscle.values()));
    }

    /** Returns the same in two halves side by side. */
    PdfPTable ledgerInTwo(Assessment assessment) throws MissingGlyph {
        List<Muscle> all = List.of(Muscle.values());
        PdfPTable halves = table(1f, 1f);
        for (List<Muscle> half : List.of(all.subList(0, (all.size() + 1) / 2),
                all.subList((all.size() + 1) / 2, all.size()))) {
            PdfPCell cell = new PdfPCell(ledger(assessment, half));
            cell.setBorder(Rectangle.NO_BORDER);
            cell.setPaddingRight(size);
            halves.addCell(cell);
        }
        return halves;
    }

    private PdfPTable ledger(Assessment assessment, List<Muscle> muscles) throws MissingGlyph {
        PdfPTable table = table(3.2f, 1f, 1f, 1f);
        cells(table, Weight.SEMI_BOLD, "Ledger", "prepare", "load", "release");
        for (Muscle muscle : muscles) {
            Ledger.Row row = assessment.ledger().of(muscle);
            cells(table, Weight.REGULAR, muscle.words(), clock(row.prepare()), clock(row.load()),
                    clock(row.release()));
        }
        return table;
    }

    /** Returns what was promised and which joints are ready. */
    PdfPTable promised(Assessment assessment) throws MissingGlyph {
        PdfPTable table = table(1.5f, 1.4f);
        cells(table, Weight.SEMI_BOLD, "Promised", "");
        for (Promise promise : Promise.of(assessment)) {
            cells(table, promise.kept() ? Weight.REGULAR : Weight.SEMI_BOLD, named(promise),
                    promise.kept()
                            ? Lengths.clock(promise.is())
                            : "%s of %s".formatted(Lengths.clock(promise.is()),
                                    Lengths.clock(promise.least())));
        }
        cells(table, Weight.SEMI_BOLD, "Joints", "");
        for (JointNote note : JointNote.of(assessment)) {
            cells(table, note.missed() ? Weight.SEMI_BOLD : Weight.REGULAR, note.joint().words(),
                    note.words());
        }
        return table;
    }

    private static String named(Promise promise) {
        return promise.how().isEmpty() ? promise.what() : "%s, %s".formatted(promise.what(), promise.how());
    }

    private static PdfPTable table(float... widths) {
        PdfPTable table = new PdfPTable(widths);
        table.setWidthPercentage(100);
        return table;
    }

    private void cells(PdfPTable table, Weight weight, String... words) throws MissingGlyph {
        for (int i = 0; i < words.length; i++) {
            table.addCell(Cells.ruled(fonts.chunk(words[i], weight, size, Inks.INK),
                    i == 0 ? Element.ALIGN_LEFT : Element.ALIGN_RIGHT));
        }
    }

    private static String clock(double seconds) {
        return seconds < 1 ? "" : Lengths.clock(Duration.ofSeconds(Math.round(seconds)));
    }
}
