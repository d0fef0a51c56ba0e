package app.kehre.core.card;

import java.util.Map;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.people.Limit;
import app.kehre.core.testing.Exercises;

import static org.assertj.core.api.Assertions.assertThat;

class CardTest {

    private static Card examples() {
        Card card = Card.blank("towel-squat");
        for (Field field : Field.values()) {
            card = card.with(field, field.example());
        }
        return card;
    }

    @Test
    void theExamplesOfTheFieldsMakeAWholeExercise() {
        Exercise exercise = examples().read().exercise().orElseThrow();

        assertThat(exercise.main()).containsExactly(Muscle.BUTTOCKS, Muscle.FRONT_THIGH);
        assertThat(exercise.work().share(Muscle.LOWER_BACK)).isEqualTo(0.5);
        assertThat(exercise.cautionFor(Limit.KNEE).orElseThrow().instead()).isEqualTo("hip-lift");
        assertThat(exercise.cautionFor(Limit.KNEE).orElseThrow().advice()).isEqualTo("depth to comfort");
        assertThat(Card.of(exercise).read().exercise()).contains(exercise);
    }

    @Test
    void everyExerciseSurvivesItsCard() {
        for (Exercise each : Exercises.all()) {
            assertThat(Card.of(each).read()).isEqualTo(
                    new Card.Outcome(java.util.Optional.of(each), Map.of()));
        }
    }

    @Test
    void aBlankCardSaysWhatIsMissing() {
        assertThat(Card.blank("new").read().problems().keySet()).isEqualTo(Set.of(Field.NAME, Field.FAMILY,
                Field.ROLES, Field.PATTERN, Field.POSITION, Field.DOSE, Field.SET_UP, Field.HOW,
                Field.EASIER, Field.HARDER));
        assertThat(Card.blank("new").read().problems().get(Field.NAME))
                .isEqualTo("must not be empty: write it like \"Squat with a towel\".");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "IMPACT | loud | found \"loud\", expected one of: none, low, high.",
            "DOSE | 12 | 12 has no unit: write 12 reps, 12 counts or hold 12 s.",
            "MUSCLES | buttocks 1; wings 0.5 | found \"wings\", expected one of: neck, upper back and rear"
                    + " shoulder, front and side shoulder, chest, front of the arm, back of the arm, forearm and"
                    + " grip, lats, lower back, front of the trunk, side of the trunk, hip flexors, buttocks,"
                    + " outer hip, inner thigh, front of the thigh, back of the thigh, calf, shin.",
            "MUSCLES | buttocks 0 | The share of a muscle group must be over 0 and up to 1, not 0.0 for buttocks.",
            "EQUIPMENT | anvil | \"anvil\" is no kind of equipment; expected one of: step, mat, weight, long band,"
                    + " looped band, kettle-shaped weight, long bar, small ball, gliding disc, roller, block, towel, chair, wall, bare feet.",
            "STAND_INS | mat: a rug | Only kit that is needed has a stand-in.",
            "EASIER | smaller | found \"smaller\", expected a name and what changes: \"half way: half the depth\".",
            "CAUTIONS | knee | found \"knee\", expected \"knee: depth to comfort > hip-lift\".",
            "METS | 99, published | METs must be from 1 to 16, not 99.0."})
    void aFaultIsNamedWithWhatWasExpected(Field field, String text, String sentence) {
        Card.Outcome outcome = examples().with(field, text).read();

        assertThat(outcome.problems()).isEqualTo(Map.of(field, sentence));
        assertThat(outcome.exercise()).isEmpty();
    }
}
