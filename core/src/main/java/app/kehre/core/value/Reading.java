package app.kehre.core.value;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * What came of reading a text that a person wrote: a value, or a sentence that says what was found and
 * what was expected.
 *
 * @param <T> the kind of value
 */
public sealed interface Reading<T> {

    /** The text was understood. */
    record Understood<T>(T read) implements Reading<T> {}

    /**
     * The text was refused.
     *
     * @param sentence ready to be shown
     * @param choices ways to write it that would be understood, when there are some near at hand
     */
    record Refused<T>(String sentence, List<String> choices) implements Reading<T> {
        public Refused {
            choices = List.copyOf(choices);
        }
    }

    /** Returns a reading that holds the value. */
    static <T> Reading<T> of(T value) {
        return new Understood<>(value);
    }

    /** Returns a refusal with the sentence. */
    static <T> Reading<T> refused(String sentence) {
        return new Refused<>(sentence, List.of());
    }

    /** Returns the value, if the text was understood. */
    default Optional<T> value() {
        return switch (this) {
            case Understood<T>(T found) -> Optional.of(found);
            case Refused<T> _ -> Optional.empty();
        };
    }

    /** Returns the sentence of the refusal; empty when the text was understood. */
    default String problem() {
        return switch (this) {
            case Understood<T> _ -> "";
            case Refused<T>(String sentence, List<String> _) -> sentence;
        };
    }

    /** Returns the ways to write it that would be understood; none when it was, or when none is near. */
    default List<String> choices() {
        return switch (this) {
            case Understood<T> _ -> List.of();
            case Refused<T>(String _, List<String> choices) -> choices;
        };
    }

    /** Returns the reading of the value turned into another. */
    default <U> Reading<U> map(Function<T, U> turn) {
        return switch (this) {
            case Understood<T>(T found) -> of(turn.apply(found));
            case Refused<T>(String sentence, List<String> choices) -> new Refused<>(sentence, choices);
        };
    }

    /** Returns what the value is read as in turn, or the refusal. */
    default <U> Reading<U> flatMap(Function<T, Reading<U>> turn) {
        return switch (this) {
            case Understood<T>(T found) -> turn.apply(found);
            case Refused<T>(String sentence, List<String> choices) -> new Refused<>(sentence, choices);
        };
    }
}
