package app.kehre.core.advice;

import app.kehre.core.term.Named;

/** How serious a finding is, the most serious first. */
public enum Severity implements Named {
    /** Can hurt, or cannot work. */
    STOP("stop"),
    /** The class will suffer. */
    MEND("mend"),
    /** Taste and school. */
    CONSIDER("consider");

    private final String words;

    Severity(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
