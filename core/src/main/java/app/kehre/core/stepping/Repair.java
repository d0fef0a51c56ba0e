package app.kehre.core.stepping;

import app.kehre.core.choreography.Combination;

/**
 * A way to mend a misstep.
 *
 * @param words what is done: "Basic step, left"
 * @param effect what it brings: "the rest mirrored"
 * @param mended the combination with it done
 */
record Repair(String words, String effect, Combination mended) {}
