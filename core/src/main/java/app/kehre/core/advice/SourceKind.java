package app.kehre.core.advice;

import app.kehre.core.value.Named;

/** What stands behind a figure (figures.md). */
public enum SourceKind implements Named {
    /** Quoted from a publication. */
    PUBLISHED("published", "published"),
    /** Usual in teaching; can be changed. */
    TEACHING_RANGE("teaching-range", "teaching range"),
    /** A choice of Kehre's model. */
    ESTIMATE("estimate", "Kehre's estimate");

    private final String key;
    private final String words;

    SourceKind(String key, String words) {
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
