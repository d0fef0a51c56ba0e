package app.kehre.formats.json;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.Supplier;

import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.value.Named;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;

/**
 * The fields of one JSON object. A fault is collected with its place, and a stand-in returned, so that one
 * pass finds all faults; whoever started the reading must then throw the values away.
 */
public final class Fields {

    /** No notation of Kehre's needs nearly so many characters. */
    private static final int LONGEST_NOTATION = 400;

    private final ObjectNode node;
    private final String place;
    private final ReadingPass pass;
    private final Set<String> read;

    private Fields(ObjectNode node, String place, ReadingPass pass) {
        this.node = node;
        this.place = place;
        this.pass = pass;
        this.read = pass.readOf(node);
    }

    /** Starts reading at the top of a document. */
    public static Fields of(ObjectNode document) {
        return new Fields(document, "", new ReadingPass());
    }

    /** Returns what is wrong with all that was read so far, here and below. */
    public List<Problem> problems() {
        return pass.problems();
    }

    /** Returns whether nothing was wrong so far. */
    public boolean clean() {
        return pass.problems().isEmpty();
    }

    /** Returns how many faults there were so far. */
    public int faults() {
        return pass.problems().size();
    }

    /** Returns what of the document has not been asked for, to be kept. */
    public Unread unread() {
        return pass.unread(node);
    }

    /** Returns the place of this object in the document, such as "segments[2].entries[0]". */
    public String place() {
        return place;
    }

    /** Returns whether there is such a field. */
    public boolean has(String name) {
        read.add(name);
        return node.has(name);
    }

    private @Nullable JsonNode get(String name) {
        read.add(name);
        return node.get(name);
    }

    /** Reports a fault of a field: what was found and what was expected. */
    public void report(String name, String sentence) {
        pass.report(new Problem(at(name), sentence));
    }

    /** Returns a text; a stand-in when it is missing or not a text. */
    public String text(String name) {
        return given(name).orElse("?");
    }

    /** Returns a text, or the other value when there is no such field. */
    public String text(String name, String otherwise) {
        return has(name) ? text(name) : otherwise;
    }

    /** Returns a text, or nothing when it is missing or no text, which is reported. */
    public Optional<String> given(String name) {
        JsonNode found = get(name);
        if (found == null || !found.isString()) {
            wrong(name, found, "a text in quotes");
            return Optional.empty();
        }
        return Optional.of(found.stringValue());
    }

    /** Returns a text if there is one, without a word if there is none: for what has been read, and reported, already. */
    public String peek(String name) {
        JsonNode found = node.get(name);
        return found == null || !found.isString() ? "" : found.stringValue();
    }

    /** Returns a mark; false when there is no such field. */
    public boolean flag(String name) {
        JsonNode found = get(name);
        if (found != null && !found.isBoolean()) {
            wrong(name, found, "true or false");
        }
        return found != null && found.isBoolean() && found.booleanValue();
    }

    /** Returns a whole number in its range; its least one when it is missing or at fault. */
    public int whole(String name, Range range) {
        return find(name, range).orElse((int) range.least());
    }

    /** Returns a whole number in its range, or nothing when it is missing or at fault, which is reported. */
    public OptionalInt find(String name, Range range) {
        return whole(name, get(name), range, "");
    }

    private OptionalInt whole(String name, @Nullable JsonNode found, Range range, String of) {
        if (found == null || !found.isNumber() || !WrittenNumber.isInt(found.decimalValue())) {
            report(name, "found %s%s, expected a whole number from %d to %d."
                    .formatted(shown(found), of, range.least(), range.most()));
            return OptionalInt.empty();
        }
        int number = found.decimalValue().intValue();
        Optional<String> problem = range.problem(number);
        problem.ifPresent(sentence -> report(name, sentence));
        return problem.isPresent() ? OptionalInt.empty() : OptionalInt.of(number);
    }

    /** Finds a number, unless there is no such field or it is none, which is reported. */
    public OptionalDouble number(String name) {
        JsonNode found = get(name);
        if (found == null) {
            return OptionalDouble.empty();
        }
        double value = found.isNumber() ? found.decimalValue().doubleValue() : Double.NaN;
        if (!Double.isFinite(value)) {
            wrong(name, found, "a number");
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(value);
    }

    /** Returns a text turned into a value by one of Kehre's notations. */
    public <T> T parsed(String name, Function<String, Reading<T>> notation, T standIn) {
        Optional<String> text = given(name);
        if (text.isPresent() && text.get().length() > LONGEST_NOTATION) {
            report(name, "found a text of %d characters, expected at most %d.".formatted(text.get().length(),
                    LONGEST_NOTATION));
            return standIn;
        }
        Optional<Reading<T>> reading = text.map(notation);
        reading.map(Reading::problem).filter(problem -> !problem.isEmpty())
                .ifPresent(problem -> report(name, problem));
        return reading.flatMap(Reading::value).orElse(standIn);
    }

    /**
     * Returns what is made of the fields; nothing when its parts do not fit, which is reported for a
     * field, unless that was at fault already.
     */
    public <T> Optional<T> built(String name, Supplier<T> value) {
        try {
            return Optional.of(value.get());
        } catch (IllegalArgumentException refusal) {
            if (!pass.isFaulty(at(name))) {
                report(name, String.valueOf(refusal.getMessage()));
            }
            return Optional.empty();
        }
    }

    /** Returns a term of a closed list; its first one when it is missing or none of them. */
    public <T extends Enum<T> & Named> T term(String name, Class<T> list) {
        return parsed(name, Notation.keys(list).parse(), list.getEnumConstants()[0]);
    }

    /** Returns terms of a closed list; none when there is no such field. */
    public <T extends Enum<T> & Named> List<T> terms(String name, Class<T> list) {
        Notation<T> keys = Notation.keys(list);
        List<T> terms = new ArrayList<>();
        texts(name).forEach(word -> {
            Reading<T> term = keys.parse().apply(word);
            term.value().ifPresentOrElse(terms::add, () -> report(name, term.problem()));
        });
        return terms;
    }

    /** Returns a list of texts; empty when there is no such field. */
    public List<String> texts(String name) {
        JsonNode found = get(name);
        if (found == null) {
            return List.of();
        }
        if (!found.isArray() || !found.valueStream().allMatch(JsonNode::isString)) {
            wrong(name, found, "a list of texts in [ ]");
            return List.of();
        }
        return found.valueStream().map(JsonNode::stringValue).toList();
    }

    /** Returns a list of numbers; empty when it is missing or no such list, which is reported. */
    public List<Double> numbers(String name) {
        JsonNode found = get(name);
        if (found == null || !found.isArray() || !found.valueStream()
                .allMatch(each -> each.isNumber() && Double.isFinite(each.decimalValue().doubleValue()))) {
            wrong(name, found, "a list of numbers in [ ]");
            return List.of();
        }
        return found.valueStream().map(each -> each.decimalValue().doubleValue()).toList();
    }

    /** Returns the texts of an object by their names; empty when there is no such field. */
    public Map<String, String> textsByName(String name) {
        Map<String, String> texts = new LinkedHashMap<>();
        valuesByName(name, JsonNode::isString, "texts")
                .forEach((key, text) -> texts.put(key, text.stringValue()));
        return texts;
    }

    /** Returns the numbers of an object by their names, in order; empty when there is no such field. */
    public Map<String, Double> numbersByName(String name) {
        Map<String, Double> numbers = new LinkedHashMap<>();
        valuesByName(name, JsonNode::isNumber, "numbers").forEach((key, number) -> {
            double value = number.decimalValue().doubleValue();
            if (Double.isFinite(value)) {
                numbers.put(key, value);
            } else {
                report(name,
                        "found %s for \"%s\", a number beyond all bounds.".formatted(shown(number), key));
            }
        });
        return numbers;
    }

    /** Returns what is written by the names of an object, texts and numbers as texts; empty when there is no such field. */
    public Map<String, String> writtenByName(String name) {
        Map<String, String> written = new LinkedHashMap<>();
        valuesByName(name, each -> each.isString() || each.isNumber(), "texts").forEach(
                (key, value) -> written.put(key, value.isString() ? value.stringValue() : shown(value)));
        return written;
    }

    /** Returns the whole numbers of an object by their names, each in the range; empty when there is no such field. */
    public Map<String, Integer> wholesByName(String name, Range range) {
        Map<String, Integer> numbers = new LinkedHashMap<>();
        valuesByName(name, JsonNode::isNumber, "numbers").forEach(
                (key, number) -> whole(name, number, range, " for \"%s\"".formatted(key))
                        .ifPresent(found -> numbers.put(key, found)));
        return numbers;
    }

    private Map<String, JsonNode> valuesByName(String name, Predicate<JsonNode> kind, String what) {
        JsonNode found = get(name);
        Map<String, JsonNode> values = new LinkedHashMap<>();
        if (found == null) {
            return values;
        }
        if (!found.isObject() || !found.valueStream().allMatch(kind)) {
            wrong(name, found, what + " by name in { }");
            return values;
        }
        found.propertyStream().forEach(each -> values.put(each.getKey(), each.getValue()));
        return values;
    }

    /** Returns the objects of an object by their names; empty when there is no such field. */
    public Map<String, Fields> objectsByName(String name) {
        Map<String, Fields> objects = new LinkedHashMap<>();
        valuesByName(name, JsonNode::isObject, "objects")
                .forEach((key, object) -> objects.put(key, below((ObjectNode) object, at(name) + "." + key)));
        if (get(name) instanceof ObjectNode all) {
            pass.readOf(all).addAll(objects.keySet());
        }
        return objects;
    }

    private Fields below(ObjectNode object, String where) {
        return new Fields(object, where, pass);
    }

    /** Returns an object inside this one; nothing when it is missing or not an object. */
    public Optional<Fields> object(String name) {
        JsonNode found = get(name);
        if (found instanceof ObjectNode object) {
            return Optional.of(below(object, at(name)));
        }
        wrong(name, found, "an object in { }");
        return Optional.empty();
    }

    /**
     * Returns the objects of a list; empty when the list is missing and may be.
     *
     * @param number how many there may be; with more of them the field is at fault and none is returned
     */
    public List<Fields> objects(String name, boolean required, Range number) {
        JsonNode found = get(name);
        if (found == null && !required) {
            return List.of();
        }
        if (found == null || !found.isArray()) {
            wrong(name, found, "a list in [ ]");
            return List.of();
        }
        Optional<String> problem = number.problem(found.size());
        problem.ifPresent(sentence -> report(name, sentence));
        List<Fields> objects = new ArrayList<>();
        for (int i = 0; problem.isEmpty() && i < found.size(); i++) {
            String where = "%s[%d]".formatted(at(name), i);
            if (found.get(i) instanceof ObjectNode object) {
                objects.add(below(object, where));
            } else {
                pass.report(new Problem(where,
                        "found %s, expected an object in { }.".formatted(shown(found.get(i)))));
            }
        }
        return objects;
    }

    private void wrong(String name, @Nullable JsonNode found,
            String expected) {
        report(name, "found %s, expected %s.".formatted(shown(found), expected));
    }

    private static String shown(@Nullable JsonNode found) {
        return found == null ? "nothing" : Cut.text(found.toString());
    }

    private String at(String name) {
        return place.isEmpty() ? name : place + "." + name;
    }
}
