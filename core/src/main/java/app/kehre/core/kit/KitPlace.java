package app.kehre.core.kit;

import app.kehre.core.value.Named;

/** Where a piece of equipment lies when it is not in use. */
public enum KitPlace implements Named {
    /** Beside each person. */
    AT_HAND("at-hand", "at hand"),
    /** Set out at each person's place before the class starts. */
    SET_OUT("set-out", "set out"),
    /** By the wall, to be fetched. */
    BY_THE_WALL("by-the-wall", "by the wall"),
    /** Part of the room. */
    FIXED("fixed", "part of the room"),
    /** On the person. */
    WORN("worn", "on the person");

    private final String key;
    private final String words;

    KitPlace(String key, String words) {
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
