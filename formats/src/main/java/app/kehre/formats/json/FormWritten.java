package app.kehre.formats.json;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.value.Named;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;

/**
 * A form into which a thing is written.
 *
 * @param <E> what the fields make up
 * @param thing what is written
 * @param node where to
 * @param before the object as it was read, if it was
 */
record FormWritten<E>(E thing, ObjectNode node, JsonNode before) implements Form<E> {

    @Override
    public <T> Form<T> part(Function<E, T> part) {
        return new FormWritten<>(part.apply(thing), node, before);
    }

    @Override
    public Optional<String> given(String name, Function<E, String> value) {
        return givenIfAny(name, value.andThen(Optional::of));
    }

    @Override
    public Optional<String> givenIfAny(String name, Function<E, Optional<String>> value) {
        Optional<String> text = value.apply(thing);
        text.ifPresent(each -> node.put(name, each));
        return text;
    }

    @Override
    public String textIfAny(String name, Function<E, String> value) {
        return value.apply(thing).isEmpty() ? "" : text(name, value);
    }

    @Override
    public boolean flag(String name, Function<E, Boolean> value) {
        boolean set = value.apply(thing);
        if (set) {
            node.put(name, true);
        }
        return set;
    }

    @Override
    public List<String> texts(String name, Function<E, ? extends Collection<String>> value) {
        List<String> texts = List.copyOf(value.apply(thing));
        ArrayNode list = node.putArray(name);
        texts.forEach(list::add);
        return texts;
    }

    @Override
    public List<String> textsIfAny(String name, Function<E, ? extends Collection<String>> value) {
        return value.apply(thing).isEmpty() ? List.of() : texts(name, value);
    }

    @Override
    public Optional<Double> number(String name, Function<E, Optional<Double>> value) {
        Optional<Double> number = value.apply(thing);
        number.ifPresent(each -> put(node, name, each));
        return number;
    }

    /** What is whole is written without a point. */
    private static void put(ObjectNode node, String name, double value) {
        if (value == Math.rint(value)) {
            node.put(name, Math.round(value));
        } else {
            node.put(name, value);
        }
    }

    @Override
    public List<Double> numbers(String name, Function<E, List<Double>> value) {
        List<Double> numbers = value.apply(thing);
        ArrayNode list = node.putArray(name);
        numbers.forEach(list::add);
        return numbers;
    }

    @Override
    public Optional<Integer> wholeGiven(String name, Range range, Function<E, Integer> value) {
        return wholeIfAny(name, range, value.andThen(Optional::of));
    }

    @Override
    public Optional<Integer> wholeIfAny(String name, Range range, Function<E, Optional<Integer>> value) {
        Optional<Integer> number = value.apply(thing);
        number.ifPresent(each -> node.put(name, each));
        return number;
    }

    @Override
    public <T extends Enum<T> & Named> T term(String name, Class<T> list, Function<E, T> value) {
        T term = value.apply(thing);
        node.put(name, term.key());
        return term;
    }

    @Override
    public <T extends Enum<T> & Named> Optional<T> termIfAny(String name, Class<T> list,
            Function<E, Optional<T>> value) {
        Optional<T> term = value.apply(thing);
        term.ifPresent(each -> node.put(name, each.key()));
        return term;
    }

    @Override
    public <T extends Enum<T> & Named> List<T> terms(String name, Class<T> list,
            Function<E, ? extends Collection<T>> value) {
        return termsIfSaid(name, list, each -> Optional.of(value.apply(each))).orElseThrow();
    }

    @Override
    public <T extends Enum<T> & Named> Optional<List<T>> termsIfSaid(String name, Class<T> list,
            Function<E, ? extends Optional<? extends Collection<T>>> value) {
        Optional<List<T>> terms = value.apply(thing).map(each -> each.stream().sorted().toList());
        terms.ifPresent(found -> {
            ArrayNode array = node.putArray(name);
            found.forEach(each -> array.add(each.key()));
        });
        return terms;
    }

    @Override
    public <T> T parsed(String name, Notation<T> notation, T standIn, Function<E, T> value) {
        return parsedIfAny(name, notation, standIn, value.andThen(Optional::of)).orElseThrow();
    }

    @Override
    public <T> Optional<T> parsedIfAny(String name, Notation<T> notation, T standIn,
            Function<E, Optional<T>> value) {
        Optional<T> found = value.apply(thing);
        found.ifPresent(each -> node.put(name, notation.print().apply(each)));
        return found;
    }

    private <K, V> Map<K, V> keyed(String name, Notation<K> keys, Map<K, V> values, boolean always,
            BiConsumer<ObjectNode, Map.Entry<String, V>> put) {
        if (always || !values.isEmpty()) {
            ObjectNode inner = node.putObject(name);
            values.forEach((key, value) -> put.accept(inner, Map.entry(keys.print().apply(key), value)));
        }
        return values;
    }

    @Override
    public <K> Map<K, Double> numbers(String name, Notation<K> keys, Function<E, Map<K, Double>> value) {
        return keyed(name, keys, value.apply(thing), true,
                (inner, each) -> inner.put(each.getKey(), each.getValue()));
    }

    @Override
    public <K> Map<K, Double> numbersIfAny(String name, Notation<K> keys, Function<E, Map<K, Double>> value) {
        return value.apply(thing).isEmpty() ? Map.of() : numbers(name, keys, value);
    }

    @Override
    public <K> Map<K, Integer> wholesIfAny(String name, Notation<K> keys, Range range,
            Function<E, Map<K, Integer>> value) {
        return keyed(name, keys, new TreeMap<>(value.apply(thing)), false,
                (inner, each) -> inner.put(each.getKey(), each.getValue()));
    }

    @Override
    public <K> Map<K, String> texts(String name, Notation<K> keys, Function<E, Map<K, String>> value) {
        return keyed(name, keys, new TreeMap<>(value.apply(thing)), true,
                (inner, each) -> inner.put(each.getKey(), each.getValue()));
    }

    @Override
    public <K> Map<K, String> textsIfAny(String name, Notation<K> keys, Function<E, Map<K, String>> value) {
        return value.apply(thing).isEmpty() ? Map.of() : texts(name, keys, value);
    }

    @Override
    public Map<String, String> writtenIfAny(String name, Function<E, Map<String, String>> value) {
        return textsIfAny(name, new Notation<>(text -> text, Reading::of), value);
    }

    @Override
    public <T> Optional<T> object(String name, Function<E, T> value, Function<Form<T>, Optional<T>> layOut) {
        return layOut.apply(new FormWritten<>(value.apply(thing), node.putObject(name), before.path(name)));
    }

    @Override
    public <T> Optional<T> objectIfAny(String name, Function<E, Optional<T>> value,
            Function<Form<T>, Optional<T>> layOut) {
        return value.apply(thing).flatMap(found -> object(name, _ -> found, layOut));
    }

    @Override
    public <T> T object(String name, T usual, Function<E, T> value, Function<Form<T>, Optional<T>> layOut) {
        T found = value.apply(thing);
        if (!found.equals(usual) || before.has(name)) {
            object(name, value, layOut);
        }
        return found;
    }

    @Override
    public <K, T> Map<K, T> objects(String name, Notation<K> keys, Function<E, Map<K, T>> value,
            BiFunction<Form<T>, K, Optional<T>> layOut) {
        ObjectNode all = node.putObject(name);
        Map<K, T> objects = value.apply(thing);
        objects.forEach((key, each) -> {
            String word = keys.print().apply(key);
            var _ = layOut.apply(new FormWritten<>(each, all.putObject(word), before.path(name).path(word)),
                    key);
        });
        return objects;
    }

    @Override
    public <K, T> Map<K, T> objectsIfAny(String name, Notation<K> keys, Function<E, Map<K, T>> value,
            BiFunction<Form<T>, K, Optional<T>> layOut) {
        return value.apply(thing).isEmpty() ? Map.of() : objects(name, keys, value, layOut);
    }

    @Override
    public <T> List<T> list(String name, Range number, Function<E, ? extends Collection<T>> value,
            Function<Form<T>, Optional<T>> layOut) {
        ArrayNode array = node.putArray(name);
        List<T> objects = List.copyOf(value.apply(thing));
        for (T each : objects) {
            var _ = layOut.apply(Form.writing(each, array.addObject()));
        }
        return objects;
    }

    @Override
    public <T> List<T> listIfAny(String name, Range number, Function<E, ? extends Collection<T>> value,
            Function<Form<T>, Optional<T>> layOut) {
        return value.apply(thing).isEmpty() ? List.of() : list(name, number, value, layOut);
    }

    @Override
    public Optional<E> oneOf(String name, String problem, List<Kind<E, ?>> kinds) {
        kinds.stream().filter(each -> each.type().isInstance(thing)).findFirst().ifPresent(this::layOut);
        return Optional.empty();
    }

    private <T extends E> void layOut(Kind<E, T> kind) {
        var _ = kind.layOut().apply(part(kind.type()::cast));
    }

    @Override
    public <T> Optional<T> built(String name, Supplier<T> value) {
        return Optional.empty();
    }

    @Override
    public void report(String name, String sentence) {
        // What is written has been made already: it has no faults.
    }

    @Override
    public boolean clean() {
        return true;
    }

    @Override
    public String peek(String name) {
        return node.path(name).asString("");
    }
}
