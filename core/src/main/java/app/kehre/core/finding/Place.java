package app.kehre.core.finding;

import java.time.Duration;
import java.util.Optional;

import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SegmentId;

/**
 * Where something is found.
 *
 * @param segment the segment; none for the whole class
 * @param entry the line; none for the whole segment
 * @param at when it begins
 * @param beat where in the combination of the line; none where it is not about a move of one
 */
public record Place(Optional<SegmentId> segment, Optional<EntryId> entry, Duration at, Optional<Beat> beat) {

    /** The class as a whole. */
    public static final Place CLASS = new Place(Optional.empty(), Optional.empty(), Duration.ZERO,
            Optional.empty());

    /**
     * Where in a combination.
     *
     * @param part the move, from 0
     * @param count the count of the music, from 1
     */
    public record Beat(int part, int count) {}

    /** Returns the place of a segment, or of a line in it. */
    public static Place of(SegmentId segment, Optional<EntryId> entry, Duration at) {
        return new Place(Optional.of(segment), entry, at, Optional.empty());
    }

    /** Returns this place, and where in the combination. */
    public Place on(Beat other) {
        return new Place(segment, entry, at, Optional.of(other));
    }
}
