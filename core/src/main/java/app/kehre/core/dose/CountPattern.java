package app.kehre.core.dose;

import java.util.List;

import app.kehre.core.value.Side;

/**
 * A pattern of counts with a slot for the move: singles, a repeater, doubles, travel there and back. The
 * same pattern can be done with any move.
 *
 * @param times how often, 1 to 60
 * @param parts in order, 1 to 12
 * @param pace how the danced count stands to the music
 * @param sides how the sides share the work
 */
public record CountPattern(int times, List<Part> parts, Counts.Pace pace, Sides sides) implements Dose {

    /**
     * A part of the pattern.
     *
     * @param words what is done with the move, such as "singles"
     * @param counts 1 to 256, as danced
     */
    public record Part(String words, int counts) {
        public Part {
            if (!words.matches("\\p{Ll}+([ -]\\p{Ll}+){0,5}")) {
                throw new IllegalArgumentException(
                        "A part of a pattern is a few words and its counts, such as singles 16, not \"%s\"."
                                .formatted(words));
            }
            Limits.PART_COUNTS.check(counts);
        }
    }

    public CountPattern {
        Limits.ROUNDS.check(times);
        Limits.STAGES.check(parts.size());
        parts = List.copyOf(parts);
    }

    /** Returns the side that leads first. */
    public Side firstLead() {
        Side first = sides.order(1).getFirst();
        return first == Side.BOTH ? Side.RIGHT : first;
    }

    /** Returns the counts of one pass. */
    public int counts() {
        return parts.stream().mapToInt(Part::counts).sum();
    }

    @Override
    public CountPattern withSides(Sides other) {
        return new CountPattern(times, parts, pace, other);
    }
}
