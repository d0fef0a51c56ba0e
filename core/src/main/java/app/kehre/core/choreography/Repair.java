package app.kehre.core.choreography;

/**
 * A way to mend a misstep.
 *
 * @param words what is done: "Basic step, left"
 * @param effect what it brings: "the rest mirrored"
 * @param mended the combination with it done
 */
public record Repair(String words, String effect, Combination mended) {}
