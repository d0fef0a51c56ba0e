package app.kehre.desk.window;

/** A place of the window, in the order of the work. */
public enum Place {
    /** What is fixed first. */
    BRIEF("Brief"),
    /** Planning. */
    PLAN("Plan"),
    /** The library. */
    EXERCISES("Exercises"),
    /** The printed page. */
    SHEET("Sheet"),
    /** The hall. */
    TEACH("Teach");

    private final String words;

    Place(String words) {
        this.words = words;
    }

    /** Returns what stands in the rail. */
    String words() {
        return words;
    }

    /** Returns the key that leads there together with Ctrl, 1 for the first. */
    int digit() {
        return ordinal() + 1;
    }
}
