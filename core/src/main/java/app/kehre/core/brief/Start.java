package app.kehre.core.brief;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** How people are placed when the class begins. */
public enum Start implements Named {
    /** On the feet. */
    STANDING("standing", "standing"),
    /** On the floor, on their mats. */
    ON_THE_FLOOR("on-the-floor", "on the floor"),
    /** On chairs. */
    ON_CHAIRS("on-chairs", "on chairs");

    private final Term term;

    Start(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }
}
