package app.kehre.core.studio;

/** Somebody else has saved another version of a plan meanwhile. */
public final class ChangedElsewhere extends Exception {

    private static final long serialVersionUID = 1;

    private final long version;

    /**
     * Says so.
     *
     * @param title what the class is called
     * @param version the number of the version that is there now
     */
    public ChangedElsewhere(String title, long version) {
        super("\u201c%s\u201d was changed in another window meanwhile.".formatted(title));
        this.version = version;
    }

    /** Returns the number of the version that is there now. */
    public long version() {
        return version;
    }
}
