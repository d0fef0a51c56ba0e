package app.kehre.core.exercise;

import app.kehre.core.term.Named;

/** A muscle group (figures.md, "Areas"). */
public enum Muscle implements Named {
    /** Neck. */
    NECK("neck"),
    /** Upper back and rear shoulder. */
    UPPER_BACK("upper back and rear shoulder"),
    /** Front and side shoulder. */
    FRONT_SHOULDER("front and side shoulder"),
    /** Chest. */
    CHEST("chest"),
    /** Front of the arm. */
    FRONT_ARM("front of the arm"),
    /** Back of the arm. */
    BACK_ARM("back of the arm"),
    /** Forearm and grip. */
    FOREARM("forearm and grip"),
    /** Lats. */
    LATS("lats"),
    /** Lower back. */
    LOWER_BACK("lower back"),
    /** Front of the trunk. */
    FRONT_TRUNK("front of the trunk"),
    /** Side of the trunk. */
    SIDE_TRUNK("side of the trunk"),
    /** Hip flexors. */
    HIP_FLEXORS("hip flexors"),
    /** Buttocks. */
    BUTTOCKS("buttocks"),
    /** Outer hip. */
    OUTER_HIP("outer hip"),
    /** Inner thigh. */
    INNER_THIGH("inner thigh"),
    /** Front of the thigh. */
    FRONT_THIGH("front of the thigh"),
    /** Back of the thigh. */
    BACK_THIGH("back of the thigh"),
    /** Calf and shin. */
    CALF("calf and shin");

    private final String words;

    Muscle(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
