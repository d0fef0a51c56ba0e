package app.kehre.core.value;

import java.time.Duration;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

class LengthsTest {

    @Property
    void aLengthIsReadBackFromItsNotationAndItsClock(@ForAll @IntRange(max = 59_999) int seconds) {
        Duration length = Duration.ofSeconds(seconds);

        assertThat(Lengths.parse(Lengths.notation(length)).value()).contains(length);
        assertThat(Lengths.parse(Lengths.clock(length)).value()).contains(length);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "40", "1:75", "forty s", "-5 s", "1.5 min", "5 h"})
    void whatIsNoLengthIsRefused(String text) {
        assertThat(Lengths.parse(text).problem()).isEqualTo(
                "\"%s\" is not a length: write it like 40 s, 2 min or 1:30.".formatted(text));
    }

    @Test
    void shownLengthsOfNeighboursAddUpSinceOnlyBoundariesAreRounded() {
        Duration a = Duration.ofMillis(10_400);
        Duration b = Duration.ofMillis(20_800);

        assertThat(Lengths.between(Duration.ZERO, a).plus(Lengths.between(a, b)))
                .isEqualTo(Lengths.between(Duration.ZERO, b));
    }

    @Test
    void aCountdownShowsItsLastSecondUntilItIsOver() {
        assertThat(Lengths.countdown(Duration.ofNanos(1))).isEqualTo("0:01");
        assertThat(Lengths.countdown(Duration.ofSeconds(61))).isEqualTo("1:01");
        assertThat(Lengths.countdown(Duration.ofSeconds(-3))).isEqualTo("0:00");
    }
}
