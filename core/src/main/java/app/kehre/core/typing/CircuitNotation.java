package app.kehre.core.typing;

import java.time.Duration;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import app.kehre.core.plan.Circuit;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;

/** The rounds of a circuit as they are typed: "3 rounds, rest 75 s, by themselves from round 2". */
public final class CircuitNotation {

    private static final Pattern WHOLE = Pattern.compile("(\\d{1,4}) rounds?(?:, rest ([^,]+))?"
            + "(?:, by themselves from round (\\d{1,4}))?");
    private static final String EXAMPLE = "write it like 3 rounds, rest 75 s, by themselves from round 2";

    private CircuitNotation() {}

    /** Prints the rounds in the notation that {@link #parse} reads. */
    public static String print(Circuit circuit) {
        return "%d round%s%s%s".formatted(circuit.rounds(), circuit.rounds() == 1 ? "" : "s",
                circuit.rest().isZero() ? "" : ", rest " + Lengths.notation(circuit.rest()),
                circuit.soloFrom() == 0 ? "" : ", by themselves from round " + circuit.soloFrom());
    }

    /** Returns the circuit with the rounds that the text says. */
    public static Reading<Circuit> parse(Circuit circuit, String text) {
        Matcher parts = WHOLE.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!parts.matches()) {
            return Reading.refused("\"%s\" does not say the rounds: %s.".formatted(text.strip(), EXAMPLE));
        }
        int rounds = Integer.parseInt(parts.group(1));
        int solo = parts.group(3) == null ? 0 : Integer.parseInt(parts.group(3));
        Reading<Duration> rest = parts.group(2) == null
                ? Reading.of(Duration.ZERO)
                : Lengths.parse(parts.group(2));
        if (!rest.problem().isEmpty()) {
            return Reading.refused(rest.problem());
        }
        Duration between = rest.value().orElse(Duration.ZERO);
        Optional<String> problem = Circuit.ROUNDS.problem(rounds).or(() -> Circuit.REST.problem(between))
                .or(() -> Circuit.SOLO.problem(solo));
        return problem.map(Reading::<Circuit>refused)
                .orElseGet(() -> Reading.of(circuit.withRounds(rounds, between, solo)));
    }
}
