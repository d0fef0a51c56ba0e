package app.kehre.core.exercise;

import app.kehre.core.term.Named;

/** A movement pattern. */
public enum Pattern implements Named {
    /** Squat. */
    SQUAT("squat"),
    /** Lunge. */
    LUNGE("lunge"),
    /** Hinge. */
    HINGE("hinge"),
    /** Push. */
    PUSH("push"),
    /** Pull. */
    PULL("pull"),
    /** Trunk flexion. */
    TRUNK_FLEXION("trunk flexion"),
    /** Trunk extension. */
    TRUNK_EXTENSION("trunk extension"),
    /** Rotation. */
    ROTATION("rotation"),
    /** Brace. */
    BRACE("brace"),
    /** Single joint. */
    SINGLE_JOINT("single joint"),
    /** Stepping. */
    STEPPING("stepping"),
    /** Travel. */
    TRAVEL("travel"),
    /** Balance. */
    BALANCE("balance"),
    /** Mobility. */
    MOBILITY("mobility"),
    /** Stretch. */
    STRETCH("stretch"),
    /** Breathing. */
    BREATHING("breathing");

    private final String words;

    Pattern(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
