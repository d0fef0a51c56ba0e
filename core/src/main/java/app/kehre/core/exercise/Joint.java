package app.kehre.core.exercise;

import app.kehre.core.value.Named;

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

    private final String key;
    private final String words;

    Joint(String key, String words) {
        this.key = key;
        this.words = words;
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String words() {
        return words;
    }
}
