package app.kehre.core.exercise;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** Where the body looks when an exercise starts: the front of the room, or the long side of the bench. */
public enum Facing implements Named {
    /** To the front. */
    FRONT("front", "front"),
    /** To the side, one side of the body towards the front. */
    SIDE("side", "side"),
    /** To a corner. */
    DIAGONAL("diagonal", "diagonal"),
    /** To the back. */
    BACK("back", "back"),
    /** Wherever there is room. */
    ANY("any", "any");

    private final Term term;

    Facing(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }
}
