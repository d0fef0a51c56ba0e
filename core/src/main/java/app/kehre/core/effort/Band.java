package app.kehre.core.effort;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** How hard something is, in words (ACSM, by share of the heart-rate reserve; as quoted in figures.md). */
public enum Band implements Named {
    /** Below 30 %. */
    EASY("easy", "very light", 0),
    /** 30 to 39 %. */
    LIGHT("light", "light", 0.30),
    /** 40 to 59 %: talks, but cannot sing. */
    MODERATE("moderate", "moderate", 0.40),
    /** 60 to 89 %: a few words. */
    VIGOROUS("vigorous", "vigorous", 0.60),
    /** From 90 %. */
    NEAR_MAXIMAL("near-maximal", "near-maximal", 0.90);

    private final Term term;
    private final double from;

    Band(String key, String words, double from) {
        this.term = new Term(key, words);
        this.from = from;
    }

    @Override
    public Term term() {
        return term;
    }

    /** Returns the share of the heart-rate reserve at which it begins, included. */
    public double from() {
        return from;
    }

    /**
     * Returns the band of a share of the heart-rate reserve.
     *
     * @param share of the heart rate reserve, 0 to 1
     */
    public static Band of(double share) {
        Band found = EASY;
        for (Band band : values()) {
            found = share >= band.from ? band : found;
        }
        return found;
    }

    /** Returns the talk test: what one can still say. */
    public String talk() {
        return switch (this) {
            case EASY, LIGHT -> "sings";
            case MODERATE -> "talks, cannot sing";
            case VIGOROUS -> "a few words";
            case NEAR_MAXIMAL -> "no words";
        };
    }
}
