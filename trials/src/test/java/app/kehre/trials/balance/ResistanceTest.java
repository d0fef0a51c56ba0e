package app.kehre.trials.balance;

import org.junit.jupiter.api.Test;

import app.kehre.core.balance.Ledger;
import app.kehre.core.effort.Demand;
import app.kehre.core.effort.Effort;
import app.kehre.core.effort.Participant;
import app.kehre.core.effort.Piece;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.timeline.Timeline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What muscles work against, and how hard that feels. */
class ResistanceTest {

    private static double loaded(String lines, Muscle muscle) {
        return Hall.hall().toning(lines).judged().ledger().of(muscle).load();
    }

    private static Piece work(Effort effort) {
        return effort.pieces().stream().filter(piece -> piece.demand().kind() == Demand.Kind.STRENGTH)
                .findFirst().orElseThrow();
    }

    private static double felt(String lines) {
        return work(Effort.of(Timeline.of(Hall.hall().toning(lines).plan()))).demand().effort();
    }

    @Test
    void aRowOfEmptyHandsCountsAThirdOfOneWithWeightsAndATowelTwoThirds() {
        double weights = loaded("bent-row 20 reps @ 2 heavy weights", Muscle.LATS);

        assertThat(loaded("bent-row 20 reps", Muscle.LATS)).isCloseTo(0.3 * weights, within(0.01));
        assertThat(loaded("towel-row 20 reps", Muscle.LATS)).isCloseTo(0.6 * weights, within(0.01));
        assertThat(loaded("push-up 20 reps", Muscle.CHEST)).isEqualTo(weights);
    }

    @Test
    void theArmsOfASquatWithACurlWorkAgainstTheWeightsAndTheLegsAgainstTheBody() {
        assertThat(loaded("squat-curl 20 reps", Muscle.FRONT_ARM))
                .isCloseTo(0.3 * loaded("squat-curl 20 reps @ 2 light weights", Muscle.FRONT_ARM),
                        within(0.01));
        assertThat(loaded("squat-curl 20 reps", Muscle.FRONT_THIGH))
                .isEqualTo(loaded("squat-curl 20 reps @ 2 light weights", Muscle.FRONT_THIGH));
    }

    @Test
    void airRowsDoNotBalancePushUps() {
        Ledger ledger = Hall.hall().toning("push-up 80 reps; upright-squeeze-row 80 reps").judged().ledger();

        assertThat(ledger.ratios().getFirst().evenness()).isLessThan(0.4);
    }

    @Test
    void aPlankFeelsHarderThanABridgeAndMoreLoadOrALongerSetHarderThanTheUsualOne() {
        assertThat(felt("forearm-plank hold 25 s")).isEqualTo(6);
        assertThat(felt("hip-lift 12 reps")).isCloseTo(4, within(0.1));
        assertThat(felt("biceps-curl 12 reps @ 2 light weights"))
                .isLessThan(felt("biceps-curl 12 reps @ 2 heavy weights"));
        assertThat(felt("squat 24 reps")).isCloseTo(felt("squat 12 reps") + 1.2, within(0.01));
        assertThat(felt("biceps-curl 12 reps")).isCloseTo(3, within(0.01));
    }

    @Test
    void whoReturnsFeelsMoreThanWhoIsAthleticAndTheMusclesAnswerWithinSeconds() {
        Effort effort = Effort.of(Timeline.of(Hall.hall().toning("forearm-plank hold 40 s").plan()));
        int late = work(effort).to() - 5;
        double returning = effort.lines().getFirst().effort(late);
        double athletic = effort.lines().getLast().effort(late);

        assertThat(effort.lines().getFirst().who()).isEqualTo(Participant.RETURNING);
        assertThat(returning).isGreaterThan(athletic);
        assertThat(effort.main().effort(work(effort).from() + 15))
                .isCloseTo(work(effort).demand().effort(), within(0.6));
    }
}
