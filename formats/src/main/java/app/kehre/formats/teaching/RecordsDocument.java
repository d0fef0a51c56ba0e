package app.kehre.formats.teaching;

import java.util.List;
import java.util.Optional;

import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.log.ClassRecord;
import app.kehre.core.value.Range;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.JsonText;
import app.kehre.formats.json.UnreadableFile;

/**
 * The records of classes that were taught, as an open document: JSON, UTF-8, lengths in whole milliseconds.
 *
 * @param records in any order
 */
public record RecordsDocument(List<ClassRecord> records) {

    /** What stands in the field "format". */
    public static final String FORMAT = "kehre-records";
    private static final int VERSION = 1;
    private static final int MOST_VALUES = 50_000_000;
    private static final Range MANY = Range.of("the records", 0, 1_000_000);

    public RecordsDocument {
        records = List.copyOf(records);
    }

    /** Returns it as it is written. */
    public byte[] bytes() {
        ObjectNode node = JsonText.object();
        var _ = of(Form.writing(this, node));
        return JsonText.print(node);
    }

    /**
     * Reads what was written.
     *
     * @throws UnreadableFile when something of it cannot be understood; it is refused whole then
     */
    public static RecordsDocument read(String file, byte[] bytes) throws UnreadableFile {
        return JsonText.parse(file, bytes, MOST_VALUES).read(fields -> of(Form.reading(fields)))
                .orElseThrow(() -> new IllegalStateException("nothing was read and nothing was wrong"));
    }

    private static Optional<RecordsDocument> of(Form<RecordsDocument> form) {
        form.head(FORMAT, VERSION, "records");
        List<ClassRecord> records = form.list("records", MANY, RecordsDocument::records, RecordForm::of);
        return form.built("records", () -> new RecordsDocument(records));
    }
}
