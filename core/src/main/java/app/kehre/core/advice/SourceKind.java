package app.kehre.core.advice;

import app.kehre.core.term.Named;

/** What stands behind a figure (figures.md). */
public enum SourceKind implements Named {
    /** Quoted from a publication. */
    PUBLISHED("published"),
    /** Usual in teaching; can be changed. */
    TEACHING_RANGE("teaching range"),
    /** A choice of Kehre's model. */
    ESTIMATE("Kehre's estimate");

    private final String words;

    SourceKind(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
