package app.kehre.trials.balance;

import java.util.List;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Ledger;
import app.kehre.core.balance.Promise;
import app.kehre.core.brief.Goal;
import app.kehre.core.brief.Quality;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.edit.Addables;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Role;
import app.kehre.core.exercise.Style;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Screen;
import app.kehre.core.proposal.Way;
import app.kehre.core.value.Named;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** What was promised is measured, shown and missed aloud; what is done on one side after the other counts once. */
class PromisesTest {

    private static Hall promising(Quality quality) {
        return Hall.slot(30).brief(brief -> brief.with(brief.goal().with(quality, true)));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            endurance    | AEROBIC | march 32 eights                            | jog 9 min on
            strength     | TONING  | upright-squeeze-row 5 x 15 reps, rest 15 s | squat 5 x 15 reps, rest 15 s; push-up 4 x 10 reps, rest 15 s
            mobility     | STRETCH | quiet-breathing 20 breaths                 | calf-stretch stretch 50 s, each side; hamstring-stretch stretch 50 s, each side
            balance      | TONING  | squat 3 x 15 reps, rest 15 s               | one-leg-stand hold 50 s, each side
            back-care    | CORE    | curl-up 5 x 15 reps, rest 15 s             | opposite-arm-leg 2 x 16 reps, rest 10 s, alternating; hip-lift 2 x 15 reps, rest 10 s
            relaxing     | STRETCH | march 16 eights                            | quiet-breathing 20 breaths
            whole-body   | TONING  | squat 3 x 15 reps, rest 15 s; push-up 3 x 12 reps, rest 15 s | squat 2 x 15 reps, rest 15 s; push-up 2 x 15 reps, rest 15 s; bent-row 2 x 15 reps, rest 15 s @ 2 light weights; curl-up 2 x 15 reps, rest 15 s
            """)
    void aQualityThatIsPromisedHasItsShareOrIsMissed(String key, Role role, String other, String serving) {
        Quality quality = Named.ofKey(Quality.class, key).orElseThrow();
        Assessment missed = promising(quality).segment("Part", role, 120, other).judged();
        Assessment kept = promising(quality).segment("Part", role, 120, serving).judged();

        assertThat(Hall.of(missed, "promised-quality")).singleElement()
                .satisfies(found -> assertThat(found.what()).containsIgnoringCase(quality.words()));
        assertThat(Hall.of(kept, "promised-quality")).isEmpty();
        assertThat(Promise.of(kept)).singleElement().satisfies(promise -> {
            assertThat(promise.kept()).isTrue();
            assertThat(promise.words()).startsWith(quality.words()).doesNotContain("at least");
        });
        assertThat(Promise.of(missed).getFirst().words()).contains(", at least ");
    }

    @Test
    void whatIsDoneOnOneSideAfterTheOtherCountsOnce() {
        Ledger both = Hall.hall().toning("clam 15 reps, each side").judged().ledger();
        Ledger one = Hall.hall().toning("clam 15 reps, right side").judged().ledger();

        assertThat(both.of(Muscle.OUTER_HIP).load()).isCloseTo(2 * one.of(Muscle.OUTER_HIP).load(),
                offset(1.0));
        assertThat(both.of(Muscle.OUTER_HIP).right()).isCloseTo(both.of(Muscle.OUTER_HIP).load(),
                offset(1.0));
        assertThat(both.of(Muscle.OUTER_HIP).reps()).isLessThan(16);
    }

    @Test
    void aSetIsOneWithBothItsSidesAndAllItsRungs() {
        Hall hall = promising(Quality.STRENGTH)
                .toning("split-squat 3 x 10 reps, rest 15 s, each side @ 2 light weights;"
                        + " squat 2 x 12 reps, rest 15 s");

        Assessment judged = hall.judged();

        assertThat(judged.ledger().of(Muscle.FRONT_THIGH).sets()).isEqualTo(5);
        assertThat(Promise.of(judged).getFirst().words()).contains("in 5 sets, 3 against kit");
    }

    @Test
    void aScreenLoadsTheLegThatStands() {
        Screen screen = (Screen) new Addables.Addable.OfScreen().entry(new EntryId(9));

        Ledger.Row hip = Hall.hall().toning("").plans(plans -> plans.entry(screen)).judged().ledger()
                .of(Muscle.OUTER_HIP);

        assertThat(hip.right()).isCloseTo(5, offset(0.1));
        assertThat(hip.left()).isCloseTo(5, offset(0.1));
    }

    @Test
    void armsOverStepsPrepareTheShoulders() {
        ClassPlan plain = Hall.slot(30).warmUp("march 32 eights")
                .toning("overhead-press 3 x 12 reps, rest 15 s").plan();
        Item march = plain.items().findFirst().orElseThrow();
        ClassPlan arms = plain.with(march.withDelivery(march.delivery().withStyle(Set.of(Style.ARMS))));

        assertThat(Hall.of(Assessment.of(plain, Hall.LIBRARY), "not-prepared/shoulder")).isNotEmpty();
        assertThat(Hall.of(Assessment.of(arms, Hall.LIBRARY), "not-prepared/shoulder")).isEmpty();
    }

    @Test
    void workThatFeelsLikeNothingIsTooLightForToning() {
        List<String> light = Hall
                .of(Hall.slot(30).toning("good-morning 4 x 12 reps, rest 10 s").judged(), "toning-missed")
                .stream().map(found -> found.what()).toList();

        assertThat(light).singleElement().asString()
                .startsWith("Toning is too light for this group: its work feels like");
        assertThat(Hall.of(Hall.slot(30).toning("squat 4 x 12 reps, rest 15 s").judged(), "toning-missed"))
                .isEmpty();
    }

    /** A mend let people work 70 s at one station and 45 s at the next. */
    @Test
    void theClockOfACircuitIsChangedForAllItsStations() {
        Assessment judged = Hall.hall().brief(brief -> brief.with(new Goal(Set.of(Muscle.CHEST), Set.of())))
                .toning("push-up 30 s on, 15 s off; squat 30 s on, 15 s off; curl-up 12 reps")
                .plans(plans -> plans.circuit(3, 2, 20)).judged();

        Way longer = Hall.of(judged, "promised-area").getFirst().mends().getFirst();

        assertThat(longer.words()).isEqualTo("Circuit: 45 s on, 15 s off");
        assertThat(longer.after().items().map(item -> DoseNotation.print(item.dose())))
                .containsExactly("45 s on, 15 s off", "45 s on, 15 s off", "12 reps");
    }
}
