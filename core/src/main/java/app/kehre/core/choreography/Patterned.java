package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.dose.CountPattern;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.value.Side;

/**
 * A move danced in a count pattern: the row that each part asks for, one after the other, each on the foot that is
 * free then.
 *
 * @param dance the parts in a row, all times of the pattern as far as a combination holds them
 * @param unfit what cannot be danced so, in words; the plain move is danced there
 */
public record Patterned(Combination dance, List<Unfit> unfit) {

    /**
     * A part that does not go with the move.
     *
     * @param part which, from 0
     * @param words why not, one sentence
     * @param nearest counts that the part could have instead; the same when another number does not help
     */
    public record Unfit(int part, String words, int nearest) {}

    public Patterned {
        unfit = List.copyOf(unfit);
    }

    /**
     * Dances a pattern.
     *
     * @param lead the side that leads first, right or left
     * @return nothing for a move without footwork
     */
    public static Optional<Patterned> of(Exercise move, CountPattern pattern, Side lead) {
        return move.footwork().map(row -> new PatternDance(move, row, pattern, lead).danced());
    }

    /** Returns the first time of the pattern alone. */
    public Combination once(CountPattern pattern) {
        List<DancedMove> first = new ArrayList<>();
        int halfCounts = pattern.counts() * pattern.pace().halfCounts();
        int at = 0;
        for (DancedMove danced : dance.moves()) {
            if (at < halfCounts) {
                first.add(danced);
                at += danced.halfCounts();
            }
        }
        return dance.withParts(first);
    }

    /** Returns what each leg does. */
    public Legs legs() {
        return Legs.of(dance);
    }
}
