package app.kehre.formats.sheet;

import java.util.ArrayList;
import java.util.List;

import org.openpdf.text.Element;
import org.openpdf.text.Phrase;
import org.openpdf.text.pdf.ColumnText;
import org.openpdf.text.pdf.PdfContentByte;

import app.kehre.formats.font.Weight;

/**
 * A way of writing on paper.
 *
 * @param fonts of the page
 * @param weight of the letters
 * @param size in points
 * @param air how far apart two lines are, in sizes
 */
record Lettering(SheetFonts fonts, Weight weight, float size, float air) {

    /** As close as lines stay apart. */
    static final float TIGHT = 1.01f;
    /** As lines are read with ease. */
    static final float AIRY = 1.14f;

    float width(String words) throws MissingGlyph {
        return words.isEmpty() ? 0 : fonts.chunk(words, weight, size, Inks.INK).getWidthPoint();
    }

    float leading() {
        return size * air;
    }

    /** Writes words on a line at a height, from the left or up to the right. */
    void write(PdfContentByte pen, String words, float x, float baseline, boolean toTheRight)
            throws MissingGlyph {
        ColumnText.showTextAligned(pen, toTheRight ? Element.ALIGN_RIGHT : Element.ALIGN_LEFT,
                new Phrase(fonts.chunk(words, weight, size, Inks.INK)), x, baseline, 0);
    }

    /** Breaks words into lines that are no wider than given; a word that is wider alone is broken too. */
    List<String> lines(String words, float width) throws MissingGlyph {
        List<String> lines = new ArrayList<>();
        String line = "";
        for (String word : words.strip().split("\\s+")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (width(longer) <= width) {
                line = longer;
                continue;
            }
            if (!line.isEmpty()) {
                lines.add(line);
            }
            line = word;
            while (width(line) > width && line.length() > 1) {
                int fits = fitting(line, width);
                lines.add(line.substring(0, fits));
                line = line.substring(fits);
            }
        }
        lines.add(line);
        return lines;
    }

    private int fitting(String word, float width) throws MissingGlyph {
        int fits = 1;
        while (fits < word.length() && width(word.substring(0, fits + 1)) <= width) {
            fits++;
        }
        return fits;
    }
}
