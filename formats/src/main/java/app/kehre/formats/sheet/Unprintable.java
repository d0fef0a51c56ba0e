package app.kehre.formats.sheet;

/** Something cannot be printed; nothing was. */
public abstract class Unprintable extends Exception {

    /** Says in a sentence what cannot be printed and why. */
    Unprintable(String sentence) {
        super(sentence);
    }

    /** Returns the sentence. */
    public String sentence() {
        return String.valueOf(getMessage());
    }
}
