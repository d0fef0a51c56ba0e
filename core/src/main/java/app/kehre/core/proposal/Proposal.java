package app.kehre.core.proposal;

import java.util.List;

import app.kehre.core.value.Reading;

/** What a solver answers when it is asked for another class: ways to choose from, or why there is none. */
public sealed interface Proposal {

    /**
     * There is something to choose from.
     *
     * @param ways the best first; at least one
     */
    record Proposed(List<Way> ways) implements Proposal {
        public Proposed {
            ways = List.copyOf(ways);
            if (ways.isEmpty()) {
                throw new IllegalArgumentException("A proposal without a way is a refusal, and says why.");
            }
        }

        @Override
        public String reason() {
            return "";
        }
    }

    /**
     * There is nothing to propose.
     *
     * @param reason why, a sentence ready to be shown
     */
    record Refused(String reason) implements Proposal {
        @Override
        public List<Way> ways() {
            return List.of();
        }
    }

    /** Returns the ways, the best first; none when it is refused. */
    List<Way> ways();

    /** Returns why there is none; empty when there is one. */
    String reason();

    /** Returns the proposal of the one way that was found, or the refusal. */
    static Proposal of(Reading<Way> found) {
        return found.value().<Proposal>map(way -> new Proposed(List.of(way)))
                .orElseGet(() -> new Refused(found.problem()));
    }
}
