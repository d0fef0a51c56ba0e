package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

import app.kehre.core.footwork.Row;
import app.kehre.core.footwork.Stance;
import app.kehre.core.value.Range;
import app.kehre.core.value.Side;

/**
 * Moves in a row that fill phrases of music.
 *
 * @param name at most {@value #LONGEST_NAME} characters
 * @param moves in order, at most 64; none while it is being made
 * @param known whether the group knows it already
 */
public record Combination(String name, List<DancedMove> moves, boolean known) {

    /** Counts in a phrase. */
    public static final int PHRASE = 32;
    /** The longest name, in characters. */
    public static final int LONGEST_NAME = 60;
    /** The moves of a combination. */
    public static final Range MOVES = Range.of("the moves of a combination", 0, 64);

    public Combination {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(
                    "A combination's name must have from 1 to %d characters, not %d."
                            .formatted(LONGEST_NAME, name.length()));
        }
        MOVES.check(moves.size());
        moves = List.copyOf(moves);
    }

    /** Returns a new combination. */
    public static Combination of(String name, DancedMove... moves) {
        return new Combination(name, List.of(moves), false);
    }

    /** Returns the half-counts of the music that it lasts. */
    public int halfCounts() {
        return moves.stream().mapToInt(DancedMove::halfCounts).sum();
    }

    /** Returns the counts of the music that it lasts. */
    public int counts() {
        return Math.ceilDiv(halfCounts(), 2);
    }

    /** Returns the phrases that it takes, the last one begun counted whole; 1 at least. */
    public int phrases() {
        return Math.max(1, Math.ceilDiv(counts(), PHRASE));
    }

    /** Returns the side that leads first; right while there are no moves. */
    public Side lead() {
        return moves.isEmpty() ? Side.RIGHT : moves.getFirst().lead();
    }

    /** Returns whether it is danced on a step. */
    public boolean onStep() {
        return moves.stream().anyMatch(danced -> danced.move().onStep());
    }

    /** Returns how one stands before it: where its first move needs it, on the foot that does not lead. */
    public Stance start() {
        return start(moves, onStep());
    }

    static Stance start(List<DancedMove> moves, boolean onStep) {
        Side lead = moves.isEmpty() ? Side.RIGHT : moves.getFirst().lead();
        Row.From from = moves.isEmpty() ? Row.From.ANYWHERE : moves.getFirst().row(0).from();
        int turnIn = moves.isEmpty() ? 0 : moves.getFirst().turnIn();
        return (onStep ? Stance.before(from, lead) : Stance.OPEN).turned(-turnIn).on(lead.other());
    }

    /** Returns the combination led by the other foot. */
    public Combination mirrored() {
        return withParts(moves.stream().map(DancedMove::mirrored).toList());
    }

    /** Returns it with other moves. */
    public Combination withParts(List<DancedMove> others) {
        return new Combination(name, others, known);
    }

    /** Returns it under another name. */
    public Combination withName(String other) {
        return new Combination(other, moves, known);
    }

    /** Returns it as known to the group, or not. */
    public Combination withKnown(boolean other) {
        return new Combination(name, moves, other);
    }

    /**
     * Returns it with a move changed.
     *
     * @param at the place of the move, from 0
     */
    public Combination with(int at, UnaryOperator<DancedMove> change) {
        return changed(others -> others.set(at, change.apply(others.get(at))));
    }

    /**
     * Returns it with a move added at a place, 0 to the number of moves.
     *
     * @param at the place, from 0 to the number of moves
     */
    public Combination add(int at, DancedMove danced) {
        return changed(others -> others.add(at, danced));
    }

    /**
     * Returns it without a move.
     *
     * @param at the place of the move, from 0
     */
    public Combination remove(int at) {
        return changed(others -> others.remove(at));
    }

    /**
     * Returns it with a move put elsewhere, the place counted without it.
     *
     * @param from its place, from 0
     * @param to the place that it gets, from 0
     */
    public Combination move(int from, int to) {
        return changed(others -> others.add(Math.clamp(to, 0, others.size() - 1), others.remove(from)));
    }

    /**
     * Returns it with every move from a place on led by the other foot.
     *
     * @param at the place of the first move that is mirrored, from 0
     */
    public Combination mirroredFrom(int at) {
        return changed(others -> others.subList(at, others.size()).replaceAll(DancedMove::mirrored));
    }

    private Combination changed(Consumer<List<DancedMove>> change) {
        List<DancedMove> others = new ArrayList<>(moves);
        change.accept(others);
        return withParts(others);
    }
}
