package app.kehre.formats.font;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.io.ByteArrayInputStream;
import java.io.IOException;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import static org.assertj.core.api.Assertions.assertThat;

class TabularFiguresTest {

    private final FontRenderContext context = new FontRenderContext(null, true, true);

    @ParameterizedTest
    @EnumSource
    void allFiguresAreOfOneWidthAndLettersAreNot(Weight weight) throws IOException, FontFormatException {
        Font font = Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(weight.bytes()))
                .deriveFont(100f);

        assertThat("0123456789".chars().mapToObj(digit -> width(font, digit)).distinct()).hasSize(1);
        assertThat(width(font, 'i')).isLessThan(width(font, 'm'));
        assertThat(font.canDisplayUpTo("Z\u00fcrich \u00b7 \u201c1:05\u201d \u2013 caf\u00e9\u2026"))
                .isEqualTo(-1);
    }

    private double width(Font font, int character) {
        return font.createGlyphVector(context, Character.toString(character)).getGlyphMetrics(0)
                .getAdvanceX();
    }
}
