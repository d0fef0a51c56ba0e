package app.kehre.core.dose;

import java.util.Optional;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

/** A dose is made longer and shorter as instructors count: in phrases, in pairs of reps, in fives of seconds. */
class DoseScaleTest {

    private static Dose dose(String text) {
        return DoseNotation.parse(text).value().orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', nullValues = "-", textBlock = """
            16 eights                            | 1.5  | 24 eights
            16 eights                            | 1.1  | -
            6 eights                             | 1.5  | 10 eights
            5 eights                             | 1.5  | 8 eights
            4 counts                             | 0.5  | 1 eight
            12 counts                            | 0.5  | 1 eight
            12 counts                            | 2    | 3 eights
            12 reps                              | 1.1  | 14 reps
            16 reps                              | 1.1  | 18 reps
            16 reps                              | 0.75 | 12 reps
            20 reps, alternating                 | 0.96 | -
            15 reps                              | 1.1  | 17 reps
            3 x 12 reps, rest 20 s, each side    | 0.66 | 3 x 8 reps, rest 20 s, each side
            2 x (8 slow reps, 16 reps, 8 pulses) | 0.5  | 2 x (4 slow reps, 8 reps, 4 pulses)
            hold 20 s                            | 1.25 | hold 25 s
            2 x hold 25 s, rest 15 s             | 0.5  | 2 x hold 15 s, rest 15 s
            stretch 30 s, each side              | 0.1  | stretch 5 s, each side
            6 breaths                            | 0.5  | 3 breaths
            40 s on, 20 s off                    | 0.75 | 30 s on, 20 s off
            as many as possible in 3 min         | 2    | -
            about 2 min                          | 2    | -
            """)
    void itGoesInTheStepsInWhichItIsCounted(String dose, double factor, String expected) {
        assertThat(DoseScale.of(dose(dose), factor).map(DoseNotation::print))
                .isEqualTo(Optional.ofNullable(expected));
    }

    @Property(tries = 500)
    void whatIsEvenStaysEvenWholePhrasesStayWholeAndMoreIsNeverLess(
            @ForAll @IntRange(min = 1, max = 40) int number,
            @ForAll @DoubleRange(min = 0.3, max = 3) double factor) {
        Optional<Dose> reps = DoseScale.of(dose(number + " reps"), factor);
        Optional<Dose> eights = DoseScale.of(dose(number + " eights"), factor);

        reps.ifPresent(scaled -> {
            int now = ((Stage.Moves) ((Reps) scaled).stages().getFirst()).number();
            assertThat(now % 2).isLessThanOrEqualTo(number % 2 == 0 ? 0 : 1);
            assertThat(Integer.signum(now - number)).isEqualTo((int) Math.signum(factor - 1));
        });
        eights.ifPresent(scaled -> {
            int now = ((Counts) scaled).counts() / Counts.EIGHT;
            assertThat(number % 4 == 0 ? now % 4 : 0).isZero();
            assertThat(Integer.signum(now - number)).isEqualTo((int) Math.signum(factor - 1));
        });
    }
}
