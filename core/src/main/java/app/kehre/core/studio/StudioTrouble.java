package app.kehre.core.studio;

/** Something could not be read from the studio, or kept in it. Its message is a sentence ready to be shown. */
public final class StudioTrouble extends Exception {

    private static final long serialVersionUID = 1;

    /** Says what went wrong. */
    public StudioTrouble(String sentence, Throwable cause) {
        super(sentence, cause);
    }

    /** Returns what went wrong, a sentence. */
    public String sentence() {
        return String.valueOf(getMessage());
    }

    /** Says what went wrong, which nothing else has caused. */
    public StudioTrouble(String sentence) {
        super(sentence);
    }
}
