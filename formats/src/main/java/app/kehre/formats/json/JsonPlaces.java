package app.kehre.formats.json;

import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;

import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;

/** Walks through a JSON text once more and notes where some of its values begin. */
final class JsonPlaces {

    private final JsonParser words;
    private final Collection<String> paths;
    private final Map<String, TextPlace> found = new LinkedHashMap<>();
    private final Deque<String> at = new ArrayDeque<>();
    private final Deque<Integer> index = new ArrayDeque<>();

    private JsonPlaces(JsonParser words, Collection<String> paths) {
        this.words = words;
        this.paths = paths;
    }

    /**
     * Finds where values stand in a text that has been read.
     *
     * @param paths some, such as "segments[2].entries[0].dose"
     * @return the place of each, or of the nearest value that it should lie in
     */
    static Map<String, TextPlace> of(String text, Collection<String> paths) {
        try (JsonParser words = JsonTree.FACTORY.createParser(ObjectReadContext.empty(), text)) {
            JsonPlaces places = new JsonPlaces(words, paths);
            places.walk();
            return places.found;
        } catch (JacksonException unread) {
            return Map.of();
        }
    }

    private void walk() {
        for (JsonToken word = words.nextToken(); word != null; word = words.nextToken()) {
            if (word == JsonToken.END_OBJECT || word == JsonToken.END_ARRAY) {
                at.pop();
                index.pop();
            } else if (word == JsonToken.PROPERTY_NAME) {
                note(below(words.currentName()));
            } else {
                enter(word);
            }
        }
    }

    private void enter(JsonToken word) {
        String path = at.isEmpty() ? "" : path();
        if (!at.isEmpty() && index.element() >= 0) {
            note(path);
        }
        if (word == JsonToken.START_OBJECT || word == JsonToken.START_ARRAY) {
            at.push(path);
            index.push(word == JsonToken.START_ARRAY ? 0 : -1);
        }
    }

    /** The path of the value that begins: the next of a list, or the field that was named last. */
    private String path() {
        int next = index.element();
        if (next < 0) {
            return below(words.currentName());
        }
        index.pop();
        index.push(next + 1);
        return "%s[%d]".formatted(at.element(), next);
    }

    private String below(String name) {
        return at.element().isEmpty() ? name : at.element() + "." + name;
    }

    private void note(String path) {
        for (String wanted : paths) {
            if (wanted.equals(path) || wanted.startsWith(path + ".") || wanted.startsWith(path + "[")) {
                found.put(wanted, JsonTree.place(words.currentTokenLocation()));
            }
        }
    }
}
