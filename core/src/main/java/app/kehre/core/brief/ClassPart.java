package app.kehre.core.brief;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/**
 * What part of a class the plan is: who teaches only the warm-up, or goes on after another, is not asked for what the others
 * bring.
 */
public enum ClassPart implements Named {
    /** A class from its welcome to its end. */
    WHOLE("whole", "whole class"),
    /** Its beginning; something else follows. */
    FIRST("first", "first part"),
    /** Something comes before, and something follows. */
    MIDDLE("middle", "middle part"),
    /** Its end; people come warm. */
    LAST("last", "last part");

    private final Term term;

    ClassPart(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }

    /** Returns whether people come in fresh: they are welcomed, asked, and warmed up. */
    public boolean begins() {
        return this == WHOLE || this == FIRST;
    }

    /** Returns whether people go home afterwards: they have come down, and are stretched. */
    public boolean ends() {
        return this == WHOLE || this == LAST;
    }
}
