package app.kehre.core.card;

import java.util.Map;
import java.util.Set;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.people.Limit;
import app.kehre.core.testing.Exercises;

import static org.assertj.core.api.Assertions.assertThat;

/** What is pointed at is what the texts say. */
class CardPartsTest {

    private final Card squat = Card.of(Exercises.SQUAT);

    private static Exercise read(Card card) {
        return card.read().exercise().orElseThrow();
    }

    @Property(tries = 100)
    void aShareThatIsPointedAtIsTheShareOfTheExerciseAndNoOtherChanges(@ForAll Muscle muscle) {
        Exercise half = read(CardParts.with(squat, muscle, 0.5));

        assertThat(half.work().share(muscle)).isEqualTo(0.5);
        Map<Muscle, Double> others = CardParts.muscles(CardParts.with(squat, muscle, 0));
        Map<Muscle, Double> before = CardParts.muscles(squat);
        before.remove(muscle);
        assertThat(others).isEqualTo(before);
    }

    @Property(tries = 100)
    void aCautionComesInThePlaceOfTheOneForTheSameLimitAndGoesAgain(@ForAll Limit limit) {
        Caution caution = new Caution(limit, "half the depth", "hip-lift");
        Card warned = CardParts.with(squat, caution);

        assertThat(read(warned).cautionFor(limit)).contains(caution);
        assertThat(read(CardParts.without(warned, limit)).cautionFor(limit)).isEmpty();
    }

    @Test
    void jointsArePointedAt() {
        assertThat(CardParts.terms(squat, Field.LOADS, Joint.class)).containsExactly(Joint.KNEE);
        assertThat(
                read(CardParts.with(squat, Field.PREPARES, Set.of(Joint.ANKLE, Joint.HIP))).work().prepares())
                .containsExactlyInAnyOrder(Joint.HIP, Joint.ANKLE);
    }
}
