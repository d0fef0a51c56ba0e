package app.kehre.core.footwork;

import app.kehre.core.value.Side;

/** A foot, named by its part in a move. */
public enum Foot {
    /** The foot that leads. */
    LEAD("A"),
    /** The other foot. */
    OTHER("B");

    private final String letter;

    Foot(String letter) {
        this.letter = letter;
    }

    /** Returns "A" for the lead foot, "B" for the other, as in the notation. */
    public String letter() {
        return letter;
    }

    /** Returns the other one of the two. */
    public Foot other() {
        return this == LEAD ? OTHER : LEAD;
    }

    /** Returns the side it is on when a side leads. */
    public Side side(Side lead) {
        return this == LEAD ? lead : lead.other();
    }
}
