package app.kehre.formats.library;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.UnaryOperator;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * The words that stood in documents before terms had keys: own exercises up to version 1, plans up to version 5. They lie
 * in a table that is never changed, whatever becomes of the words on screen. What is no such word stays as it is, to be
 * refused or kept by whoever reads on.
 */
public final class WordsBeforeKeys {

    private static final String TABLE = "words-before-keys.tsv";
    private static final Map<String, Map<String, String>> LISTS = read();

    private WordsBeforeKeys() {}

    private static Map<String, Map<String, String>> read() {
        Map<String, Map<String, String>> lists = new HashMap<>();
        try (InputStream in = Objects.requireNonNull(WordsBeforeKeys.class.getResourceAsStream(TABLE),
                TABLE)) {
            new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().map(line -> line.split("\t"))
                    .forEach(row -> lists.computeIfAbsent(row[0], _ -> new HashMap<>()).put(row[1], row[2]));
        } catch (IOException cause) {
            throw new UncheckedIOException(cause);
        }
        return lists;
    }

    /** Returns the key of words of a list, such as "muscle"; words that are none stay. */
    public static String key(String list, String words) {
        return LISTS.getOrDefault(list, Map.of()).getOrDefault(words, words);
    }

    /** Puts the key in the place of the words of a field. */
    public static void value(ObjectNode node, String field, String list) {
        value(node, field, words -> key(list, words));
    }

    private static void value(ObjectNode node, String field, UnaryOperator<String> key) {
        if (node.get(field) instanceof StringNode words) {
            node.put(field, key.apply(words.stringValue()));
        }
    }

    /** Puts keys in the place of the words of a list of texts. */
    public static void values(ObjectNode node, String field, String list) {
        if (node.get(field) instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                if (array.get(i) instanceof StringNode words) {
                    array.set(i, StringNode.valueOf(key(list, words.stringValue())));
                }
            }
        }
    }

    /** Puts keys in the place of the words that are the names of fields. */
    public static void names(ObjectNode node, String field, String list) {
        if (node.get(field) instanceof ObjectNode named) {
            for (String words : List.copyOf(named.propertyNames())) {
                JsonNode value = Objects.requireNonNull(named.remove(words), words);
                named.set(key(list, words), value);
            }
        }
    }

    /** Puts keys in the place of the words of an exercise. */
    public static void exercise(ObjectNode exercise) {
        List.of("family", "pattern", "impact", "position", "facing")
                .forEach(field -> value(exercise, field, field));
        values(exercise, "roles", "role");
        names(exercise, "muscles", "muscle");
        values(exercise, "loads", "joint");
        values(exercise, "prepares", "joint");
        names(exercise, "cautions", "limit");
        value(exercise, "mets", WordsBeforeKeys::source);
    }

    private static String source(String mets) {
        String[] parts = mets.split(",\\s*", 3);
        if (parts.length > 1) {
            parts[1] = key("source", parts[1]);
        }
        return String.join(", ", parts);
    }
}
