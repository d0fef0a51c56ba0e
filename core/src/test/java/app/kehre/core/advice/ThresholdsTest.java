package app.kehre.core.advice;

import java.time.Duration;
import java.util.Map;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** The figures against which a class is judged. */
class ThresholdsTest {

    @ParameterizedTest
    @EnumSource(Threshold.class)
    void kehresOwnFigureIsPossibleAndIsNotStored(Threshold figure) {
        assertThat(Thresholds.problem(figure, figure.usual())).isEmpty();
        assertThat(Thresholds.USUAL.with(figure, figure.usual()).changed()).isEmpty();
        assertThat(Thresholds.USUAL.of(figure)).isEqualTo(figure.usual());
    }

    @Property
    void aFigureHoldsWithinItsRangeAndIsRefusedOutsideOfIt(@ForAll Threshold figure,
            @ForAll @IntRange(min = -50, max = 4000) int value) {
        if (value >= figure.least() && value <= figure.most()) {
            Thresholds changed = Thresholds.USUAL.with(figure, value);
            assertThat(changed.of(figure)).isEqualTo(value);
            assertThat(changed.with(figure, figure.usual())).isEqualTo(Thresholds.USUAL);
        } else {
            assertThatThrownBy(() -> new Thresholds(Map.of(figure, value))).hasMessage(
                    "\"%s\" must be from %d to %d %s, not %d.".formatted(figure.words(), figure.least(),
                            figure.most(),
                            figure.unit(), value));
        }
    }

    /** A range whose start could lie above its end would ask for what nobody can teach. */
    @ParameterizedTest
    @CsvSource({"WARM_UP_FROM, WARM_UP_TO", "AEROBIC_FROM, AEROBIC_TO", "GENTLE_FROM, GENTLE_TO",
            "TONING_FROM, TONING_TO", "CORE_FROM, CORE_TO"})
    void kehresOwnRangesBeginBelowWhereTheyEnd(Threshold from, Threshold to) {
        assertThat(from.usual()).isLessThan(to.usual());
    }

    /** figures.md: 12 % of the slot, 3 min at least, 5 min from half an hour, 8 min from three quarters. */
    @ParameterizedTest
    @CsvSource({"15, 180", "25, 180", "29, 208", "30, 300", "41, 300", "44, 316", "45, 480", "60, 480",
            "75, 540"})
    void warmUpAndCoolDownGrowWithTheSlot(int minutes, int seconds) {
        assertThat(Thresholds.USUAL.edge(Duration.ofMinutes(minutes)).toSeconds()).isEqualTo(seconds);
    }

    @Test
    void aFigureIsAskedForInTheUnitInWhichItIsUsed() {
        Thresholds own = Thresholds.USUAL.with(Threshold.WATER, 15).with(Threshold.SPARE, 45)
                .with(Threshold.CHANGEOVER, 20);

        assertThat(own.minutes(Threshold.WATER)).isEqualTo(Duration.ofMinutes(15));
        assertThat(own.seconds(Threshold.SPARE)).isEqualTo(Duration.ofSeconds(45));
        assertThat(own.share(Threshold.CHANGEOVER)).isEqualTo(0.2);
    }
}
