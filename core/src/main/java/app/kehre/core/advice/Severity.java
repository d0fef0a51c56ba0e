package app.kehre.core.advice;

import app.kehre.core.value.Named;

/** How serious a finding is, the most serious first. */
public enum Severity implements Named {
    /** Can hurt, or cannot work. */
    STOP("stop", "stop", "can hurt"),
    /** The class will suffer. */
    MEND("mend", "mend", "to mend"),
    /** Taste and school. */
    CONSIDER("consider", "consider", "to consider");

    private final String key;
    private final String words;
    private final String said;

    Severity(String key, String words, String said) {
        this.key = key;
        this.words = words;
        this.said = said;
    }

    /** Returns how an instructor would say it: "to mend". */
    public String said() {
        return said;
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String words() {
        return words;
    }
}
