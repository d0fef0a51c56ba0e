package app.kehre.core.people;

import app.kehre.core.people.Group.Mix;

/** How used to choreography a group is. */
public enum Level {
    /** New to it. */
    NEWCOMERS("newcomers"),
    /** Here most weeks. */
    REGULARS("regulars"),
    /** Used to much more. */
    EXPERIENCED("experienced");

    /** From this share on the newcomers set the level, in per cent. Kehre's estimate. */
    static final int MANY_NEW = 40;
    /** From this share on the athletic ones set the level, in per cent. Kehre's estimate. */
    static final int MANY_ATHLETIC = 60;

    private final String words;

    Level(String words) {
        this.words = words;
    }

    /** Returns it in words. */
    public String words() {
        return words;
    }

    /** Returns the level of a mix of people. */
    public static Level of(Mix mix) {
        return mix.newcomers() >= MANY_NEW
                ? NEWCOMERS
                : mix.athletic() >= MANY_ATHLETIC ? EXPERIENCED : REGULARS;
    }
}
