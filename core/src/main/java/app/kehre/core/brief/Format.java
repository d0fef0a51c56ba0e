package app.kehre.core.brief;

import app.kehre.core.term.Named;

/** What kind of class it is (craft.md 1). */
public enum Format implements Named {
    /** Choreographed low impact. */
    LOW_IMPACT("choreographed low impact"),
    /** Choreographed step. */
    STEP("choreographed step"),
    /** Timed circuit. */
    CIRCUIT("timed circuit"),
    /** Rep-count conditioning. */
    CONDITIONING("rep-count conditioning"),
    /** Flowing stretch and tone. */
    STRETCH_AND_TONE("flowing stretch and tone"),
    /** A mixture. */
    MIXED("mixture");

    private final String words;

    Format(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
