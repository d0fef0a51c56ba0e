package app.kehre.core.dose;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

/** How a dose stands to the most that is usual: in all, and in one set. */
class UsualMostTest {

    private static Dose dose(String text) {
        return DoseNotation.parse(text).value().orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            3 x 15 reps                          | 3 x 15 reps | false | false
            3 x 16 reps                          | 3 x 15 reps | true  | true
            36 reps                              | 3 x 15 reps | false | true
            4 x 10 reps, rest 10 s               | 3 x 15 reps | false | false
            5 x 12 reps, rest 10 s               | 3 x 15 reps | true  | true
            2 x (8 slow reps, 8 reps)            | 3 x 15 reps | false | true
            20 pulses                            | 3 x 15 reps | false | false
            40 pulses                            | 3 x 15 reps | false | true
            2 x hold 30 s, rest 10 s             | 2 x hold 30 s, rest 10 s | false | false
            hold 45 s                            | 2 x hold 30 s, rest 10 s | false | true
            64 eights                            | 16 eights   | false | false
            90 s on                              | 40 s on     | false | false
            as many as possible in 3 min         | 15 reps     | false | false
            """)
    void itIsOverInAllOrTooMuchInOneSet(String dose, String usual, boolean over, boolean tooMuch) {
        assertThat(UsualMost.isOver(dose(dose), dose(usual), 1)).isEqualTo(over);
        assertThat(UsualMost.isTooMuch(dose(dose), dose(usual))).isEqualTo(tooMuch);
    }

    @ParameterizedTest
    @CsvSource({"1, true", "1.5, false", "2, false"})
    void howMuchOverIsAsked(double times, boolean over) {
        assertThat(UsualMost.isOver(dose("3 x 20 reps"), dose("3 x 15 reps"), times)).isEqualTo(over);
    }
}
