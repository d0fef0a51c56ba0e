package app.kehre.core.stepping;

import app.kehre.core.choreography.Combination;

/**
 * A way to mend a misstep.
 *
 * @param words what is done: "Basic step, left"
 * @param effect what it brings: "the rest mirrored"; may be empty
 * @param mended the combination with it done
 */
record Repair(String words, String effect, Combination mended) {

    /** "Basic step, left, the rest mirrored". */
    String said() {
        return effect.isEmpty() ? words : words + ", " + effect;
    }
}
