package app.kehre.formats.json;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.dose.Range;
import app.kehre.core.dose.Reading;
import app.kehre.core.term.Named;

/**
 * The fields of one JSON object. A fault is collected with its place, and a stand-in returned, so that one
 * pass finds all faults; whoever started the reading must then throw the values away.
 */
public final class Fields {

    private final ObjectNode node;
    private final String place;
    private final List<String> problems;

    private Fields(ObjectNode node, String place, List<String> problems) {
        this.node = node;
        this.place = place;
        this.problems = problems;
    }

    /** Starts reading at the top of a document. */
    public static Fields of(ObjectNode document) {
        return new Fields(document, "", new ArrayList<>());
    }

    /** Returns the sentences against all that was read so far, here and below. */
    public List<String> problems() {
        return List.copyOf(problems);
    }

    /** Returns the place of this object in the document, such as "segments[2].entries[0]". */
    public String place() {
        return place;
    }

    /** Returns whether there is such a field. */
    public boolean has(String name) {
        return node.has(name);
    }

    /** Reports a fault of a field: what was found and what was expected. */
    public void report(String name, String sentence) {
        problems.add(at(name) + ": " + sentence);
    }

    /** Returns a text; a stand-in when it is missing or not a text. */
    public String text(String name) {
        JsonNode found = node.get(name);
        if (found == null || !found.isString()) {
            wrong(name, found, "a text in quotes");
            return "?";
        }
        return found.stringValue();
    }

    /** Returns a text, or the other value when there is no such field. */
    public String text(String name, String otherwise) {
        return node.has(name) ? text(name) : otherwise;
    }

    /** Returns a mark; false when there is no such field. */
    public boolean flag(String name) {
        JsonNode found = node.get(name);
        if (found != null && !found.isBoolean()) {
            wrong(name, found, "true or false");
        }
        return found != null && found.isBoolean() && found.booleanValue();
    }

    /** Returns a whole number in its range. */
    public int whole(String name, Range range) {
        JsonNode found = node.get(name);
        if (found == null || !found.isIntegralNumber() || !found.canConvertToInt()) {
            wrong(name, found, "a whole number from %d to %d".formatted(range.least(), range.most()));
            return (int) range.least();
        }
        Optional<String> problem = range.problem(found.intValue());
        problem.ifPresent(sentence -> report(name, sentence));
        return problem.isPresent() ? (int) range.least() : found.intValue();
    }

    /** Returns a text turned into a value by one of Kehre's notations. */
    public <T> T parsed(String name, Function<String, Reading<T>> notation, T standIn) {
        if (!node.has(name) || !node.get(name).isString()) {
            wrong(name, node.get(name), "a text in quotes");
            return standIn;
        }
        Reading<T> reading = notation.apply(text(name));
        if (!reading.problem().isEmpty()) {
            report(name, reading.problem());
        }
        return reading.value().orElse(standIn);
    }

    /**
     * Returns what is made of the fields; nothing when its parts do not fit, which is reported for a
     * field, unless that was at fault already.
     */
    public <T> Optional<T> built(String name, Supplier<T> value) {
        try {
            return Optional.of(value.get());
        } catch (IllegalArgumentException refusal) {
            if (problems.stream().noneMatch(problem -> problem.startsWith(at(name)))) {
                report(name, String.valueOf(refusal.getMessage()));
            }
            return Optional.empty();
        }
    }

    /** Returns a term of a closed list. */
    public <T extends Enum<T> & Named> T term(String name, Class<T> list) {
        return term(list, name, text(name));
    }

    /** Returns terms of a closed list; none when there is no such field. */
    public <T extends Enum<T> & Named> List<T> terms(String name, Class<T> list) {
        return texts(name).stream().map(word -> term(list, name, word)).toList();
    }

    /** Finds a term of a closed list; one that is none is reported for the field. */
    public <T extends Enum<T> & Named> Optional<T> find(Class<T> list, String name, String word) {
        Optional<T> term = Named.find(list, word);
        if (term.isEmpty()) {
            report(name, "found \"%s\", expected one of: %s.".formatted(word, Named.all(list)));
        }
        return term;
    }

    private <T extends Enum<T> & Named> T term(Class<T> list, String name, String word) {
        Optional<T> term = Named.find(list, word);
        if (term.isEmpty() && !word.equals("?")) {
            report(name, "found \"%s\", expected one of: %s.".formatted(word, Named.all(list)));
        }
        return term.orElse(list.getEnumConstants()[0]);
    }

    /** Returns a list of texts; empty when there is no such field. */
    public List<String> texts(String name) {
        JsonNode found = node.get(name);
        if (found == null) {
            return List.of();
        }
        if (!found.isArray() || !found.valueStream().allMatch(JsonNode::isString)) {
            wrong(name, found, "a list of texts in [ ]");
            return List.of();
        }
        return found.valueStream().map(JsonNode::stringValue).toList();
    }

    /** Returns the texts of an object by their names; empty when there is no such field. */
    public Map<String, String> textsByName(String name) {
        JsonNode found = node.get(name);
        if (found == null) {
            return Map.of();
        }
        if (!found.isObject() || !found.valueStream().allMatch(JsonNode::isString)) {
            wrong(name, found, "texts by name in { }");
            return Map.of();
        }
        return found.propertyStream().collect(
                Collectors.toMap(Map.Entry::getKey, entry -> entry.getValue().stringValue(), (a, b) -> a,
                        LinkedHashMap::new));
    }

    /** Returns the numbers of an object by their names, in order; empty when there is no such field. */
    public Map<String, Double> numbersByName(String name) {
        JsonNode found = node.get(name);
        if (found == null) {
            return Map.of();
        }
        if (!found.isObject() || !found.valueStream().allMatch(JsonNode::isNumber)) {
            wrong(name, found, "numbers by name in { }");
            return Map.of();
        }
        Map<String, Double> numbers = new LinkedHashMap<>();
        found.propertyStream().forEach(each -> numbers.put(each.getKey(), each.getValue().doubleValue()));
        return numbers;
    }

    /** Returns the objects of an object by their names; empty when there is no such field. */
    public Map<String, Fields> objectsByName(String name) {
        JsonNode found = node.get(name);
        if (found == null) {
            return Map.of();
        }
        Map<String, Fields> objects = new LinkedHashMap<>();
        if (!found.isObject() || !found.valueStream().allMatch(JsonNode::isObject)) {
            wrong(name, found, "objects by name in { }");
            return objects;
        }
        found.propertyStream().forEach(each -> objects.put(each.getKey(),
                new Fields((ObjectNode) each.getValue(), at(name) + "." + each.getKey(), problems)));
        return objects;
    }

    /** Returns an object inside this one; nothing when it is missing or not an object. */
    public Optional<Fields> object(String name) {
        JsonNode found = node.get(name);
        if (found instanceof ObjectNode object) {
            return Optional.of(new Fields(object, at(name), problems));
        }
        wrong(name, found, "an object in { }");
        return Optional.empty();
    }

    /** Returns the objects of a list; empty when the list is missing and may be. */
    public List<Fields> objects(String name, boolean required) {
        JsonNode found = node.get(name);
        if (found == null && !required) {
            return List.of();
        }
        if (found == null || !found.isArray()) {
            wrong(name, found, "a list in [ ]");
            return List.of();
        }
        List<Fields> objects = new ArrayList<>();
        for (int i = 0; i < found.size(); i++) {
            String where = "%s[%d]".formatted(at(name), i);
            if (found.get(i) instanceof ObjectNode object) {
                objects.add(new Fields(object, where, problems));
            } else {
                problems.add("%s: found %s, expected an object in { }.".formatted(where, found.get(i)));
            }
        }
        return objects;
    }

    private void wrong(String name, @Nullable JsonNode found,
            String expected) {
        String shown = found == null ? "nothing" : found.toString();
        String cut = shown.length() > 60 ? shown.substring(0, 60) + "..." : shown;
        report(name, "found %s, expected %s.".formatted(cut, expected));
    }

    private String at(String name) {
        return place.isEmpty() ? name : place + "." + name;
    }
}
