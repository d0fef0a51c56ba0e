package app.kehre.core.exercise;

import app.kehre.core.term.Named;

/** What a segment of the class is for. */
public enum Role implements Named {
    /** Talk. */
    TALK("talk"),
    /** Warm-up. */
    WARM_UP("warm-up"),
    /** Aerobic. */
    AEROBIC("aerobic"),
    /** Toning. */
    TONING("toning"),
    /** Core. */
    CORE("core"),
    /** Cool-down. */
    COOL_DOWN("cool-down"),
    /** Stretch. */
    STRETCH("stretch"),
    /** Pause. */
    PAUSE("pause");

    private final String words;

    Role(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
