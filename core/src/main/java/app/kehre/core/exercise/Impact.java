package app.kehre.core.exercise;

/** How hard the feet meet the floor. */
public enum Impact implements Named {
    /** None. */
    NONE("none"),
    /** Low. */
    LOW("low"),
    /** High. */
    HIGH("high");

    private final String words;

    Impact(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
