package app.kehre.core.kit;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

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

    private final Term term;

    KitPlace(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }
}
