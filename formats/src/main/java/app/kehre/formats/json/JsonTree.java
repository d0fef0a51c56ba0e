package app.kehre.formats.json;

import java.util.ArrayDeque;
import java.util.Deque;

import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.BooleanNode;
import tools.jackson.databind.node.DecimalNode;
import tools.jackson.databind.node.IntNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.NullNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * Builds the tree of a JSON text word by word, so that each fault has its line, nothing of it is changed, and a text
 * that would take much to hold is refused before it does.
 */
final class JsonTree {

    /** No document of Kehre's is nested half as deep. */
    private static final int DEEPEST = 60;
    private static final int LONGEST_TEXT = 50_000;
    private static final int LONGEST_NUMBER = 1000;
    private static final int NEAR = 24;
    /** An int has room for so many digits, whatever they are. */
    private static final int DIGITS = 9;
    /** The limits here are checked in our own words below. */
    static final JsonFactory FACTORY = JsonFactory.builder()
            .streamReadConstraints(StreamReadConstraints.builder().maxNestingDepth(Integer.MAX_VALUE)
                    .maxStringLength(Integer.MAX_VALUE).maxNameLength(Integer.MAX_VALUE)
                    .maxNumberLength(Integer.MAX_VALUE).build())
            .build();

    /** Something in the text that cannot stay. */
    static final class Fault extends Exception {

        private static final long serialVersionUID = 1L;

        Fault(TextPlace place, String sentence) {
            super(place.words() + sentence);
        }
    }

    private final String text;
    private final int mostValues;
    private final Deque<JsonNode> open = new ArrayDeque<>();
    private int values;

    private JsonTree(String text, int mostValues) {
        this.text = text;
        this.mostValues = mostValues;
    }

    /**
     * Reads a text.
     *
     * @param mostValues how many values it may have, objects and lists counted
     */
    static JsonNode of(String text, int mostValues) throws Fault {
        JsonTree tree = new JsonTree(text, mostValues);
        try (JsonParser words = FACTORY.createParser(ObjectReadContext.empty(), text)) {
            return tree.read(words);
        } catch (JacksonException fault) {
            throw tree.noJson(fault);
        }
    }

    private JsonNode read(JsonParser words) throws Fault {
        if (words.nextToken() == null) {
            throw new Fault(place(words), "there is nothing here, one JSON object in { } was expected.");
        }
        JsonNode top = value(words);
        while (!open.isEmpty()) {
            JsonToken word = words.nextToken();
            if (word == JsonToken.END_OBJECT || word == JsonToken.END_ARRAY) {
                open.pop();
            } else if (word == JsonToken.PROPERTY_NAME) {
                named(words, (ObjectNode) open.element());
            } else {
                ((ArrayNode) open.element()).add(value(words));
            }
        }
        if (words.nextToken() != null) {
            throw new Fault(place(words), "the text goes on behind its end.");
        }
        return top;
    }

    private void named(JsonParser words, ObjectNode object) throws Fault {
        String name = checked(words, words.currentName());
        if (object.has(name)) {
            throw new Fault(place(words), "\"%s\" stands here twice.".formatted(Cut.text(name)));
        }
        words.nextToken();
        ObjectNode parent = object;
        parent.set(name, value(words));
    }

    private JsonNode value(JsonParser words) throws Fault {
        if (++values > mostValues) {
            throw new Fault(place(words), "a file like this may hold %d values, and this one holds more."
                    .formatted(mostValues));
        }
        return switch (words.currentToken()) {
            case START_OBJECT -> opened(words, JsonNodeFactory.instance.objectNode());
            case START_ARRAY -> opened(words, JsonNodeFactory.instance.arrayNode());
            case VALUE_STRING -> StringNode.valueOf(checked(words, words.getString()));
            case VALUE_NUMBER_INT, VALUE_NUMBER_FLOAT -> number(words, words.getString());
            case VALUE_TRUE -> BooleanNode.TRUE;
            case VALUE_FALSE -> BooleanNode.FALSE;
            case VALUE_NULL, NOT_AVAILABLE, END_OBJECT, END_ARRAY, PROPERTY_NAME, VALUE_EMBEDDED_OBJECT ->
                NullNode.instance;
        };
    }

    private JsonNode opened(JsonParser words, JsonNode node) throws Fault {
        open.push(node);
        if (open.size() > DEEPEST) {
            throw new Fault(place(words), "more than %d brackets are open here.".formatted(DEEPEST));
        }
        return node;
    }

    private JsonNode number(JsonParser words, String written) throws Fault {
        if (written.length() > LONGEST_NUMBER) {
            throw new Fault(place(words), "found a number of %d characters, expected at most %d."
                    .formatted(written.length(), LONGEST_NUMBER));
        }
        if (written.length() <= DIGITS && written.chars().allMatch(Character::isDigit)) {
            return IntNode.valueOf(Integer.parseInt(written));
        }
        try {
            return DecimalNode.valueOf(new WrittenNumber(written));
        } catch (NumberFormatException beyond) {
            throw new Fault(place(words),
                    "found %s, a number beyond all bounds.".formatted(Cut.text(written)));
        }
    }

    private static String checked(JsonParser words, String found) throws Fault {
        if (found.length() > LONGEST_TEXT) {
            throw new Fault(place(words), "found a text of %d characters, expected at most %d."
                    .formatted(found.length(), LONGEST_TEXT));
        }
        for (int i = 0; i < found.length(); i++) {
            char each = found.charAt(i);
            if (Character.isHighSurrogate(each) && i + 1 < found.length()
                    && Character.isLowSurrogate(found.charAt(i + 1))) {
                i++;
            } else if (Character.isSurrogate(each)) {
                throw new Fault(place(words), "found half a character (\\u%04x).".formatted((int) each));
            }
        }
        return found;
    }

    static TextPlace place(JsonParser words) {
        return place(words.currentTokenLocation());
    }

    static TextPlace place(TokenStreamLocation found) {
        return new TextPlace(Math.max(1, found.getLineNr()), Math.max(1, found.getColumnNr()));
    }

    private Fault noJson(JacksonException fault) {
        TokenStreamLocation found = fault.getLocation();
        TextPlace place = found == null ? new TextPlace(1, 1) : place(found);
        int at = Math.clamp(found == null ? 0 : found.getCharOffset(), 0, text.length());
        if (text.substring(at).isBlank() && !open.isEmpty()) {
            return new Fault(place, "this is not JSON: the text ends in the middle.");
        }
        String near = text.substring(Math.max(0, at - NEAR), Math.min(text.length(), at + 1));
        String line = near.strip().lines().reduce("", (_, last) -> last).strip();
        return new Fault(place, "this is not JSON: it breaks at the end of \"%s\".".formatted(line));
    }
}
