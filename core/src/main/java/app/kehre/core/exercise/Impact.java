package app.kehre.core.exercise;

import app.kehre.core.value.Named;

/** How hard the feet meet the floor. */
public enum Impact implements Named {
    /** None. */
    NONE("none", "none"),
    /** Low. */
    LOW("low", "low"),
    /** High. */
    HIGH("high", "high");

    private final String key;
    private final String words;

    Impact(String key, String words) {
        this.key = key;
        this.words = words;
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
