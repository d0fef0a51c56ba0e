package app.kehre.core.brief;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/**
 * What a class is announced to be good for, beside the areas that it works. Each asks for its share of the slot: Kehre's
 * estimates, after the shapes of classes that are announced so.
 */
public enum Quality implements Named {
    /** Endurance. */
    ENDURANCE("endurance", "endurance", 25),
    /** Strength. */
    STRENGTH("strength", "strength", 12),
    /** Mobility. */
    MOBILITY("mobility", "mobility", 10),
    /** Balance. */
    BALANCE("balance", "balance", 5),
    /** Coordination. */
    COORDINATION("coordination", "coordination", 12),
    /** Back care. */
    BACK_CARE("back-care", "back care", 8),
    /** Relaxing. */
    RELAXING("relaxing", "relaxing", 5),
    /** Legs, push, pull and trunk, each of them: the least of the four is what counts. */
    WHOLE_BODY("whole-body", "whole body", 3);

    private final Term term;
    private final int share;

    Quality(String key, String words, int share) {
        this.term = new Term(key, words);
        this.share = share;
    }

    /** Returns how much of the slot serves it at least, in per cent. */
    public int share() {
        return share;
    }

    @Override
    public Term term() {
        return term;
    }
}
