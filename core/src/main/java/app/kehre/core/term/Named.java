package app.kehre.core.term;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;

/** A closed list of terms whose words are both what people read and the key in files. */
public interface Named {

    /** Returns the term, in lower case. */
    String words();

    /** Finds the term of a list by its words, in any case. */
    static <T extends Enum<T> & Named> Optional<T> find(Class<T> list, String words) {
        String key = words.strip();
        for (T term : list.getEnumConstants()) {
            if (term.words().equalsIgnoreCase(key)) {
                return Optional.of(term);
            }
        }
        return Optional.empty();
    }

    /** Returns all terms of a list, for the sentence that says what was expected. */
    static <T extends Enum<T> & Named> String all(Class<T> list) {
        return Arrays.stream(list.getEnumConstants()).map(Named::words).collect(Collectors.joining(", "));
    }
}
