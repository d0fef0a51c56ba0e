package app.kehre.core.timeline;

import java.time.Duration;
import java.util.OptionalInt;

import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SegmentId;

/**
 * Work by the clock that is lost because explaining and changing over did not fit in the rest before it.
 *
 * @param segment the segment
 * @param entry the number of the entry whose work is shorter
 * @param round the round of its circuit, from 1; empty outside of circuits
 * @param length how much is lost
 */
public record Lost(SegmentId segment, EntryId entry, OptionalInt round, Duration length) {}
