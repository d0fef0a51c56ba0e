package app.kehre.core.typing;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

import app.kehre.core.advice.Threshold;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.testing.Plans;

import static org.assertj.core.api.Assertions.assertThat;

/** The figures against which a class is judged, as they are typed. */
class FigureTextTest {

    private final ClassPlan plan = Plans.of(45).plan();

    @ParameterizedTest
    @CsvSource({"15, 15", "15 min, 15", " 15min , 15", "60, 60"})
    void aFigureIsReadWithAndWithoutItsUnit(String typed, int value) {
        ClassPlan own = FigureText.with(plan, Threshold.WATER, typed).value().orElseThrow();

        assertThat(own.thresholds().of(Threshold.WATER)).isEqualTo(value);
        assertThat(FigureText.of(own, Threshold.WATER)).isEqualTo(String.valueOf(value));
        assertThat(FigureText.changed(own.thresholds(), Threshold.WATER)).isTrue();
        assertThat(FigureText.with(own, Threshold.WATER, " ").value()).as("nothing typed brings back Kehre's")
                .contains(plan);
    }

    @ParameterizedTest
    @CsvSource({"4", "61", "soon", "15 s", "-3", "1.5"})
    void whatIsNoSuchFigureIsRefusedWithASentence(String typed) {
        assertThat(FigureText.with(plan, Threshold.WATER, typed).value()).isEmpty();
        assertThat(FigureText.with(plan, Threshold.WATER, typed).problem()).isNotBlank();
    }

    @ParameterizedTest
    @EnumSource(Threshold.class)
    void eachFigureIsReadAsItIsPrintedAndSaysWhatStandsBehindIt(Threshold figure) {
        assertThat(FigureText.with(plan, figure, FigureText.of(plan, figure)).value()).contains(plan);
        assertThat(FigureText.about(figure)).startsWith("Kehre's: " + figure.usual())
                .endsWith(figure.source().words());
    }

    @Test
    void waterIsKehresAtTwentyMinutes() {
        assertThat(FigureText.about(Threshold.WATER)).isEqualTo("Kehre's: 20 min, 5 to 60; teaching range");
        assertThat(FigureText.changed(plan.thresholds(), Threshold.WATER)).isFalse();
    }
}
