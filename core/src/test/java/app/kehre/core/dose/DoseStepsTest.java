package app.kehre.core.dose;

import java.util.List;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

class DoseStepsTest {

    private static Dose dose(String text) {
        return DoseNotation.parse(text).value().orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', value = {
            "8 reps; 10 reps; 12 reps; 8 reps, 9 reps, 10 reps, 11 reps, 12 reps",
            "2 eights; 3 eights; 4 eights; 2 eights, 3 eights, 4 eights",
            "hold 10 s; hold 15 s; hold 20 s; hold 10 s, hold 15 s, hold 20 s",
            "4 breaths; 5 breaths; 6 breaths; 4 breaths, 5 breaths, 6 breaths",
            "10 s on; 15 s on; 20 s on; 10 s on, 15 s on, 20 s on",
            "about 1 min; about 2 min; about 3 min; about 60 s, about 2 min, about 3 min"})
    void theStepsAreThoseInWhichInstructorsChangeADose(String least, String usual, String most,
            String steps) {
        List<Dose> found = DoseSteps.between(dose(least), dose(usual), dose(most));

        assertThat(String.join(", ", found.stream().map(DoseNotation::print).toList())).isEqualTo(steps);
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', value = {
            "8 reps 2-0-2 s; 2 x 12 reps 2-0-2 s, rest 15 s; 3 x 15 reps 2-0-2 s, rest 15 s; 24",
            "hold 10 s each side; hold 20 s each side; 2 x hold 30 s, rest 10 s, each side; 10",
            "15 s on; 30 s on, 15 s off, x2; 45 s on, 15 s off, x3; 21"})
    void setsAndRoundsAreSteppedTooAndSidesAndTempoStay(String least, String usual, String most, int number) {
        List<Dose> found = DoseSteps.between(dose(least), dose(usual), dose(most));

        assertThat(found).hasSize(number).doesNotHaveDuplicates()
                .contains(dose(least), dose(usual), dose(most))
                .allMatch(each -> each.sides() == dose(usual).sides());
    }
}
