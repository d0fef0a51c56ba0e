package app.kehre.core.plan;

import app.kehre.core.value.Named;

/** Which option of an exercise is asked for. */
public enum Variant implements Named {
    /** The easier option. */
    EASIER("easier", "easier"),
    /** As the library says. */
    STANDARD("standard", "standard"),
    /** The harder option. */
    HARDER("harder", "harder");

    private final String key;
    private final String words;

    Variant(String key, String words) {
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
