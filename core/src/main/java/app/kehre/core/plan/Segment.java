package app.kehre.core.plan;

import java.time.Duration;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.Stream;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.School;
import app.kehre.core.exercise.Role;
import app.kehre.core.music.Bpm;
import app.kehre.core.value.Range;

/**
 * A part of the class.
 *
 * @param id what tells it from all other segments of the plan
 * @param name what it is called, at most {@value #LONGEST_NAME} characters
 * @param role what it is for
 * @param target how long it is meant to be, 0 to 180 min; 0 is no target
 * @param bpm the tempo of its music
 * @param entries its lines, in order
 * @param pacing how it is taught where that differs from the class
 * @param standsAlone whether it belongs to a shorter cut of the class
 * @param leftOut whether the class is cut so that it is not taught now; nothing of it is lost
 * @param note the instructor's own words that belong to no line of it, line by line; at most {@value #LONGEST_NOTE} characters
 */
public record Segment(SegmentId id, String name, Role role, Duration target, Bpm bpm, List<Entry> entries,
        Pacing pacing, boolean standsAlone, boolean leftOut, String note) {

    /** The longest note, in characters: what still prints on a page. */
    public static final int LONGEST_NOTE = 2000;
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
        if (note.length() > LONGEST_NOTE) {
            throw new IllegalArgumentException("A segment's note must have at most %d characters, not %d."
                    .formatted(LONGEST_NOTE, note.length()));
        }
        entries = List.copyOf(entries);
        BuildUp.problem(entries).ifPresent(sentence -> {
            throw new IllegalArgumentException(sentence);
        });
    }

    /** Returns a segment that is part of the whole class only. */
    public Segment(SegmentId id, String name, Role role, Duration target, Bpm bpm, List<Entry> entries) {
        this(id, name, role, target, bpm, entries, Pacing.AS_CLASS, false, false, "");
    }

    /** Returns the segment as part of a shorter cut, or not. */
    public Segment withStandsAlone(boolean other) {
        return new Segment(id, name, role, target, bpm, entries, pacing, other, leftOut, note);
    }

    /** Returns the segment left out of the class, or taken in again. */
    public Segment withLeftOut(boolean other) {
        return new Segment(id, name, role, target, bpm, entries, pacing, standsAlone, other, note);
    }

    /** Returns the segment with other lines. */
    public Segment withEntries(List<Entry> other) {
        return new Segment(id, name, role, target, bpm, other, pacing, standsAlone, leftOut, note);
    }

    /** Returns the segment taught in another way. */
    public Segment with(Pacing other) {
        return new Segment(id, name, role, target, bpm, entries, other, standsAlone, leftOut, note);
    }

    /** Returns the style in which it is taught in a class. */
    public School.Teaching teaching(Brief brief) {
        return pacing.teaching().orElseGet(brief::teaching);
    }

    /** Returns the segment under another name. */
    public Segment withName(String other) {
        return new Segment(id, other, role, target, bpm, entries, pacing, standsAlone, leftOut, note);
    }

    /** Returns the segment for another role. */
    public Segment withRole(Role other) {
        return new Segment(id, name, other, target, bpm, entries, pacing, standsAlone, leftOut, note);
    }

    /** Returns the segment with another target, in whole seconds. */
    public Segment withTarget(Duration other) {
        return new Segment(id, name, role, other.truncatedTo(ChronoUnit.SECONDS), bpm, entries, pacing,
                standsAlone, leftOut, note);
    }

    /** Returns the segment with other words that belong to no line of it. */
    public Segment withNote(String other) {
        return new Segment(id, name, role, target, bpm, entries, pacing, standsAlone, leftOut, other);
    }

    /** Returns its lines as they are written below each other: each circuit, then what is inside. */
    public Stream<Entry> lines() {
        return entries.stream().mapMulti((entry, each) -> {
            each.accept(entry);
            entry.inside().forEach(each);
        });
    }

    /** Returns its items, those of circuits included. */
    public Stream<Item> items() {
        return entries.stream().mapMulti((entry, each) -> entry.items().forEach(each));
    }

    /** Returns the segment at another tempo. */
    public Segment withBpm(Bpm other) {
        return new Segment(id, name, role, target, other, entries, pacing, standsAlone, leftOut, note);
    }
}
