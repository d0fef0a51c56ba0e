package app.kehre.core.timeline;

/**
 * Explaining that lies over the movement and so costs no time.
 *
 * @param stretch when
 * @param segment the segment's number
 * @param entry the number of the entry that is explained
 */
public record Over(Stretch stretch, int segment, int entry) {}
