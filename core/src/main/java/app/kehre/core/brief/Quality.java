package app.kehre.core.brief;

import app.kehre.core.value.Named;

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

    private final String key;
    private final String words;

    Quality(String key, String words) {
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
