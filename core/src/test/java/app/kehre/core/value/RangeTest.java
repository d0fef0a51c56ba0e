package app.kehre.core.value;

import java.time.Duration;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What a number may be, and the sentence against every other one. */
class RangeTest {

    private static final Range REST = Range.ofSeconds("a rest", 0, 300);
    private static final Range SETS = Range.of("sets", 1, 20);

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            3        | 3
            20       | 20
            ' 4 '    | 4
            5 sets   | 5
            6sets    | 6
            7 SETS   | 7
            """)
    void aNumberIsReadWithItsUnitOrWithout(String typed, int number) {
        assertThat(SETS.read(typed, "sets|set", "3 sets").value()).contains(number);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            0        | Sets must be from 1 to 20, not 0.
            21 sets  | Sets must be from 1 to 20, not 21.
            -3       | Sets must be from 1 to 20, not -3.
            three    | "three" is no whole number: write it like 3 sets.
            2.5      | "2.5" is no whole number: write it like 3 sets.
            3 reps   | "3 reps" is no whole number: write it like 3 sets.
            9999999  | "9999999" is no whole number: write it like 3 sets.
            ''       | "" is no whole number: write it like 3 sets.
            """)
    void everythingElseIsRefusedWithWhatWasExpected(String typed, String sentence) {
        assertThat(SETS.read(typed, "sets|set", "3 sets").problem()).isEqualTo(sentence);
    }

    @Property
    void whatIsRefusedIsSaidWithItsValueAndItsEnds(@ForAll long value) {
        boolean in = value >= 0 && value <= 300;

        assertThat(REST.problem(value).isEmpty()).isEqualTo(in);
        REST.problem(value).ifPresent(sentence -> assertThat(sentence)
                .isEqualTo("A rest must be from 0 to 300 s, not %d.", value));
    }

    @Test
    void aLengthIsOfWholeSeconds() {
        assertThat(REST.problem(Duration.ofMillis(1500))).contains("A rest must be whole seconds.");
        assertThat(REST.check(Duration.ofSeconds(300))).isEqualTo(Duration.ofSeconds(300));
        assertThatThrownBy(() -> REST.check(Duration.ofSeconds(301)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("A rest must be from 0 to 300 s, not 301.");
        assertThatThrownBy(() -> SETS.check(0)).hasMessage("Sets must be from 1 to 20, not 0.");
        assertThat(SETS.check(20)).isEqualTo(20);
    }
}
