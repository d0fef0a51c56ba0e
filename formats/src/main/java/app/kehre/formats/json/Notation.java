package app.kehre.formats.json;

import java.time.DateTimeException;
import java.time.Duration;
import java.util.List;
import java.util.function.Function;

import app.kehre.core.value.Lengths;
import app.kehre.core.value.Named;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;

/**
 * How a value is written as text.
 *
 * @param <T> the value
 * @param print the value as text
 * @param parse reads it, or says what was expected
 */
public record Notation<T>(Function<T, String> print, Function<String, Reading<T>> parse) {

    /** Returns the keys of a closed list. */
    public static <T extends Enum<T> & Named> Notation<T> keys(Class<T> list) {
        return keys(List.of(list.getEnumConstants()));
    }

    /** Returns the keys of some terms. */
    public static <T extends Named> Notation<T> keys(List<T> terms) {
        return words(terms, Named::key);
    }

    /** Returns some values by a word of each, which no two share. */
    public static <T> Notation<T> words(List<T> values, Function<T, String> word) {
        return new Notation<>(word,
                text -> values.stream().filter(each -> word.apply(each).equals(text)).findFirst()
                        .map(Reading::of).orElseGet(() -> Reading.refused("found \"%s\", expected %s."
                                .formatted(Cut.text(text),
                                        Nearest.words(text, values.stream().map(word).toList())))));
    }

    /** Returns lengths of time such as "1:30" or "20 s", in a range of seconds. */
    public static Notation<Duration> length(Range seconds) {
        return new Notation<>(Lengths::notation, text -> {
            Reading<Duration> length = Lengths.parse(text);
            return length.value().flatMap(seconds::problem).map(Reading::<Duration>refused).orElse(length);
        });
    }

    /**
     * Returns values that write themselves and are read by what throws {@link DateTimeException}.
     *
     * @param expected what was expected, such as "a day like 2026-11-24"
     */
    public static <T> Notation<T> time(Function<String, T> parse, String expected) {
        return new Notation<>(String::valueOf, text -> {
            try {
                return Reading.of(parse.apply(text));
            } catch (DateTimeException refusal) {
                return Reading.refused("found \"%s\", expected %s.".formatted(Cut.text(text), expected));
            }
        });
    }

    /** Returns whole numbers from 1 that stand as names of fields. */
    public static Notation<Integer> number(Range range, String expected) {
        return new Notation<>(String::valueOf, text -> text.matches("\\d{1,7}")
                && range.problem(Integer.parseInt(text)).isEmpty()
                        ? Reading.of(Integer.parseInt(text))
                        : Reading.refused("found \"%s\", expected %s.".formatted(Cut.text(text), expected)));
    }
}
