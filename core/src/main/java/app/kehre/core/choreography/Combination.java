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
 * @param parts in order, at most 64; none while it is being made
 * @param known whether the group knows it already
 */
public record Combination(String name, List<Part> parts, boolean known) {

    /** Counts in a phrase. */
    public static final int PHRASE = 32;
    /** The longest name, in characters. */
    public static final int LONGEST_NAME = 60;
    /** The moves of a combination. */
    public static final Range PARTS = Range.of("the moves of a combination", 0, 64);

    public Combination {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(
                    "A combination's name must have from 1 to %d characters, not %d."
                            .formatted(LONGEST_NAME, name.length()));
        }
        PARTS.check(parts.size());
        parts = List.copyOf(parts);
    }

    /** Returns a new combination. */
    public static Combination of(String name, Part... parts) {
        return new Combination(name, List.of(parts), false);
    }

    /** Returns the half-counts of the music that it lasts. */
    public int halfCounts() {
        return parts.stream().mapToInt(Part::halfCounts).sum();
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
        return parts.isEmpty() ? Side.RIGHT : parts.getFirst().lead();
    }

    /** Returns whether it is danced on a step. */
    public boolean onStep() {
        return parts.stream().anyMatch(part -> part.move().onStep());
    }

    /** Returns how one stands before it: where its first move needs it, on the foot that does not lead. */
    public Stance start() {
        return start(parts, onStep());
    }

    static Stance start(List<Part> parts, boolean onStep) {
        Side lead = parts.isEmpty() ? Side.RIGHT : parts.getFirst().lead();
        Row.From from = parts.isEmpty() ? Row.From.ANYWHERE : parts.getFirst().row(0).from();
        int turnIn = parts.isEmpty() ? 0 : parts.getFirst().turnIn();
        return (onStep ? Stance.before(from, lead) : Stance.OPEN).turned(-turnIn).on(lead.other());
    }

    /** Returns the combination led by the other foot. */
    public Combination mirrored() {
        return withParts(parts.stream().map(Part::mirrored).toList());
    }

    /** Returns it with other moves. */
    public Combination withParts(List<Part> others) {
        return new Combination(name, others, known);
    }

    /** Returns it under another name. */
    public Combination withName(String other) {
        return new Combination(other, parts, known);
    }

    /** Returns it as known to the group, or not. */
    public Combination withKnown(boolean other) {
        return new Combination(name, parts, other);
    }

    /** Returns it with a move changed. */
    public Combination with(int at, UnaryOperator<Part> change) {
        return changed(others -> others.set(at, change.apply(others.get(at))));
    }

    /** Returns it with a move added at a place, 0 to the number of moves. */
    public Combination add(int at, Part part) {
        return changed(others -> others.add(at, part));
    }

    /** Returns it without a move. */
    public Combination remove(int at) {
        return changed(others -> others.remove(at));
    }

    /** Returns it with a move put elsewhere, the place counted without it. */
    public Combination move(int from, int to) {
        return changed(others -> others.add(Math.clamp(to, 0, others.size() - 1), others.remove(from)));
    }

    /** Returns it with every move from a place on led by the other foot. */
    public Combination mirroredFrom(int at) {
        return changed(others -> others.subList(at, others.size()).replaceAll(Part::mirrored));
    }

    private Combination changed(Consumer<List<Part>> change) {
        List<Part> others = new ArrayList<>(parts);
        change.accept(others);
        return withParts(others);
    }
}
