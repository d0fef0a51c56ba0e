package app.kehre.core.plan;

import java.time.Duration;
import java.util.List;

import app.kehre.core.dose.Bpm;
import app.kehre.core.dose.Range;
import app.kehre.core.exercise.Role;

/**
 * A part of the class.
 *
 * @param id the number that tells it from all other segments of the plan, 1 or more
 * @param name what it is called, at most {@value #LONGEST_NAME} characters
 * @param role what it is for
 * @param target how long it is meant to be, 0 to 180 min; 0 is no target
 * @param bpm the tempo of its music
 * @param entries its lines, in order
 */
public record Segment(int id, String name, Role role, Duration target, Bpm bpm, List<Entry> entries) {

    /** The longest name, in characters. */
    public static final int LONGEST_NAME = 80;
    /** The target length. */
    public static final Range TARGET = Range.ofSeconds("a segment's target", 0, 10_800);

    public Segment {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(
                    "A segment's name must have from 1 to %d characters, not %d.".formatted(LONGEST_NAME,
                            name.length()));
        }
        TARGET.check(target);
        entries = List.copyOf(entries);
    }

    /** Returns the segment with other lines. */
    public Segment withEntries(List<Entry> other) {
        return new Segment(id, name, role, target, bpm, other);
    }

    /** Returns the segment under another name. */
    public Segment withName(String other) {
        return new Segment(id, other, role, target, bpm, entries);
    }

    /** Returns the segment for another role. */
    public Segment withRole(Role other) {
        return new Segment(id, name, other, target, bpm, entries);
    }

    /** Returns the segment with another target length. */
    public Segment withTarget(Duration other) {
        return new Segment(id, name, role, other, bpm, entries);
    }

    /** Returns the segment at another tempo. */
    public Segment withBpm(Bpm other) {
        return new Segment(id, name, role, target, other, entries);
    }
}
