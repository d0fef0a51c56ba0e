package app.kehre.formats.json;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;

import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.value.Named;
import app.kehre.core.value.Reading;

/**
 * The fields of one JSON object, to be read or to be written: whoever lays out a document says each field once, with
 * where its value is found, and has a reader and a writer that cannot drift apart. For example
 * {@code String name = form.text("name", Exercise::name)}.
 *
 * <p>In reading, the value comes from the document, and a fault is collected with its place, as {@link Fields} does. In
 * writing, it comes from the thing that is written, and goes into the document.
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
        return new FormWritten<>(thing, node);
    }

    /** Returns the same object as the form of a part of the thing. */
    <T> Form<T> part(Function<E, T> part);

    /** Takes a text, which must be there. */
    String text(String name, Function<E, String> value);

    /** Takes a text that is left out where it is empty. */
    String textIfAny(String name, Function<E, String> value);

    /** Takes a mark that is left out where it is not set. */
    boolean flag(String name, Function<E, Boolean> value);

    /** Takes a list of texts. */
    List<String> texts(String name, Function<E, List<String>> value);

    /** Takes a number that may be missing. */
    Optional<Double> number(String name, Function<E, Optional<Double>> value);

    /** Takes a term of a closed list, which must be there. */
    <T extends Enum<T> & Named> T term(String name, Class<T> list, Function<E, T> value);

    /** Takes a term of a closed list that may be missing. */
    <T extends Enum<T> & Named> Optional<T> termIfAny(String name, Class<T> list,
            Function<E, Optional<T>> value);

    /** Takes terms of a closed list; they are written in its order. */
    <T extends Enum<T> & Named> List<T> terms(String name, Class<T> list, Function<E, Collection<T>> value);

    /** Takes terms of a closed list that are left out where there are none. */
    default <T extends Enum<T> & Named> List<T> termsIfAny(String name, Class<T> list,
            Function<E, Collection<T>> value) {
        return terms(name, list, value);
    }

    /** Takes a value in one of Kehre's notations; the stand-in where it is at fault. */
    <T> T parsed(String name, Notation<T> notation, T standIn, Function<E, T> value);

    /** Takes a value in one of Kehre's notations that may be missing. */
    <T> Optional<T> parsedIfAny(String name, Notation<T> notation, T standIn, Function<E, Optional<T>> value);

    /** Takes numbers by the keys of a closed list, in their order. */
    <T extends Enum<T> & Named> Map<T, Double> numbers(String name, Class<T> list,
            Function<E, Map<T, Double>> value);

    /** Takes texts by the keys of a closed list; they are written in its order. */
    <T extends Enum<T> & Named> Map<T, String> texts(String name, Class<T> list,
            Function<E, Map<T, String>> value);

    /** Takes an object inside this one. */
    <T> Optional<T> object(String name, Function<E, T> value, Function<Form<T>, Optional<T>> layOut);

    /** Takes an object inside this one that may be missing. */
    <T> Optional<T> objectIfAny(String name, Function<E, Optional<T>> value,
            Function<Form<T>, Optional<T>> layOut);

    /** Takes objects by the keys of a closed list: each knows its key. */
    <K extends Enum<K> & Named, T> List<T> objects(String name, Class<K> list, Function<E, List<T>> value,
            Function<T, K> key, Function<Form<T>, Function<K, Optional<T>>> layOut);

    /** Returns what is made of the fields; nothing where its parts do not fit, which is a fault of a field. */
    <T> Optional<T> built(String name, Supplier<T> value);

    /** Returns whether no field of the document has been at fault so far. */
    boolean clean();

    /**
     * How a value is written as text.
     *
     * @param <T> the value
     * @param print the value as text
     * @param parse reads it, or says what was expected
     */
    record Notation<T>(Function<T, String> print, Function<String, Reading<T>> parse) {}
}
