package app.kehre.core.log;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.SegmentId;

/**
 * A segment of a class as it was planned and as it was taught.
 *
 * @param segment which
 * @param name what it was called
 * @param role what it is for
 * @param times how long it was thought to take, and took
 */
public record SegmentRecord(SegmentId segment, String name, Role role, Times times) {}
