package app.kehre.formats.json;

import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CoderResult;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Function;

import tools.jackson.core.util.DefaultIndenter;
import tools.jackson.core.util.DefaultPrettyPrinter;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** JSON as text: strict on the way in, two spaces and one line a field on the way out. */
public final class JsonText {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final DefaultPrettyPrinter PRINTER = new DefaultPrettyPrinter()
            .withArrayIndenter(new DefaultIndenter("  ", "\n"))
            .withObjectIndenter(new DefaultIndenter("  ", "\n"));
    private static final char MARK = '\uFEFF';

    private final String file;
    private final String text;
    private final ObjectNode top;

    private JsonText(String file, String text, ObjectNode top) {
        this.file = file;
        this.text = text;
        this.top = top;
    }

    /** Returns an empty object. */
    public static ObjectNode object() {
        return MAPPER.createObjectNode();
    }

    /**
     * Reads one object.
     *
     * @param mostValues how many values it may have, objects and lists counted
     * @throws UnreadableFile naming line and column of the first fault
     */
    public static JsonText parse(String file, byte[] bytes, int mostValues) throws UnreadableFile {
        String text = decoded(file, bytes);
        try {
            JsonNode node = JsonTree.of(text, mostValues);
            if (node instanceof ObjectNode object) {
                return new JsonText(file, text, object);
            }
            throw new UnreadableFile(file,
                    List.of(new TextPlace(1, 1).words() + "found %s, expected one JSON object in { }."
                            .formatted(Cut.text(node.toString()))));
        } catch (JsonTree.Fault fault) {
            throw new UnreadableFile(file, List.of(Cut.sentence(String.valueOf(fault.getMessage()))));
        }
    }

    /** Returns the object. */
    public ObjectNode top() {
        return top;
    }

    /**
     * Returns what is made of the fields of the object.
     *
     * @throws UnreadableFile with a sentence for every fault
     */
    public <T> T read(Function<Fields, T> reader) throws UnreadableFile {
        return read(Fields.of(top), reader);
    }

    /**
     * Returns what is made of fields that stand in this text.
     *
     * @throws UnreadableFile as above
     */
    public <T> T read(Fields fields, Function<Fields, T> reader) throws UnreadableFile {
        T read = reader.apply(fields);
        if (!fields.problems().isEmpty()) {
            throw UnreadableFile.of(file, text, fields.problems());
        }
        return read;
    }

    /** Prints an object, with a line break at the end. */
    public static byte[] print(ObjectNode object) {
        String text = MAPPER.writer().with(PRINTER).writeValueAsString(object);
        return (text + "\n").getBytes(StandardCharsets.UTF_8);
    }

    /** Returns an object in one line, without a line break at the end. */
    public static byte[] line(ObjectNode object) {
        return MAPPER.writeValueAsBytes(object);
    }

    private static String decoded(String file, byte[] bytes) throws UnreadableFile {
        CharsetDecoder decoder = StandardCharsets.UTF_8.newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT).onUnmappableCharacter(CodingErrorAction.REPORT);
        ByteBuffer in = ByteBuffer.wrap(bytes);
        CharBuffer out = CharBuffer.allocate(bytes.length + 1);
        CoderResult result = decoder.decode(in, out, true);
        String text = out.flip().toString();
        if (result.isError()) {
            long line = text.chars().filter(each -> each == '\n').count() + 1;
            int column = text.length() - text.lastIndexOf('\n');
            throw new UnreadableFile(file,
                    List.of("Line %d, column %d: this is not UTF-8 text, as a file of Kehre's should be."
                            .formatted(line, column)));
        }
        return !text.isEmpty() && text.charAt(0) == MARK ? text.substring(1) : text;
    }
}
