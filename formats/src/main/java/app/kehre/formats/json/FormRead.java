package app.kehre.formats.json;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;

import app.kehre.core.value.Named;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;

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
    public Optional<String> given(String name, Function<E, String> value) {
        return fields.given(name);
    }

    @Override
    public Optional<String> givenIfAny(String name, Function<E, Optional<String>> value) {
        return fields.has(name) ? fields.given(name) : Optional.empty();
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
    public List<String> texts(String name, Function<E, ? extends Collection<String>> value) {
        return fields.texts(name);
    }

    @Override
    public Optional<Double> number(String name, Function<E, Optional<Double>> value) {
        return fields.number(name).stream().boxed().findFirst();
    }

    @Override
    public List<Double> numbers(String name, Function<E, List<Double>> value) {
        return fields.numbers(name);
    }

    @Override
    public Optional<Integer> wholeGiven(String name, Range range, Function<E, Integer> value) {
        return fields.find(name, range).stream().boxed().findFirst();
    }

    @Override
    public Optional<Integer> wholeIfAny(String name, Range range, Function<E, Optional<Integer>> value) {
        return fields.has(name) ? Optional.of(fields.whole(name, range)) : Optional.empty();
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
            Function<E, ? extends Collection<T>> value) {
        return fields.terms(name, list);
    }

    @Override
    public <T extends Enum<T> & Named> Optional<List<T>> termsIfSaid(String name, Class<T> list,
            Function<E, ? extends Optional<? extends Collection<T>>> value) {
        return fields.has(name) ? Optional.of(fields.terms(name, list)) : Optional.empty();
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

    /** The values of an object by their keys; a key that is none is reported for the field. */
    private <K, V> Map<K, V> keyed(String name, Notation<K> keys, Map<String, V> values) {
        Map<K, V> keyed = new LinkedHashMap<>();
        values.forEach((word, value) -> {
            Reading<K> key = keys.parse().apply(word);
            key.value().ifPresentOrElse(found -> keyed.put(found, value),
                    () -> fields.report(name, key.problem()));
        });
        return keyed;
    }

    @Override
    public <K> Map<K, Double> numbers(String name, Notation<K> keys, Function<E, Map<K, Double>> value) {
        return keyed(name, keys, fields.numbersByName(name));
    }

    @Override
    public <K> Map<K, Double> numbersIfAny(String name, Notation<K> keys, Function<E, Map<K, Double>> value) {
        return numbers(name, keys, value);
    }

    @Override
    public <K> Map<K, Integer> wholesIfAny(String name, Notation<K> keys, Range range,
            Function<E, Map<K, Integer>> value) {
        return keyed(name, keys, fields.wholesByName(name, range));
    }

    @Override
    public <K> Map<K, String> texts(String name, Notation<K> keys, Function<E, Map<K, String>> value) {
        return keyed(name, keys, fields.textsByName(name));
    }

    @Override
    public <K> Map<K, String> textsIfAny(String name, Notation<K> keys, Function<E, Map<K, String>> value) {
        return texts(name, keys, value);
    }

    @Override
    public Map<String, String> writtenIfAny(String name, Function<E, Map<String, String>> value) {
        return fields.writtenByName(name);
    }

    @Override
    public <T> Optional<T> object(String name, Function<E, T> value, Function<Form<T>, Optional<T>> layOut) {
        return fields.object(name).flatMap(inner -> layOut.apply(new FormRead<>(inner)));
    }

    @Override
    public <T> Optional<T> objectIfAny(String name, Function<E, Optional<T>> value,
            Function<Form<T>, Optional<T>> layOut) {
        return fields.has(name)
                ? object(name, thing -> value.apply(thing).orElseThrow(), layOut)
                : Optional.empty();
    }

    @Override
    public <T> T object(String name, T usual, Function<E, T> value, Function<Form<T>, Optional<T>> layOut) {
        return objectIfAny(name, thing -> Optional.of(value.apply(thing)), layOut).orElse(usual);
    }

    @Override
    public <K, T> Map<K, T> objects(String name, Notation<K> keys, Function<E, Map<K, T>> value,
            BiFunction<Form<T>, K, Optional<T>> layOut) {
        Map<K, T> objects = new LinkedHashMap<>();
        keyed(name, keys, fields.objectsByName(name))
                .forEach((key, inner) -> layOut.apply(new FormRead<>(inner), key)
                        .ifPresent(made -> objects.put(key, made)));
        return objects;
    }

    @Override
    public <K, T> Map<K, T> objectsIfAny(String name, Notation<K> keys, Function<E, Map<K, T>> value,
            BiFunction<Form<T>, K, Optional<T>> layOut) {
        return objects(name, keys, value, layOut);
    }

    @Override
    public <T> List<T> list(String name, Range number, Function<E, ? extends Collection<T>> value,
            Function<Form<T>, Optional<T>> layOut) {
        return list(fields.objects(name, true, number), layOut);
    }

    @Override
    public <T> List<T> listIfAny(String name, Range number, Function<E, ? extends Collection<T>> value,
            Function<Form<T>, Optional<T>> layOut) {
        return list(fields.objects(name, false, number), layOut);
    }

    private static <T> List<T> list(List<Fields> objects, Function<Form<T>, Optional<T>> layOut) {
        return objects.stream().flatMap(each -> layOut.apply(new FormRead<>(each)).stream()).toList();
    }

    @Override
    public Optional<E> oneOf(String name, String problem, List<Kind<E, ?>> kinds) {
        List<Kind<E, ?>> said = kinds.stream().filter(each -> fields.has(each.field())).toList();
        if (said.size() != 1) {
            fields.report(name, problem);
            return Optional.empty();
        }
        return laidOut(said.getFirst());
    }

    private <T extends E> Optional<E> laidOut(Kind<E, T> kind) {
        return kind.layOut().apply(new FormRead<>(fields, before));
    }

    @Override
    public <T> Optional<T> built(String name, Supplier<T> value) {
        return fields.built(name, value);
    }

    @Override
    public void report(String name, String sentence) {
        fields.report(name, sentence);
    }

    @Override
    public boolean clean() {
        return fields.faults() == before;
    }

    @Override
    public String peek(String name) {
        return fields.peek(name);
    }
}
