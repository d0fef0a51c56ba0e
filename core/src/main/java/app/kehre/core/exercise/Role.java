package app.kehre.core.exercise;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

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

    private final Term term;

    Role(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }

    /** Returns whether it belongs to the main part of a class. */
    public boolean main() {
        return this == AEROBIC || this == TONING || this == CORE;
    }
}
