package app.kehre.desk.control;

/** What happens with a text that a person types: shown while typing, taken over when it is done. */
public interface Commit {

    /** Returns what the text would mean, or the sentence against it; called while it is typed. */
    default String preview(String text) {
        return "";
    }

    /** Takes the text over. Returns the sentence against it, or an empty one when it was taken. */
    String take(String text);

    /** Called when typing ended without taking anything over. */
    default void drop() {}
}
