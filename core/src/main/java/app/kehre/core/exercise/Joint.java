package app.kehre.core.exercise;

import app.kehre.core.term.Named;

/** A joint (figures.md, "Areas"). */
public enum Joint implements Named {
    /** Neck. */
    NECK("neck"),
    /** Shoulder. */
    SHOULDER("shoulder"),
    /** Elbow. */
    ELBOW("elbow"),
    /** Wrist. */
    WRIST("wrist"),
    /** Spine. */
    SPINE("spine"),
    /** Hip. */
    HIP("hip"),
    /** Knee. */
    KNEE("knee"),
    /** Ankle. */
    ANKLE("ankle"),
    /** Foot. */
    FOOT("foot");

    private final String words;

    Joint(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
