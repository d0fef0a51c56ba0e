package app.kehre.core.exercise;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** How hard the feet meet the floor. */
public enum Impact implements Named {
    /** None. */
    NONE("none", "none"),
    /** Low. */
    LOW("low", "low"),
    /** High. */
    HIGH("high", "high");

    private final Term term;

    Impact(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }
}
