package app.kehre.core.timeline;

import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SegmentId;

/**
 * Explaining that lies over the movement and so costs no time.
 *
 * @param stretch when
 * @param segment the segment
 * @param entry the number of the entry that is explained
 */
public record Over(Stretch stretch, SegmentId segment, EntryId entry) {}
