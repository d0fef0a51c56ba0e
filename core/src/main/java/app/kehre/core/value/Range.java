package app.kehre.core.value;

import java.time.Duration;
import java.util.Optional;

/**
 * The values that a quantity may take, both ends included, and the sentence that says so.
 *
 * @param what the quantity in an instructor's words, such as "reps"
 * @param unit the unit behind a number, such as "s"; may be empty
 * @param least the least allowed value
 * @param most the greatest allowed value
 */
public record Range(String what, String unit, long least, long most) {

    /**
     * Reads a range of plain numbers.
     *
     * @param least included
     * @param most included
     */
    public static Range of(String what, long least, long most) {
        return new Range(what, "", least, most);
    }

    /**
     * Reads a range of whole seconds.
     *
     * @param least seconds, included
     * @param most seconds, included
     */
    public static Range ofSeconds(String what, long least, long most) {
        return new Range(what, " s", least, most);
    }

    /**
     * Returns the sentence against a value out of range, or nothing when it is in range.
     *
     * @param value in the unit of the range
     */
    public Optional<String> problem(long value) {
        return value >= least && value <= most ? Optional.empty() : Optional.of(sentence(value));
    }

    /** Returns the sentence against a length out of range or not of whole seconds. */
    public Optional<String> problem(Duration length) {
        return !length.equals(Duration.ofSeconds(length.toSeconds()))
                ? Optional.of("%s must be whole seconds.".formatted(capital(what)))
                : problem(length.toSeconds());
    }

    /**
     * Returns the value unchanged.
     *
     * @param value in the unit of the range
     * @throws IllegalArgumentException with the sentence, when the value is out of range
     */
    public int check(int value) {
        problem(value).ifPresent(Range::refuse);
        return value;
    }

    /**
     * Returns the length unchanged.
     *
     * @throws IllegalArgumentException with the sentence, when it is out of range or not whole seconds
     */
    public Duration check(Duration length) {
        problem(length).ifPresent(Range::refuse);
        return length;
    }

    /**
     * Reads a whole number in this range, with or without its unit.
     *
     * @param units the words that may stand behind it, as alternatives of a regular expression
     * @param example how to write it, for the sentence against what is no number
     */
    public Reading<Integer> read(String text, String units, String example) {
        String digits = text.strip().replaceFirst("(?i)\\s*(" + units + ")$", "");
        if (!digits.matches("-?\\d{1,6}")) {
            return Reading.refused(
                    "\"%s\" is no whole number: write it like %s.".formatted(text.strip(), example));
        }
        int number = Integer.parseInt(digits);
        return problem(number).map(Reading::<Integer>refused).orElseGet(() -> Reading.of(number));
    }

    private String sentence(long value) {
        return "%s must be from %d to %d%s, not %d.".formatted(capital(what), least, most, unit, value);
    }

    private static void refuse(String sentence) {
        throw new IllegalArgumentException(sentence);
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
