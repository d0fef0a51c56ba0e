package app.kehre.formats.teaching;

import java.util.List;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.log.ClassRecord;
import app.kehre.core.value.Range;
import app.kehre.formats.json.Fields;
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
        node.put("format", FORMAT).put("version", VERSION);
        ArrayNode all = node.putArray("records");
        records.forEach(record -> RecordJson.write(record, all.addObject()));
        return JsonText.print(node);
    }

    /**
     * Reads what was written.
     *
     * @throws UnreadableFile when something of it cannot be understood; it is refused whole then
     */
    public static RecordsDocument read(String file, byte[] bytes) throws UnreadableFile {
        return JsonText.parse(file, bytes, MOST_VALUES).read(RecordsDocument::read);
    }

    private static RecordsDocument read(Fields fields) {
        if (!fields.text("format").equals(FORMAT)) {
            fields.report("format", "expected \"%s\".".formatted(FORMAT));
        }
        if (fields.whole("version", Range.of("the version", 1, 1_000_000)) > VERSION) {
            fields.report("version",
                    "this Kehre reads records up to version %d. Open them with a newer one."
                            .formatted(VERSION));
        }
        return new RecordsDocument(fields.objects("records", true, MANY).stream()
                .flatMap(each -> RecordJson.read(each).stream()).toList());
    }
}
