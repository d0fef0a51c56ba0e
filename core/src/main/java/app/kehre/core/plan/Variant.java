package app.kehre.core.plan;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** Which option of an exercise is asked for. */
public enum Variant implements Named {
    /** The easier option. */
    EASIER("easier", "easier"),
    /** As the library says. */
    STANDARD("standard", "standard"),
    /** The harder option. */
    HARDER("harder", "harder");

    private final Term term;

    Variant(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }
}
