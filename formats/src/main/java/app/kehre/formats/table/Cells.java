package app.kehre.formats.table;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Pattern;

import de.siegmar.fastcsv.writer.CsvWriter;

/**
 * The cells of a table (CSV, RFC 4180). What a spreadsheet would take for a formula begins with an apostrophe, which is
 * taken off again when the table is read.
 */
public final class Cells {

    private static final Pattern RUN = Pattern.compile("'*[=+\\-@\t\r].*", Pattern.DOTALL);

    private Cells() {}

    /** Writes a table: told to write its rows. */
    public static String table(Consumer<Consumer<List<String>>> rows) {
        StringWriter text = new StringWriter();
        try (CsvWriter csv = CsvWriter.builder().build(text)) {
            rows.accept(row -> csv.writeRecord(row.stream().map(Cells::safe).toList()));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    /** Returns a cell that no spreadsheet runs. */
    static String safe(String cell) {
        return RUN.matcher(cell).matches() ? "'" + cell : cell;
    }

    /** Returns what a cell says. */
    public static String plain(String cell) {
        return cell.startsWith("'") && RUN.matcher(cell).matches() ? cell.substring(1) : cell;
    }
}
