package app.kehre.formats.json;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Supplier;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.value.Named;

/**
 * A form into which a thing is written.
 *
 * @param <E> what the fields make up
 * @param thing what is written
 * @param node where to
 */
record FormWritten<E>(E thing, ObjectNode node) implements Form<E> {

    @Override
    public <T> Form<T> part(Function<E, T> part) {
        return new FormWritten<>(part.apply(thing), node);
    }

    @Override
    public String text(String name, Function<E, String> value) {
        String text = value.apply(thing);
        node.put(name, text);
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
    public List<String> texts(String name, Function<E, List<String>> value) {
        List<String> texts = value.apply(thing);
        ArrayNode list = node.putArray(name);
        texts.forEach(list::add);
        return texts;
    }

    @Override
    public Optional<Double> number(String name, Function<E, Optional<Double>> value) {
        Optional<Double> number = value.apply(thing);
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
            Function<E, Collection<T>> value) {
        List<T> terms = value.apply(thing).stream().sorted().toList();
        ArrayNode array = node.putArray(name);
        terms.forEach(each -> array.add(each.key()));
        return terms;
    }

    @Override
    public <T extends Enum<T> & Named> List<T> termsIfAny(String name, Class<T> list,
            Function<E, Collection<T>> value) {
        return value.apply(thing).isEmpty() ? List.of() : terms(name, list, value);
    }

    @Override
    public <T> T parsed(String name, Notation<T> notation, T standIn, Function<E, T> value) {
        T found = value.apply(thing);
        node.put(name, notation.print().apply(found));
        return found;
    }

    @Override
    public <T> Optional<T> parsedIfAny(String name, Notation<T> notation, T standIn,
            Function<E, Optional<T>> value) {
        Optional<T> found = value.apply(thing);
        found.ifPresent(each -> node.put(name, notation.print().apply(each)));
        return found;
    }

    @Override
    public <T extends Enum<T> & Named> Map<T, Double> numbers(String name, Class<T> list,
            Function<E, Map<T, Double>> value) {
        Map<T, Double> numbers = value.apply(thing);
        ObjectNode inner = node.putObject(name);
        numbers.forEach((key, number) -> inner.put(key.key(), number));
        return numbers;
    }

    @Override
    public <T extends Enum<T> & Named> Map<T, String> texts(String name, Class<T> list,
            Function<E, Map<T, String>> value) {
        Map<T, String> texts = value.apply(thing);
        ObjectNode inner = node.putObject(name);
        new TreeMap<>(texts).forEach((key, text) -> inner.put(key.key(), text));
        return texts;
    }

    @Override
    public <T> Optional<T> object(String name, Function<E, T> value,
            Function<Form<T>, Optional<T>> layOut) {
        return layOut.apply(new FormWritten<>(value.apply(thing), node.putObject(name)));
    }

    @Override
    public <T> Optional<T> objectIfAny(String name, Function<E, Optional<T>> value,
            Function<Form<T>, Optional<T>> layOut) {
        return value.apply(thing)
                .flatMap(found -> layOut.apply(new FormWritten<>(found, node.putObject(name))));
    }

    @Override
    public <K extends Enum<K> & Named, T> List<T> objects(String name, Class<K> list,
            Function<E, List<T>> value, Function<T, K> key,
            Function<Form<T>, Function<K, Optional<T>>> layOut) {
        ObjectNode all = node.putObject(name);
        return value.apply(thing).stream().flatMap(each -> layOut
                .apply(new FormWritten<>(each, all.putObject(key.apply(each).key())))
                .apply(key.apply(each)).stream()).toList();
    }

    @Override
    public <T> Optional<T> built(String name, Supplier<T> value) {
        return Optional.of(value.get());
    }

    @Override
    public boolean clean() {
        return true;
    }
}
