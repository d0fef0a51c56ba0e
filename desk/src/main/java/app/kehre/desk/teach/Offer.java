package app.kehre.desk.teach;

import java.util.List;

import app.kehre.core.catching.InWords;
import app.kehre.core.catching.Rest;
import app.kehre.core.plan.EntryId;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;

/**
 * What stands ready so that the class ends on time.
 *
 * @param rest what it was made for
 * @param proposal the ways, or why there is none
 * @param lines the ways in words, in the order of the ways
 * @param shown which way is shown, from 0
 * @param kept whether it is to be taken by itself
 */
record Offer(Rest rest, Proposal proposal, List<List<InWords.Line>> lines, int shown, boolean kept) {

    /** Words a proposal; to be done beside the JavaFX thread. */
    static Offer of(Rest rest, Proposal proposal, boolean kept) {
        return new Offer(rest, proposal,
                proposal.ways().stream().map(way -> InWords.of(way, rest)).toList(), 0, kept);
    }

    /** Returns whether there is a way. */
    boolean canBeTaken() {
        return !proposal.ways().isEmpty();
    }

    /** Returns whether the class is late; else it has time left. */
    boolean late() {
        return kept || rest.over().isPositive();
    }

    /** Returns the way that is shown. */
    Way way() {
        return proposal.ways().get(shown);
    }

    /** Returns the words of the way that is shown. */
    List<InWords.Line> words() {
        return canBeTaken() ? lines.get(shown) : List.of();
    }

    /** Returns the offer with its next way shown, after the last the first. */
    Offer next() {
        int ways = proposal.ways().size();
        return new Offer(rest, proposal, lines, ways == 0 ? 0 : (shown + 1) % ways, kept);
    }

    /** Returns the lines of the class that the way is about. */
    List<EntryId> entries() {
        return canBeTaken()
                ? way().changes().stream().flatMap(change -> change.entry().stream()).toList()
                : List.of();
    }
}
