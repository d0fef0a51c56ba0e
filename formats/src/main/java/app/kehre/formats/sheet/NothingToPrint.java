package app.kehre.formats.sheet;

/** A class has nothing of what was to be printed. */
public final class NothingToPrint extends Unprintable {

    /** Says what there is none of. */
    NothingToPrint(String sentence) {
        super(sentence);
    }
}
