package app.kehre.core.value;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A term of a closed list: a key, which is stored and never changes, and words, which people read and type. Neither is
 * ever taken for the other, so that words can be bettered or put into another language.
 */
public interface Named {

    /** Returns the key and the words. */
    Term term();

    /** Returns what is stored, such as "front-of-thigh": lower-case letters and hyphens. */
    default String key() {
        return term().key();
    }

    /** Returns the term as people read it, in lower case. */
    default String words() {
        return term().words();
    }

    /** Finds the term of a list by its key. */
    static <T extends Enum<T> & Named> Optional<T> ofKey(Class<T> list, String key) {
        for (T term : list.getEnumConstants()) {
            if (term.key().equals(key)) {
                return Optional.of(term);
            }
        }
        return Optional.empty();
    }

    /** Finds the term of a list by its words, in any case. */
    static <T extends Enum<T> & Named> Optional<T> find(Class<T> list, String words) {
        String typed = words.strip();
        for (T term : list.getEnumConstants()) {
            if (term.words().equalsIgnoreCase(typed)) {
                return Optional.of(term);
            }
        }
        return Optional.empty();
    }

    /**
     * Returns the words of all terms of a list, for the sentence that says what was expected; those with a comma in them stand in
     * quotes.
     */
    static <T extends Enum<T> & Named> String all(Class<T> list) {
        return Arrays.stream(list.getEnumConstants()).map(Named::words)
                .map(words -> words.contains(",") ? "\"" + words + "\"" : words)
                .collect(Collectors.joining(", "));
    }

    /** Returns the keys of all terms of a list. */
    static <T extends Enum<T> & Named> List<String> keys(Class<T> list) {
        return Arrays.stream(list.getEnumConstants()).map(Named::key).toList();
    }
}
