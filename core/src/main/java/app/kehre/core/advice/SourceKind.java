package app.kehre.core.advice;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** What stands behind a figure (figures.md). */
public enum SourceKind implements Named {
    /** Quoted from a publication. */
    PUBLISHED("published", "published"),
    /** Usual in teaching; can be changed. */
    TEACHING_RANGE("teaching-range", "teaching range"),
    /** A choice of Kehre's model. */
    ESTIMATE("estimate", "Kehre's estimate");

    private final Term term;

    SourceKind(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }
}
