package app.kehre.core.people;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** What a person in the group may have to watch (figures.md, "Cautions that the library carries"). */
public enum Limit implements Named {
    /** Knee. */
    KNEE("knee", "knee"),
    /** Low back. */
    LOW_BACK("low-back", "low back"),
    /** Wrist. */
    WRIST("wrist", "wrist"),
    /** Shoulder. */
    SHOULDER("shoulder", "shoulder"),
    /** Neck. */
    NECK("neck", "neck"),
    /** Hip. */
    HIP("hip", "hip"),
    /** Ankle or foot. */
    ANKLE_FOOT("ankle-foot", "ankle or foot"),
    /** Balance. */
    BALANCE("balance", "balance"),
    /** Pelvic floor. */
    PELVIC_FLOOR("pelvic-floor", "pelvic floor"),
    /** Pregnancy. */
    PREGNANCY("pregnancy", "pregnancy"),
    /** High blood pressure. */
    BLOOD_PRESSURE("blood-pressure", "high blood pressure"),
    /** Low bone density. */
    BONE_DENSITY("bone-density", "low bone density"),
    /** Fatigue. */
    FATIGUE("fatigue", "fatigue");

    private final Term term;

    Limit(String key, String words) {
        this.term = new Term(key, words);
    }

    /**
     * Returns whether ignoring a caution for it can hurt at once: nothing that carries one is drafted for a group with
     * it, and where one has no answer in a plan, that is the first thing to mend. Kehre's estimate; local rules and licensed
     * professionals come first.
     */
    public boolean serious() {
        return this == PREGNANCY || this == BONE_DENSITY;
    }

    @Override
    public Term term() {
        return term;
    }
}
