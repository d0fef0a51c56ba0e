package app.kehre.core.exercise;

import app.kehre.core.value.Named;

/** What a segment of the class is for. */
public enum Role implements Named {
    /** Talk. */
    TALK("talk", "talk"),
    /** Warm-up. */
    WARM_UP("warm-up", "warm-up"),
    /** Aerobic. */
    AEROBIC("aerobic", "aerobic"),
    /** Toning. */
    TONING("toning", "toning"),
    /** Core. */
    CORE("core", "core"),
    /** Cool-down. */
    COOL_DOWN("cool-down", "cool-down"),
    /** Stretch. */
    STRETCH("stretch", "stretch"),
    /** Pause. */
    PAUSE("pause", "pause");

    private final String key;
    private final String words;

    Role(String key, String words) {
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
