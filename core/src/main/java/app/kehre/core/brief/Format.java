package app.kehre.core.brief;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** What kind of class it is (craft.md 1; good classes of each kind have a shape of their own). */
public enum Format implements Named {
    /** Choreographed low impact. */
    LOW_IMPACT("low-impact", "choreographed low impact"),
    /** Choreographed step. */
    STEP("step", "choreographed step"),
    /** Timed circuit. */
    CIRCUIT("circuit", "timed circuit"),
    /** Rep-count conditioning. */
    CONDITIONING("conditioning", "rep-count conditioning"),
    /** Flowing stretch and tone. */
    STRETCH_AND_TONE("stretch-and-tone", "flowing stretch and tone"),
    /** On mats: the trunk, the back, stretches. */
    FLOOR("floor", "floor, core and stretch"),
    /** On and behind chairs, for older people above all. */
    CHAIR("chair", "chair and older people"),
    /** For who expects a child or has had one lately. */
    EXPECTING("expecting", "expecting or after birth"),
    /** A quarter of an hour with one block. */
    EXPRESS("express", "express"),
    /** A mixture. */
    MIXED("mixed", "mixture");

    private final Term term;

    Format(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }
}
