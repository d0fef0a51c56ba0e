package app.kehre.core.dose;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** How fast reps are done, against their natural length; by how much is a quantity of the pace. */
public enum Speed implements Named {
    /** At their natural length. */
    NATURAL("natural", "at their own pace"),
    /** Slower. */
    SLOW("slow", "slow"),
    /** Faster. */
    QUICK("quick", "quick");

    private final Term term;

    Speed(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }
}
