package app.kehre.core.exercise;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** A joint (figures.md, "Areas"). */
public enum Joint implements Named {
    /** Neck. */
    NECK("neck", "neck"),
    /** Shoulder. */
    SHOULDER("shoulder", "shoulder"),
    /** Elbow. */
    ELBOW("elbow", "elbow"),
    /** Wrist. */
    WRIST("wrist", "wrist"),
    /** Spine. */
    SPINE("spine", "spine"),
    /** Hip. */
    HIP("hip", "hip"),
    /** Knee. */
    KNEE("knee", "knee"),
    /** Ankle. */
    ANKLE("ankle", "ankle"),
    /** Foot. */
    FOOT("foot", "foot");

    private final Term term;

    Joint(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }
}
