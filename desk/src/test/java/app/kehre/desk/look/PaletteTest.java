package app.kehre.desk.look;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.paint.Color;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import static org.assertj.core.api.Assertions.assertThat;

/** Contrast as WCAG 2 measures it: 4.5 to 1 for text, 3 to 1 for lines that carry meaning. */
class PaletteTest {

    static Stream<Palette> palettes() {
        return Stream.of(Palette.LIGHT, Palette.DARK, Palette.HALL);
    }

    @ParameterizedTest
    @MethodSource("palettes")
    void textCanBeReadOnEveryGroundItStandsOn(Palette palette) {
        for (Color ground : List.of(palette.paper(), palette.sheet(), palette.glow())) {
            assertThat(contrast(palette.ink(), ground)).isGreaterThan(7);
            assertThat(contrast(palette.soft(), ground)).isGreaterThan(4.5);
            assertThat(contrast(palette.mark(), ground)).isGreaterThan(4.5);
        }
        assertThat(contrast(palette.soft(), palette.faint())).isGreaterThan(4.5);
    }

    @ParameterizedTest
    @MethodSource("palettes")
    void namesCanBeReadOnEveryTint(Palette palette) {
        assertThat(palette.tints()).hasSize(6)
                .allSatisfy(tint -> assertThat(contrast(tint.ink(), tint.ground())).isGreaterThan(4.5));
    }

    @ParameterizedTest
    @MethodSource("palettes")
    void theOutlineOfTheSelectedBlockStandsOutFromThePaper(Palette palette) {
        assertThat(contrast(palette.mark(), palette.paper())).isGreaterThan(3);
        assertThat(palette.tints()).extracting(Palette.Tint::ground).doesNotHaveDuplicates();
    }

    private static double contrast(Color one, Color other) {
        double a = luminance(one);
        double b = luminance(other);
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    private static double luminance(Color colour) {
        return 0.2126 * linear(colour.getRed()) + 0.7152 * linear(colour.getGreen())
                + 0.0722 * linear(colour.getBlue());
    }

    private static double linear(double part) {
        return part <= 0.04045 ? part / 12.92 : Math.pow((part + 0.055) / 1.055, 2.4);
    }
}
