package app.kehre.core.dose;

import java.util.List;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

/** What else a dose could be when a class gets longer or shorter. */
class DoseLevelsTest {

    private static Dose dose(String text) {
        return DoseNotation.parse(text).value().orElseThrow();
    }

    private static List<String> levels(String dose, String least, String most) {
        return DoseLevels.of(dose(dose), dose(least), dose(most)).stream()
                .map(level -> "%s (%+.0f %%)".formatted(DoseNotation.print(level.dose()),
                        100 * level.change()))
                .toList();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            16 eights         | 8 eights         | 32 eights         | 8 eights (-50 %), 12 eights (-25 %), 20 eights (+25 %), 24 eights (+50 %), 28 eights (+75 %), 32 eights (+100 %)
            12 reps           | 8 reps           | 16 reps           | 8 reps (-33 %), 10 reps (-17 %), 14 reps (+17 %), 16 reps (+33 %)
            9 reps            | 8 reps           | 11 reps          | 8 reps (-11 %), 10 reps (+11 %), 11 reps (+22 %)
            30 s on, 15 s off | 20 s on, 15 s off | 40 s on, 15 s off | 20 s on, 15 s off (-33 %), 25 s on, 15 s off (-17 %), 35 s on, 15 s off (+17 %), 40 s on, 15 s off (+33 %)
            hold 20 s         | hold 15 s        | hold 25 s         | hold 15 s (-25 %), hold 25 s (+25 %)
            6 breaths         | 4 breaths        | 7 breaths         | 4 breaths (-33 %), 5 breaths (-17 %), 7 breaths (+17 %)
            20 reps, alternating | 16 reps, alternating | 24 reps, alternating | 16 reps, alternating (-20 %), 18 reps, alternating (-10 %), 22 reps, alternating (+10 %), 24 reps, alternating (+20 %)
            18 reps           | 12 reps          | 20 reps          | 12 reps (-33 %), 14 reps (-22 %), 16 reps (-11 %), 20 reps (+11 %)
            """)
    void moreOrLessIsDoneInTheStepsInWhichItIsCounted(String dose, String least, String most, String levels) {
        assertThat(String.join(", ", levels(dose, least, most))).isEqualTo(levels);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            3 x 12 reps, rest 20 s      | 8 reps | 3 x 15 reps | 2 x 12 reps, rest 20 s (-33 %)
            2 x 12 reps, rest 20 s      | 8 reps | 3 x 15 reps | 12 reps (-50 %); 3 x 12 reps, rest 20 s (+50 %)
            2 x hold 25 s, rest 15 s    | hold 15 s | 3 x hold 30 s | hold 25 s (-50 %); 3 x hold 25 s, rest 15 s (+50 %)
            3 x 12 reps, rest 20 s, each side | 8 reps, each side | 3 x 12 reps, each side | 2 x 12 reps, rest 20 s, each side (-33 %)
            """)
    void whoHasSetsDoesOneLessOrOneMoreAndTheRestGoesWithTheLast(String dose, String least, String most,
            String levels) {
        int sets = sets(dose(dose));

        assertThat(DoseLevels.of(dose(dose), dose(least), dose(most)).stream()
                .filter(level -> sets(level.dose()) != sets)
                .map(level -> "%s (%+.0f %%)".formatted(DoseNotation.print(level.dose()),
                        100 * level.change())))
                .containsExactly(levels.split("; "));
    }

    @Property(tries = 300)
    void noLevelIsTheDoseItselfOrBeyondWhatMakesSenseAndNoneComesTwice(
            @ForAll @IntRange(min = 1, max = 5) int sets, @ForAll @IntRange(min = 1, max = 40) int reps,
            @ForAll @IntRange(min = 1, max = 20) int least, @ForAll @IntRange(min = 0, max = 60) int more) {
        Dose now = dose("%d x %d reps, rest 15 s".formatted(sets, reps));
        int most = least + more;

        List<DoseLevels.Level> levels = DoseLevels.of(now, Reps.of(least), Reps.of(most));

        assertThat(levels).extracting(DoseLevels.Level::dose).doesNotContain(now).doesNotHaveDuplicates();
        assertThat(levels).allSatisfy(level -> {
            int total = total(level.dose());
            assertThat(level.change() < 0).isEqualTo(total < total(now));
            boolean otherSets = sets(level.dose()) != sets;
            int count = otherSets ? total : total / sets;
            assertThat(count).isBetween(level.change() < 0 ? least : 1,
                    level.change() > 0 ? Math.max(most, otherSets ? most : reps) : Integer.MAX_VALUE);
        });
    }

    private static int sets(Dose dose) {
        return dose instanceof Reps reps ? reps.sets() : ((Hold) dose).sets();
    }

    private static int total(Dose dose) {
        Reps reps = (Reps) dose;
        return reps.sets() * ((Stage.Moves) reps.stages().getFirst()).number();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            2 x (8 slow reps, 16 reps, 8 pulses) | 3 x 15 reps | 45
            8 slow reps > 8 reps | 16 reps     | 16
            16 pulses                  | 12 reps     | 12
            """)
    void aDoseOfSeveralStagesDoesNotGrowBeyondTheMostThatIsUsualInAll(String dose, String most, double reps) {
        List<DoseLevels.Level> levels = DoseLevels.of(dose(dose), Reps.of(8), dose(most));

        assertThat(levels).isNotEmpty().allSatisfy(level -> {
            assertThat(level.dose()).isInstanceOf(Reps.class);
            assertThat(level.change() < 0 || inReps((Reps) level.dose()) <= reps)
                    .as(DoseNotation.print(level.dose())).isTrue();
        });
    }

    /** Two pulses are as much as one rep. */
    private static double inReps(Reps dose) {
        return dose.sets() * dose.stages().stream().map(Stage.Moves.class::cast)
                .mapToDouble(moves -> moves.number() / (moves.unit() == Stage.Unit.PULSE ? 2.0 : 1)).sum();
    }

    @ParameterizedTest
    @ValueSource(strings = {"as many as possible in 3 min", "2 x [singles 16, repeater 8]", "about 2 min"})
    void whatHasNoAmountHasNoOtherLevel(String dose) {
        assertThat(DoseLevels.of(dose(dose), Reps.of(8), Reps.of(16))).isEmpty();
    }
}
