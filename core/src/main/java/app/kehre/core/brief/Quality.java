package app.kehre.core.brief;

import app.kehre.core.term.Named;

/** What a class is announced to be good for, beside the areas that it works. */
public enum Quality implements Named {
    /** Endurance. */
    ENDURANCE("endurance"),
    /** Strength. */
    STRENGTH("strength"),
    /** Mobility. */
    MOBILITY("mobility"),
    /** Balance. */
    BALANCE("balance"),
    /** Coordination. */
    COORDINATION("coordination"),
    /** Back care. */
    BACK_CARE("back care"),
    /** Relaxing. */
    RELAXING("relaxing");

    private final String words;

    Quality(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
