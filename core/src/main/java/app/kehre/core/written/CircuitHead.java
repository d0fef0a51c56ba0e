package app.kehre.core.written;

import java.time.Duration;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.typing.CircuitNotation;
import app.kehre.core.value.Reading;

/**
 * The line that begins a circuit: "3 rounds, rest 30 s: Legs; a note".
 *
 * @param rounds how often and with which rests, as written
 * @param name of the circuit; may be empty
 * @param note the instructor's own words; may be empty
 */
public record CircuitHead(String rounds, String name, String note) {

    /** The colon of a time has no space behind it. */
    private static final Pattern ROUNDS_AND_NAME = Pattern.compile("(.*?):(?: (.*)|)");
    private static final Pattern BEGINNING = Pattern.compile("\\d{1,2} rounds?\\b.*");
    private static final String USUAL_NAME = "Circuit";

    /** Returns whether a line begins a circuit. */
    public static boolean is(String line) {
        return BEGINNING.matcher(line.strip()).matches();
    }

    /** Takes a line apart. */
    public static CircuitHead of(String line) {
        String text = line.strip();
        int semicolon = text.indexOf(';');
        String head = semicolon < 0 ? text : text.substring(0, semicolon).strip();
        Matcher parts = ROUNDS_AND_NAME.matcher(head);
        boolean named = parts.matches();
        return new CircuitHead(named ? parts.group(1).strip() : head,
                named && parts.group(2) != null ? parts.group(2).strip() : "",
                semicolon < 0 ? "" : text.substring(semicolon + 1).strip());
    }

    /** Returns the circuit with its lines, or why it cannot be. */
    public Reading<Circuit> built(EntryId id, List<Entry> inside) {
        try {
            return CircuitNotation
                    .parse(new Circuit(id, name.isEmpty() ? USUAL_NAME : name, 1, Duration.ZERO, 0,
                            inside, note), rounds);
        } catch (IllegalArgumentException refusal) {
            return Reading.refused(String.valueOf(refusal.getMessage()));
        }
    }
}
