package app.kehre.core.nexttime;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a note on a line asks for, by the words that instructors use for it. */
enum NoteWord {
    /** More weight. */
    HEAVIER("heavier", "more weight"),
    /** Less weight. */
    LIGHTER("lighter", "less weight", "too heavy"),
    /** The easier option. */
    EASIER("easier", "too hard"),
    /** The harder option. */
    HARDER("harder", "too easy"),
    /** Not again. */
    OUT("leave out", "left out", "leave it out", "drop"),
    /** More time to explain. */
    LONGER("longer explained", "explain longer", "show longer", "shown twice", "too soon", "too fast");

    private final List<String> said;

    NoteWord(String... said) {
        this.said = List.of(said);
    }

    /** Finds what a note asks for; nothing where it asks for nothing that Kehre can do. */
    static Optional<NoteWord> of(String note) {
        String words = note.toLowerCase(Locale.ROOT);
        return Arrays.stream(values()).filter(each -> each.said.stream().anyMatch(words::contains))
                .findFirst();
    }
}
