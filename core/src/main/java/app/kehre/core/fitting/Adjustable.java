package app.kehre.core.fitting;
import java.time.Duration;
import java.util.List;

import app.kehre.core.proposal.Change;

/**
 * Something in a class that can be made shorter or longer.
 *
 * @param options what can be done with it, one of them at the most
 */
record Adjustable(List<Option> options) {

    /**
     * Something that can be done.
     *
     * @param change what
     * @param adds by how much the class would be longer; below zero shorter
     * @param size how large the change is: the share of a dose, rounds, steps of a rest, phrases, lines
     * @param weight how much it matters here
     */
    record Option(Change change, Duration adds, double size, double weight) {}

    Adjustable {
        options = List.copyOf(options);
    }
}
