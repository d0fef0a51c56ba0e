package app.kehre.core.balance;

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
 */
public record Place(Optional<SegmentId> segment, Optional<EntryId> entry, Duration at) {

    /** The class as a whole. */
    public static final Place CLASS = new Place(Optional.empty(), Optional.empty(), Duration.ZERO);
}
