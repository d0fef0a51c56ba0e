package app.kehre.core.exercise;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** A part of the library: one file of its own, and how people look for things. */
public enum Family implements Named {
    /** Warm-up and mobility. */
    WARM_UP("warm-up", "warm-up and mobility"),
    /** Low-impact and high-low cardio moves, done to counts. */
    CARDIO("cardio", "low-impact and high-low cardio"),
    /** Step moves, done to counts. */
    STEP("step", "step"),
    /** Timed cardio bursts, and their low-impact twins. */
    BURSTS("bursts", "timed cardio bursts"),
    /** Legs and hips. */
    LEGS("legs", "legs and hips"),
    /** Push. */
    PUSH("push", "push"),
    /** Pull and upper back. */
    PULL("pull", "pull and upper back"),
    /** Arms and shoulders. */
    ARMS("arms", "arms and shoulders"),
    /** Trunk: front, side, rotation. */
    TRUNK("trunk", "trunk"),
    /** Back extension and all-fours. */
    BACK("back", "back extension and all-fours"),
    /** Balance. */
    BALANCE("balance", "balance"),
    /** On and behind a chair: cardio, strength, mobility, stretches. */
    CHAIR("chair", "chair"),
    /** Stepping, turning, reaching: what keeps older people steady. */
    STEADY("steady", "stepping and steadiness"),
    /** Held and flowing positions that stretch and tone. */
    FLOW("flow", "held and flowing positions"),
    /** Stretches. */
    STRETCH("stretch", "stretches"),
    /** Breathing and relaxing. */
    BREATHING("breathing", "breathing and relaxing");

    private final Term term;

    Family(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }
}
