package app.kehre.core.brief;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** What a class is announced to be good for, beside the areas that it works. */
public enum Quality implements Named {
    /** Endurance. */
    ENDURANCE("endurance", "endurance"),
    /** Strength. */
    STRENGTH("strength", "strength"),
    /** Mobility. */
    MOBILITY("mobility", "mobility"),
    /** Balance. */
    BALANCE("balance", "balance"),
    /** Coordination. */
    COORDINATION("coordination", "coordination"),
    /** Back care. */
    BACK_CARE("back-care", "back care"),
    /** Relaxing. */
    RELAXING("relaxing", "relaxing");

    private final Term term;

    Quality(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }
}
