package app.kehre.core.dose;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.testing.Draws;

import static org.assertj.core.api.Assertions.assertThat;

/** A dose that is read from the floor in a glance. */
class ShortDoseTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "12 reps | 12 | ''", "2 x 12 reps, rest 20 s | 2 x 12 | ''", "10 reps, each side | 10 | RL",
            "10 reps, each side, left first | 10 | LR", "10 reps 2-0-2 s | 10 2-0-2 s | ''",
            "hold 30 s | 30 s | ''",
            "3 x hold 20 s, rest 15 s | 3 x 20 s | ''", "stretch 25 s, each side | 25 s | RL",
            "hold 5 breaths | 5 breaths | ''", "40 s on, 20 s off | 40 / 20 s | ''",
            "40 s on, 20 s off, x3 | 3 x 40 / 20 s | ''",
            "45 s on | 45 s | ''", "4 eights | 4 x 8 | ''", "1 eight, each side | 1 x 8 | RL",
            "12 reps, right side | 12 | R",
            "20 reps, alternating | 20 | ''", "10 pairs | 10 pairs | ''",
            "3 x 8 pairs, rest 20 s | 3 x 8 pairs | ''"})
    void restsAndSidesAreLeftAwayForTheEyeCountsSetsAndSidesHaveBoxes(String dose, String printed,
            String sides) {
        Dose read = DoseNotation.parse(dose).value().orElseThrow();

        assertThat(ShortDose.of(read)).isEqualTo(printed);
        assertThat(ShortDose.sides(read)).isEqualTo(sides);
    }

    @Property
    void itIsNeverLongerThanTheNotation(@ForAll("doses") Dose dose) {
        assertThat(ShortDose.of(dose)).isNotBlank();
        assertThat(ShortDose.of(dose).length()).isLessThanOrEqualTo(DoseNotation.print(dose).length() + 1);
    }

    @Provide
    Arbitrary<Dose> doses() {
        return Draws.doses();
    }
}
