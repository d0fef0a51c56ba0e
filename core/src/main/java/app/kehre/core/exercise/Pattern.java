package app.kehre.core.exercise;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** A movement pattern. */
public enum Pattern implements Named {
    /** Squat. */
    SQUAT("squat", "squat"),
    /** Lunge. */
    LUNGE("lunge", "lunge"),
    /** Hinge. */
    HINGE("hinge", "hinge"),
    /** Push. */
    PUSH("push", "push"),
    /** Pull. */
    PULL("pull", "pull"),
    /** Trunk flexion. */
    TRUNK_FLEXION("trunk-flexion", "trunk flexion"),
    /** Trunk extension. */
    TRUNK_EXTENSION("trunk-extension", "trunk extension"),
    /** Rotation. */
    ROTATION("rotation", "rotation"),
    /** Brace. */
    BRACE("brace", "brace"),
    /** Single joint. */
    SINGLE_JOINT("single-joint", "single joint"),
    /** Stepping. */
    STEPPING("stepping", "stepping"),
    /** Travel. */
    TRAVEL("travel", "travel"),
    /** Balance. */
    BALANCE("balance", "balance"),
    /** Mobility. */
    MOBILITY("mobility", "mobility"),
    /** Stretch. */
    STRETCH("stretch", "stretch"),
    /** Breathing. */
    BREATHING("breathing", "breathing");

    private final Term term;

    Pattern(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }
}
