package app.kehre.core.people;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** What a person in the group may have to watch (figures.md, "Cautions that the library carries"). */
public enum Limit implements Named {
    /** Knee. */
    KNEE("knee", "knee", "with knee problems"),
    /** Low back. */
    LOW_BACK("low-back", "low back", "with a low back to watch"),
    /** Wrist. */
    WRIST("wrist", "wrist", "with sore wrists"),
    /** Shoulder. */
    SHOULDER("shoulder", "shoulder", "with a sore shoulder"),
    /** Neck. */
    NECK("neck", "neck", "with a sore neck"),
    /** Hip. */
    HIP("hip", "hip", "with hip problems"),
    /** Ankle or foot. */
    ANKLE_FOOT("ankle-foot", "ankle or foot", "with a sore ankle or foot"),
    /** Balance. */
    BALANCE("balance", "balance", "with unsure balance"),
    /** Pelvic floor. */
    PELVIC_FLOOR("pelvic-floor", "pelvic floor", "with a pelvic floor to protect"),
    /** Pregnancy. */
    PREGNANCY("pregnancy", "pregnancy", "expecting"),
    /** High blood pressure. */
    BLOOD_PRESSURE("blood-pressure", "high blood pressure", "with high blood pressure"),
    /** Low bone density. */
    BONE_DENSITY("bone-density", "low bone density", "with low bone density"),
    /** Fatigue. */
    FATIGUE("fatigue", "fatigue", "who tire soon");

    private final Term term;
    private final String who;

    Limit(String key, String words, String who) {
        this.term = new Term(key, words);
        this.who = who;
    }

    /** Returns how people who have it are spoken of: "2 people with knee problems". */
    public String who() {
        return who;
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
