package app.kehre.core.timeline;

import java.util.Optional;
import java.util.OptionalLong;

import app.kehre.core.choreography.DancedMove;
import app.kehre.core.exercise.Exercise;

/**
 * What is done in a span.
 *
 * @param exercise what is done; the move's own in a build-up; nothing where nobody works, and in a screen
 * @param move the move as it is danced, in a build-up
 * @param unit what is counted
 * @param amount how many of the unit, evenly spaced; 0 where the clock alone says how long
 * @param firstCount the count of the segment's music at which it starts, from 0; empty without music counts
 */
public record Done(Optional<Exercise> exercise, Optional<DancedMove> move, Unit unit, int amount,
        OptionalLong firstCount) {

    /** What is counted in a span. */
    public enum Unit {
        /** Nothing: the clock says how long. */
        SECONDS,
        /** Repetitions, pulses, pairs. */
        REPS,
        /** Counts of music, danced or held. */
        COUNTS,
        /** Breaths. */
        BREATHS
    }

    /** Nothing is done: rest, talk, changing over. */
    public static final Done NOTHING = new Done(Optional.empty(), Optional.empty(), Unit.SECONDS, 0,
            OptionalLong.empty());

    /** Returns so many of a unit, whatever is done. */
    static Done of(Unit unit, int amount) {
        return new Done(Optional.empty(), Optional.empty(), unit, amount, OptionalLong.empty());
    }

    /** Returns a move of a build-up, danced once through its counts. */
    static Done of(DancedMove move) {
        return new Done(Optional.of(move.move()), Optional.of(move), Unit.COUNTS, move.counts(),
                OptionalLong.empty());
    }

    /** Returns it with the exercise that is done, unless it is a move already. */
    Done with(Optional<Exercise> other) {
        return exercise.isPresent() ? this : new Done(other, move, unit, amount, firstCount);
    }

    /** Returns it from a count of the music on. */
    Done from(long count) {
        return new Done(exercise, move, unit, amount, OptionalLong.of(count));
    }

    /**
     * Returns it with another amount.
     *
     * @param other of its unit, 0 or more
     */
    public Done withAmount(int other) {
        return new Done(exercise, move, unit, other, firstCount);
    }

    /** Returns the reps in it; 0 where something else is counted, or nothing. */
    public int reps() {
        return unit == Unit.REPS ? amount : 0;
    }

    /** Returns whether moves of the floor or the step are danced by counts of the music, without sets. */
    public boolean countsOfMusic() {
        return unit == Unit.COUNTS && firstCount.isPresent();
    }
}
