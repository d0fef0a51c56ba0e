package app.kehre.formats.sheet;

/** A text has a character that the printed font cannot show. Nothing was printed. */
public final class MissingGlyph extends Unprintable {

    /** Says which character of which text it is. */
    MissingGlyph(int character, String text) {
        super("The sheet was not made: its font has no \"%s\" (U+%04X), which stands in \"%s\". Write it another way."
                .formatted(Character.toString(character), character, text.strip()));
    }
}
