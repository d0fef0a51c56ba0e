package app.kehre.formats.json;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;

import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.util.DefaultIndenter;
import tools.jackson.core.util.DefaultPrettyPrinter;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** JSON as text: strict on the way in, two spaces and one line a field on the way out. */
public final class JsonText {

    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(StreamReadFeature.INCLUDE_SOURCE_IN_LOCATION).build();
    private static final DefaultPrettyPrinter PRINTER = new DefaultPrettyPrinter()
            .withArrayIndenter(new DefaultIndenter("  ", "\n"))
            .withObjectIndenter(new DefaultIndenter("  ", "\n"));

    /** Where the reader remembers what it read in: no news to whoever wrote the file. */
    private static final Pattern REMEMBERED = Pattern.compile("[:,]? *\\((start marker|for).*",
            Pattern.DOTALL);

    private JsonText() {}

    /** Returns an empty object. */
    public static ObjectNode object() {
        return MAPPER.createObjectNode();
    }

    /** Reads one object. @throws UnreadableFile naming line and column of the first fault */
    public static ObjectNode parse(String file, byte[] bytes) throws UnreadableFile {
        try {
            JsonNode node = MAPPER.readTree(bytes);
            if (node instanceof ObjectNode object) {
                return object;
            }
            throw new UnreadableFile(file, List.of("It should hold one JSON object, in { }."));
        } catch (JacksonException fault) {
            throw new UnreadableFile(file, List.of(sentence(fault)));
        }
    }

    /** Prints an object, with a line break at the end. */
    public static byte[] print(ObjectNode object) {
        String text = MAPPER.writer().with(PRINTER).writeValueAsString(object);
        return (text + "\n").getBytes(StandardCharsets.UTF_8);
    }

    private static String sentence(JacksonException fault) {
        TokenStreamLocation where = fault.getLocation();
        String place = where == null || where.getLineNr() < 1
                ? ""
                : "Line %d, column %d: ".formatted(where.getLineNr(), where.getColumnNr());
        return "%sthis is not JSON (%s).".formatted(place,
                REMEMBERED.matcher(fault.getOriginalMessage()).replaceFirst(""));
    }
}
