package app.kehre.core.exercise;

import app.kehre.core.term.Named;

/** Where the body looks when an exercise starts: the front of the room, or the long side of the bench. */
public enum Facing implements Named {
    /** To the front. */
    FRONT("front"),
    /** To the side, one side of the body towards the front. */
    SIDE("side"),
    /** To a corner. */
    DIAGONAL("diagonal"),
    /** To the back. */
    BACK("back"),
    /** Wherever there is room. */
    ANY("any");

    private final String words;

    Facing(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
