package app.kehre.core.advice;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** How serious a finding is, the most serious first. */
public enum Severity implements Named {
    /** Can hurt, or cannot work. */
    STOP("stop", "Stop"),
    /** The class will suffer. */
    FIX("fix", "Fix"),
    /** A figure without a clear edge, or a matter of taste and school. */
    WATCH("watch", "Watch");

    private final Term term;

    Severity(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }
}
