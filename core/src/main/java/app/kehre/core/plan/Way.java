package app.kehre.core.plan;

import app.kehre.core.term.Named;

/** Which option of an exercise is asked for. */
public enum Way implements Named {
    /** The easier option. */
    EASIER("easier"),
    /** As the library says. */
    STANDARD("standard"),
    /** The harder option. */
    HARDER("harder");

    private final String words;

    Way(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
