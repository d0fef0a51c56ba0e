package app.kehre.core.exercise;

import app.kehre.core.term.Named;

/** What a person in the group may have to watch (figures.md, "Cautions that the library carries"). */
public enum Limit implements Named {
    /** Knee. */
    KNEE("knee"),
    /** Low back. */
    LOW_BACK("low back"),
    /** Wrist. */
    WRIST("wrist"),
    /** Shoulder. */
    SHOULDER("shoulder"),
    /** Neck. */
    NECK("neck"),
    /** Hip. */
    HIP("hip"),
    /** Ankle or foot. */
    ANKLE_FOOT("ankle or foot"),
    /** Balance. */
    BALANCE("balance"),
    /** Pelvic floor. */
    PELVIC_FLOOR("pelvic floor"),
    /** Pregnancy. */
    PREGNANCY("pregnancy"),
    /** High blood pressure. */
    BLOOD_PRESSURE("high blood pressure"),
    /** Low bone density. */
    BONE_DENSITY("low bone density"),
    /** Fatigue. */
    FATIGUE("fatigue");

    private final String words;

    Limit(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
