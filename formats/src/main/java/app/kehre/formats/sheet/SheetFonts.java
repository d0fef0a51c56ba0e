package app.kehre.formats.sheet;

import java.awt.Color;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;

import org.openpdf.text.Chunk;
import org.openpdf.text.Font;
import org.openpdf.text.pdf.BaseFont;

import app.kehre.formats.font.Weight;

/** The embedded fonts of one PDF. They refuse a text that they cannot show whole. */
final class SheetFonts {

    private final Map<Weight, BaseFont> fonts = new EnumMap<>(Weight.class);

    SheetFonts() {
        for (Weight weight : Weight.values()) {
            try {
                fonts.put(weight, BaseFont.createFont("Atkinson-" + weight + ".ttf", BaseFont.IDENTITY_H,
                        BaseFont.EMBEDDED, false, weight.bytes(), null));
            } catch (IOException cause) {
                throw new UncheckedIOException(cause);
            }
        }
    }

    /**
     * Returns a text set in a weight and size.
     *
     * @throws MissingGlyph when it cannot be shown whole
     */
    Chunk chunk(String words, Weight weight, float size, Color colour) throws MissingGlyph {
        String text = words.replace('\t', ' ');
        BaseFont font = Objects.requireNonNull(fonts.get(weight), "weight");
        for (int character : text.codePoints().toArray()) {
            if (character != '\n' && !font.charExists(character)) {
                throw new MissingGlyph(character, text);
            }
        }
        return new Chunk(text, new Font(font, size, Font.NORMAL, colour));
    }
}
