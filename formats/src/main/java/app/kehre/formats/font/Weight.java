package app.kehre.formats.font;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;

/** The weights of Atkinson Hyperlegible Next (SIL Open Font License) that Kehre uses. */
public enum Weight {
    /** For running text. */
    REGULAR("400Regular"),
    /** For names in blocks. */
    MEDIUM("500Medium"),
    /** For doses and buttons. */
    SEMI_BOLD("600SemiBold"),
    /** For titles and large figures. */
    BOLD("700Bold");

    private final String file;

    Weight(String file) {
        this.file = "/app/kehre/formats/fonts/AtkinsonHyperlegibleNext_" + file + ".ttf";
    }

    /** Returns the TrueType font, its figures all of one width so that times stand in columns. */
    public byte[] bytes() {
        try (InputStream in = Objects.requireNonNull(Weight.class.getResourceAsStream(file), file)) {
            return TabularFigures.of(in.readAllBytes());
        } catch (IOException cause) {
            throw new UncheckedIOException(cause);
        }
    }
}
