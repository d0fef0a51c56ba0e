package app.kehre.core.timeline;

import java.time.Duration;

/**
 * Work by the clock that is lost because explaining and changing over did not fit in the rest before it.
 *
 * @param segment the segment's number
 * @param entry the number of the entry whose work is shorter
 * @param round the round of its circuit, from 1; 0 outside of circuits
 * @param length how much is lost
 */
public record Lost(int segment, int entry, int round, Duration length) {}
