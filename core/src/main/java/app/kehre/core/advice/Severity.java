package app.kehre.core.advice;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** How serious a finding is, the most serious first. */
public enum Severity implements Named {
    /** Can hurt, or cannot work. */
    STOP("stop", "stop", "can hurt"),
    /** The class will suffer. */
    MEND("mend", "mend", "to mend"),
    /** Taste and school. */
    CONSIDER("consider", "consider", "to consider");

    private final Term term;
    private final String said;

    Severity(String key, String words, String said) {
        this.term = new Term(key, words);
        this.said = said;
    }

    /** Returns how an instructor would say it: "to mend". */
    public String said() {
        return said;
    }

    @Override
    public Term term() {
        return term;
    }
}
