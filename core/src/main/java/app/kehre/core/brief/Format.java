package app.kehre.core.brief;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** What kind of class it is (craft.md 1). */
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
