package app.kehre.core.exercise;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** A muscle group (figures.md, "Areas"). */
public enum Muscle implements Named {
    /** Neck. */
    NECK("neck", "neck"),
    /** Upper back and rear shoulder. */
    UPPER_BACK("upper-back", "upper back and rear shoulder"),
    /** Front and side shoulder. */
    FRONT_SHOULDER("front-shoulder", "front and side shoulder"),
    /** Chest. */
    CHEST("chest", "chest"),
    /** Front of the arm. */
    FRONT_ARM("front-arm", "front of the arm"),
    /** Back of the arm. */
    BACK_ARM("back-arm", "back of the arm"),
    /** Forearm and grip. */
    FOREARM("forearm", "forearm and grip"),
    /** Lats. */
    LATS("lats", "lats"),
    /** Lower back. */
    LOWER_BACK("lower-back", "lower back"),
    /** Front of the trunk. */
    FRONT_TRUNK("front-trunk", "front of the trunk"),
    /** Side of the trunk. */
    SIDE_TRUNK("side-trunk", "side of the trunk"),
    /** Hip flexors. */
    HIP_FLEXORS("hip-flexors", "hip flexors"),
    /** Buttocks. */
    BUTTOCKS("buttocks", "buttocks"),
    /** Outer hip. */
    OUTER_HIP("outer-hip", "outer hip"),
    /** Inner thigh. */
    INNER_THIGH("inner-thigh", "inner thigh"),
    /** Front of the thigh. */
    FRONT_THIGH("front-thigh", "front of the thigh"),
    /** Back of the thigh. */
    BACK_THIGH("back-thigh", "back of the thigh"),
    /** Calf. */
    CALF("calf", "calf"),
    /** Shin. */
    SHIN("shin", "shin");

    private final Term term;

    Muscle(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }

    /** Returns whether it lies in the middle and works with either side: the neck, the front of the trunk, the lower back. */
    public boolean inTheMiddle() {
        return this == NECK || this == FRONT_TRUNK || this == LOWER_BACK;
    }
}
