package app.kehre.core.choreography;

import java.util.Optional;

import app.kehre.core.dose.Counts.Pace;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.footwork.Row;
import app.kehre.core.footwork.RowFacts;

/** The move that is taught first in the place of another: it fills the same counts, and taps at its end where it would leave the other foot free. */
public final class Plain {

    private Plain() {}

    /** Returns why a move cannot be taught first in the place of another; empty when it can. */
    public static Optional<String> problem(DancedMove danced, Exercise other) {
        return problem(danced.move(), danced.times(), danced.pace(), other);
    }

    static void check(Exercise move, int times, Pace pace, Exercise other) {
        problem(move, times, pace, other).ifPresent(sentence -> {
            throw new IllegalArgumentException(sentence);
        });
    }

    private static Optional<String> problem(Exercise move, int times, Pace pace, Exercise other) {
        if (other.footwork().isEmpty()) {
            return Optional.of("\"%s\" has no footwork, so it cannot stand for \"%s\" at first."
                    .formatted(other.name(), move.name()));
        }
        int halfCounts = row(move).counts() * times * pace.halfCounts();
        if (halfCounts % (2 * row(other).counts()) != 0
                || times(move, times, pace, other) > DancedMove.TIMES.most()) {
            return Optional.of(("\"%s\" has %d counts and cannot stand for \"%s\" at first, which has %d:"
                    + " choose one whose counts go into those.").formatted(other.name(), row(other).counts(),
                            move.name(), Math.ceilDiv(halfCounts, 2)));
        }
        return Optional.empty();
    }

    /** How often it is danced in the place of the other. */
    static int times(Exercise move, int times, Pace pace, Exercise other) {
        return Math.max(1, row(move).counts() * times * pace.halfCounts() / (2 * row(other).counts()));
    }

    /** Whether it leaves the other foot free than the move itself. */
    static boolean endsOnOther(Exercise move, int times, Pace pace, Exercise other) {
        return changes(other, times(move, times, pace, other)) != changes(move, times);
    }

    private static boolean changes(Exercise move, int times) {
        return RowFacts.of(row(move)).after() == RowFacts.After.CHANGES && times % 2 == 1;
    }

    private static Row row(Exercise move) {
        return move.footwork().orElseThrow();
    }
}
