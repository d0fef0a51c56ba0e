package app.kehre.formats.json;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.MissingNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.value.Named;
import app.kehre.core.value.Range;

/**
 * The fields of one JSON object, to be read or to be written: whoever lays out a document says each field once, with
 * where its value is found, and has a reader and a writer that cannot drift apart. For example
 * {@code String name = form.text("name", Exercise::name)}.
 *
 * <p>In reading, the value comes from the document, and a fault is collected with its place, as {@link Fields} does. In
 * writing, it comes from the thing that is written, and goes into the document; nothing is made, and nothing reported.
 * Fields are written in the order in which they are laid out.
 *
 * <p>Names that end in "IfAny" are fields that may be missing. What has a usual value is left out where it is that.
 *
 * @param <E> what the fields make up
 */
public interface Form<E> {

    /** Returns a form to be read from a document. */
    static <E> Form<E> reading(Fields fields) {
        return new FormRead<>(fields);
    }

    /** Returns a form that writes a thing into an object. */
    static <E> Form<E> writing(E thing, ObjectNode node) {
        return writing(thing, node, MissingNode.getInstance());
    }

    /**
     * Returns a form that writes a thing into an object.
     *
     * @param before as it was read: objects that stood there are written again, although they say what is usual
     */
    static <E> Form<E> writing(E thing, ObjectNode node, JsonNode before) {
        return new FormWritten<>(thing, node, before);
    }

    /**
     * A kind of thing that is known by a field that the others do not have.
     *
     * @param <E> the kinds
     * @param <T> the kind
     * @param field which
     * @param layOut its fields
     */
    record Kind<E, T extends E>(String field, Class<T> type, Function<Form<T>, Optional<E>> layOut) {}

    /** The versions of documents. */
    Range VERSIONS = Range.of("the version", 1, 1_000_000);

    /**
     * Takes what a document is, and its version.
     *
     * @param what the documents of the kind, in words
     */
    default void head(String format, int version, String what) {
        if (!text("format", _ -> format).equals(format)) {
            report("format", "expected \"%s\".".formatted(format));
        }
        if (whole("version", VERSIONS, _ -> version) > version) {
            report("version", "this Kehre reads %s up to version %d. Open them with a newer one."
                    .formatted(what, version));
        }
    }

    /** Returns the same object as the form of a part of the thing. */
    <T> Form<T> part(Function<E, T> part);

    /** Takes a text, which must be there; a stand-in where it is missing. */
    default String text(String name, Function<E, String> value) {
        return given(name, value).orElse("?");
    }

    /** Takes a text, which must be there; nothing where it is missing or no text. */
    Optional<String> given(String name, Function<E, String> value);

    /** Takes a text that may be missing. */
    Optional<String> givenIfAny(String name, Function<E, Optional<String>> value);

    /** Takes a text that is left out where it is empty. */
    String textIfAny(String name, Function<E, String> value);

    /** Takes a mark that is left out where it is not set. */
    boolean flag(String name, Function<E, Boolean> value);

    /** Takes a list of texts. */
    List<String> texts(String name, Function<E, ? extends Collection<String>> value);

    /** Takes a list of texts that is left out where it is empty. */
    default List<String> textsIfAny(String name, Function<E, ? extends Collection<String>> value) {
        return texts(name, value);
    }

    /** Takes a number that may be missing. */
    Optional<Double> number(String name, Function<E, Optional<Double>> value);

    /** Takes a list of numbers, which must be there. */
    List<Double> numbers(String name, Function<E, List<Double>> value);

    /** Takes a whole number, which must be there; the least of its range where it is at fault. */
    default int whole(String name, Range range, Function<E, Integer> value) {
        return wholeGiven(name, range, value).orElse((int) range.least());
    }

    /** Takes a whole number, which must be there; nothing where it is missing or at fault. */
    Optional<Integer> wholeGiven(String name, Range range, Function<E, Integer> value);

    /** Takes a whole number that may be missing. */
    Optional<Integer> wholeIfAny(String name, Range range, Function<E, Optional<Integer>> value);

    /** Takes a whole number that has a usual value. */
    default int whole(String name, Range range, int usual, Function<E, Integer> value) {
        return wholeIfAny(name, range, thing -> unless(usual, value.apply(thing))).orElse(usual);
    }

    /** Takes a term of a closed list, which must be there. */
    <T extends Enum<T> & Named> T term(String name, Class<T> list, Function<E, T> value);

    /** Takes a term of a closed list that may be missing. */
    <T extends Enum<T> & Named> Optional<T> termIfAny(String name, Class<T> list,
            Function<E, Optional<T>> value);

    /** Takes a term of a closed list that has a usual value. */
    default <T extends Enum<T> & Named> T term(String name, Class<T> list, T usual, Function<E, T> value) {
        return termIfAny(name, list, thing -> unless(usual, value.apply(thing))).orElse(usual);
    }

    /** Takes terms of a closed list; they are written in its order. */
    <T extends Enum<T> & Named> List<T> terms(String name, Class<T> list,
            Function<E, ? extends Collection<T>> value);

    /** Takes terms of a closed list that may be missing as a whole. */
    <T extends Enum<T> & Named> Optional<List<T>> termsIfSaid(String name, Class<T> list,
            Function<E, ? extends Optional<? extends Collection<T>>> value);

    /** Takes terms of a closed list that are left out where there are none. */
    default <T extends Enum<T> & Named> List<T> termsIfAny(String name, Class<T> list,
            Function<E, ? extends Collection<T>> value) {
        return termsIfSaid(name, list, thing -> unless(List.of(), List.copyOf(value.apply(thing))))
                .orElse(List.of());
    }

    /** Takes a value in one of Kehre's notations; the stand-in where it is at fault. */
    <T> T parsed(String name, Notation<T> notation, T standIn, Function<E, T> value);

    /** Takes a value in one of Kehre's notations that may be missing. */
    <T> Optional<T> parsedIfAny(String name, Notation<T> notation, T standIn, Function<E, Optional<T>> value);

    /** Takes numbers by their keys, in their order. */
    <K> Map<K, Double> numbers(String name, Notation<K> keys, Function<E, Map<K, Double>> value);

    /** Takes numbers by their keys that are left out where there are none. */
    <K> Map<K, Double> numbersIfAny(String name, Notation<K> keys, Function<E, Map<K, Double>> value);

    /** Takes whole numbers by their keys that are left out where there are none; they are written in order. */
    <K> Map<K, Integer> wholesIfAny(String name, Notation<K> keys, Range range,
            Function<E, Map<K, Integer>> value);

    /** Takes texts by their keys; they are written in order. */
    <K> Map<K, String> texts(String name, Notation<K> keys, Function<E, Map<K, String>> value);

    /** Takes texts by their keys that are left out where there are none; they are written in order. */
    <K> Map<K, String> textsIfAny(String name, Notation<K> keys, Function<E, Map<K, String>> value);

    /** Takes what is written by names, as texts or numbers, and left out where there is nothing. */
    Map<String, String> writtenIfAny(String name, Function<E, Map<String, String>> value);

    /** Takes an object inside this one. */
    <T> Optional<T> object(String name, Function<E, T> value, Function<Form<T>, Optional<T>> layOut);

    /** Takes an object inside this one that may be missing. */
    <T> Optional<T> objectIfAny(String name, Function<E, Optional<T>> value,
            Function<Form<T>, Optional<T>> layOut);

    /** Takes an object inside this one that has a usual value. */
    <T> T object(String name, T usual, Function<E, T> value, Function<Form<T>, Optional<T>> layOut);

    /** Takes objects by their keys; each may look at its key. */
    <K, T> Map<K, T> objects(String name, Notation<K> keys, Function<E, Map<K, T>> value,
            BiFunction<Form<T>, K, Optional<T>> layOut);

    /** Takes objects by their keys that are left out where there are none. */
    <K, T> Map<K, T> objectsIfAny(String name, Notation<K> keys, Function<E, Map<K, T>> value,
            BiFunction<Form<T>, K, Optional<T>> layOut);

    /**
     * Takes a list of objects, which must be there.
     *
     * @param number how many there may be
     */
    <T> List<T> list(String name, Range number, Function<E, ? extends Collection<T>> value,
            Function<Form<T>, Optional<T>> layOut);

    /** Takes a list of objects that is left out where it is empty. */
    <T> List<T> listIfAny(String name, Range number, Function<E, ? extends Collection<T>> value,
            Function<Form<T>, Optional<T>> layOut);

    /**
     * Takes the fields of one kind of thing among several.
     *
     * @param name the field for which it is reported that there is none of them, or more than one
     * @param problem what to say then
     */
    Optional<E> oneOf(String name, String problem, List<Kind<E, ?>> kinds);

    /** Returns what is made of the fields; nothing where its parts do not fit, which is a fault of a field. */
    <T> Optional<T> built(String name, Supplier<T> value);

    /** Reports a fault of a field. */
    void report(String name, String sentence);

    /** Returns whether no field of the document has been at fault since this form was begun. */
    boolean clean();

    /** Returns a text that has been taken already, without a word where there is none. */
    String peek(String name);

    private static <T> Optional<T> unless(T usual, T value) {
        return usual.equals(value) ? Optional.empty() : Optional.of(value);
    }
}
