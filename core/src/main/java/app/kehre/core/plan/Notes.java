package app.kehre.core.plan;

import java.util.Optional;

/** The rule for an instructor's own words. */
public final class Notes {

    /** The longest note, in characters: what still prints beside an exercise. */
    public static final int LONGEST = 300;

    private Notes() {}

    /** Returns the sentence against a note that is too long or has a line break, or nothing. */
    public static Optional<String> problem(String note) {
        if (note.length() > LONGEST) {
            return Optional
                    .of("A note must have at most %d characters, not %d.".formatted(LONGEST, note.length()));
        }
        return note.lines().count() > 1 ? Optional.of("A note must be one line.") : Optional.empty();
    }

    static void check(String note) {
        problem(note).ifPresent(sentence -> {
            throw new IllegalArgumentException(sentence);
        });
    }
}
