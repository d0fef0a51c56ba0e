package app.kehre.core.choreography;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** A way to build a combination up before the group's eyes. */
public enum Method implements Named {
    /** A, AB, ABC: each new piece is joined to what is known. */
    ADD_ON("add-on", "add-on", "A, then A and B, then A, B and C: each new piece joins what they know"),
    /** A, B, AB; C, D, CD; all. */
    LINK("link", "link", "A, B, both; C, D, both; then all: pieces alone, then linked"),
    /** A plain base, then arms, direction, rhythm and hop. */
    LAYERING("layering", "layering",
            "the whole thing plain, then arms, direction, rhythm, and a hop as an option"),
    /** Eight of each, four, two, one. */
    REDUCTION("reduction", "reduction", "eight of each, then four, two, one"),
    /** Add-on without the arms, a reduction, then the layers. */
    MIXTURE("mixture", "mixture", "pieces joined plainly, then two of each, then the layers");

    private final Term term;
    private final String how;

    Method(String key, String words, String how) {
        this.term = new Term(key, words);
        this.how = how;
    }

    @Override
    public Term term() {
        return term;
    }

    /** Returns how it goes, in a line. */
    public String how() {
        return how;
    }
}
