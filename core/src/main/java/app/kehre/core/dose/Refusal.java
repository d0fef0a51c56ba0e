package app.kehre.core.dose;

import java.util.List;

/** A typed text cannot be understood. Never leaves the readers of this package. */
final class Refusal extends IllegalArgumentException {

    private final transient List<String> choices;

    Refusal(String sentence, String... choices) {
        super(sentence);
        this.choices = List.of(choices);
    }

    List<String> choices() {
        return choices;
    }
}
