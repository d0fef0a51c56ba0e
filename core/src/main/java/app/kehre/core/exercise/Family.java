package app.kehre.core.exercise;

import app.kehre.core.term.Named;

/** A part of the library: one file of its own, and how people look for things. */
public enum Family implements Named {
    /** Warm-up and mobility. */
    WARM_UP("warm-up and mobility"),
    /** Low-impact and high-low cardio moves, done to counts. */
    CARDIO("low-impact and high-low cardio"),
    /** Step moves, done to counts. */
    STEP("step"),
    /** Timed cardio bursts, and their low-impact twins. */
    BURSTS("timed cardio bursts"),
    /** Legs and hips. */
    LEGS("legs and hips"),
    /** Push. */
    PUSH("push"),
    /** Pull and upper back. */
    PULL("pull and upper back"),
    /** Arms and shoulders. */
    ARMS("arms and shoulders"),
    /** Trunk: front, side, rotation. */
    TRUNK("trunk"),
    /** Back extension and all-fours. */
    BACK("back extension and all-fours"),
    /** Balance. */
    BALANCE("balance"),
    /** Stretches. */
    STRETCH("stretches"),
    /** Breathing and relaxing. */
    BREATHING("breathing and relaxing");

    private final String words;

    Family(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
