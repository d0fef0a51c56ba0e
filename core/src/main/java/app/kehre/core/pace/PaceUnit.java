package app.kehre.core.pace;

/** What a quantity of the pace is measured in. */
public enum PaceUnit {
    /** Seconds, to a tenth. */
    SECONDS(" s"),
    /** Counts of the music. */
    COUNTS(" counts"),
    /** Times as long as by nature. */
    TIMES(" times");

    private final String after;

    PaceUnit(String after) {
        this.after = after;
    }

    /** Returns the words behind a number, with the space between. */
    public String after() {
        return after;
    }
}
