package app.kehre.formats.json;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;

import app.kehre.core.value.Named;

/**
 * A form that is read from a document.
 *
 * @param <E> what the fields make up
 * @param fields of the document
 * @param before how many faults there were before it
 */
record FormRead<E>(Fields fields, int before) implements Form<E> {

    FormRead(Fields fields) {
        this(fields, fields.faults());
    }

    @Override
    public <T> Form<T> part(Function<E, T> part) {
        return new FormRead<>(fields, before);
    }

    @Override
    public String text(String name, Function<E, String> value) {
        return fields.text(name);
    }

    @Override
    public String textIfAny(String name, Function<E, String> value) {
        return fields.text(name, "");
    }

    @Override
    public boolean flag(String name, Function<E, Boolean> value) {
        return fields.flag(name);
    }

    @Override
    public List<String> texts(String name, Function<E, List<String>> value) {
        return fields.texts(name);
    }

    @Override
    public Optional<Double> number(String name, Function<E, Optional<Double>> value) {
        return fields.number(name).stream().boxed().findFirst();
    }

    @Override
    public <T extends Enum<T> & Named> T term(String name, Class<T> list, Function<E, T> value) {
        return fields.term(name, list);
    }

    @Override
    public <T extends Enum<T> & Named> Optional<T> termIfAny(String name, Class<T> list,
            Function<E, Optional<T>> value) {
        return fields.has(name) ? Optional.of(fields.term(name, list)) : Optional.empty();
    }

    @Override
    public <T extends Enum<T> & Named> List<T> terms(String name, Class<T> list,
            Function<E, Collection<T>> value) {
        return fields.terms(name, list);
    }

    @Override
    public <T> T parsed(String name, Notation<T> notation, T standIn, Function<E, T> value) {
        return fields.parsed(name, notation.parse(), standIn);
    }

    @Override
    public <T> Optional<T> parsedIfAny(String name, Notation<T> notation, T standIn,
            Function<E, Optional<T>> value) {
        return fields.has(name)
                ? Optional.of(fields.parsed(name, notation.parse(), standIn))
                : Optional.empty();
    }

    @Override
    public <T extends Enum<T> & Named> Map<T, Double> numbers(String name, Class<T> list,
            Function<E, Map<T, Double>> value) {
        Map<T, Double> numbers = new LinkedHashMap<>();
        fields.numbersByName(name).forEach(
                (word, number) -> fields.find(list, name, word).ifPresent(key -> numbers.put(key, number)));
        return numbers;
    }

    @Override
    public <T extends Enum<T> & Named> Map<T, String> texts(String name, Class<T> list,
            Function<E, Map<T, String>> value) {
        Map<T, String> texts = new LinkedHashMap<>();
        fields.textsByName(name).forEach(
                (word, text) -> fields.find(list, name, word).ifPresent(key -> texts.put(key, text)));
        return texts;
    }

    @Override
    public <T> Optional<T> object(String name, Function<E, T> value,
            Function<Form<T>, Optional<T>> layOut) {
        return fields.object(name).flatMap(inner -> layOut.apply(new FormRead<>(inner)));
    }

    @Override
    public <T> Optional<T> objectIfAny(String name, Function<E, Optional<T>> value,
            Function<Form<T>, Optional<T>> layOut) {
        return fields.has(name)
                ? fields.object(name).flatMap(inner -> layOut.apply(new FormRead<>(inner)))
                : Optional.empty();
    }

    @Override
    public <K extends Enum<K> & Named, T> List<T> objects(String name, Class<K> list,
            Function<E, List<T>> value, Function<T, K> key,
            Function<Form<T>, Function<K, Optional<T>>> layOut) {
        List<T> objects = new ArrayList<>();
        fields.objectsByName(name).forEach((word, inner) -> {
            Optional<K> known = fields.find(list, name, word);
            Function<K, Optional<T>> read = layOut.apply(new FormRead<>(inner));
            known.flatMap(read).ifPresent(objects::add);
        });
        return objects;
    }

    @Override
    public <T> Optional<T> built(String name, Supplier<T> value) {
        return fields.built(name, value);
    }

    @Override
    public boolean clean() {
        return fields.faults() == before;
    }
}
