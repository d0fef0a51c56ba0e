package app.kehre.core.exercise;

import app.kehre.core.term.Named;

/** How hard the feet meet the floor. */
public enum Impact implements Named {
    /** None. */
    NONE("none"),
    /** Low. */
    LOW("low"),
    /** High. */
    HIGH("high");

    private final String words;

    Impact(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
