package app.kehre.core.balance;

import java.time.Duration;

/**
 * Where something is found.
 *
 * @param segment the number of the segment; 0 for the whole class
 * @param entry the number of the line; 0 for the whole segment
 * @param at when it begins
 */
public record Place(int segment, int entry, Duration at) {

    /** The class as a whole. */
    public static final Place CLASS = new Place(0, 0, Duration.ZERO);
}
