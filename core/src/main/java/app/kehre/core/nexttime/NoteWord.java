package app.kehre.core.nexttime;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** What a note on a line asks for, by the words that instructors use for it. */
enum NoteWord {
    /** More weight. */
    HEAVIER("heavier|more weight|too light"),
    /** Less weight. */
    LIGHTER("lighter|less weight|too heavy"),
    /** The easier option. */
    EASIER("easier|too hard"),
    /** The harder option. */
    HARDER("harder|too easy"),
    /** Not again. "Drop" alone may be the heels that are to sink. */
    OUT("leave (?:it |this )?out|left out|drop (?:it|this)|^drop$"),
    /** More time to explain. */
    LONGER("longer explained|explain (?:it )?longer|show (?:it )?longer|shown twice|too soon|too fast");

    /** "Not too heavy" asks for nothing. */
    private static final String UNLESS_DENIED = "(?<!\\bnot )(?<!\\bno )(?<!\\bnever )(?<!n[\u2019']t )";

    private final Pattern said;

    NoteWord(String said) {
        this.said = Pattern.compile(UNLESS_DENIED + "\\b(?:" + said + ")\\b");
    }

    /** Finds what a note asks for; nothing where it asks for nothing that Kehre can do. */
    static Optional<NoteWord> of(String note) {
        String words = note.strip().toLowerCase(Locale.ROOT);
        return Arrays.stream(values()).filter(each -> each.said.matcher(words).find()).findFirst();
    }
}
