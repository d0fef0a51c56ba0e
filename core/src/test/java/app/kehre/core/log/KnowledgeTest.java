package app.kehre.core.log;

import java.time.Duration;
import java.util.Map;
import java.util.Set;

import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.pace.Pace;
import app.kehre.core.people.Regulars;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;

import static org.assertj.core.api.Assertions.assertThat;

/** What a group did often enough is known to it, and the time to explain it follows. */
class KnowledgeTest {

    private final ClassPlan plan = Plans.of(10).segment("Toning", Role.TONING, 120)
            .item(Exercises.SQUAT, "10 reps")
            .item(Exercises.ROW, "10 reps").plan();

    private static Duration length(ClassPlan plan) {
        return Timeline.of(plan).total();
    }

    @Test
    void whatWasDoneTwiceAndTheCombinationsOfLastWeekAreKnown() {
        assertThat(Knowledge.of(Map.of("squat", 2, "row", 1, "Signal", 1), Set.of("Signal")))
                .containsExactlyInAnyOrder(
                        "squat", "Signal");
    }

    @Test
    void whatTheGroupKnowsIsExplainedShortUntilTheInstructorSaysOtherwise() {
        ClassPlan known = plan.with(plan.brief().with(
                plan.brief().group()
                        .withRegulars(new Regulars("Tuesday climbers", Set.of("squat", "bent-row")))));
        Item squat = known.items().findFirst().orElseThrow();

        assertThat(known.isKnown(squat)).isTrue();
        assertThat(length(known)).isLessThan(length(plan));
        ClassPlan said = known.withKnown(squat, false);
        assertThat(said.isKnown(squat)).isFalse();
        assertThat(length(said)).isBetween(length(known).plusMillis(1), length(plan));
    }

    @Test
    void aRepOfAnExerciseHasALengthOfItsOwnOnceItIsLearned() {
        ClassPlan slow = plan.with(Pace.USUAL.withOwnReps(Map.of("squat", 1.5)));

        assertThat(slow.pace().reps("squat")).isEqualTo(1.5);
        assertThat(slow.pace().reps("bent-row")).isEqualTo(1);
        assertThat(length(slow)).isGreaterThan(length(plan));
    }
}
