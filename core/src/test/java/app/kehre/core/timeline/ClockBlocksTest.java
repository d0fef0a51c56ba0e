package app.kehre.core.timeline;

import java.util.List;

import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;

import static org.assertj.core.api.Assertions.assertThat;

/** What is driven by the clock is shown station by station before it begins; inside it the clock rules. */
class ClockBlocksTest {

    private static final String CLOCK = "40 s on, 20 s off";

    private static List<List<String>> blocks(ClassPlan plan) {
        return ClockBlocks.of(plan.segments().getFirst()).stream()
                .map(block -> block.stream().map(Item::name).toList()).toList();
    }

    @Test
    void whatFollowsOneAnotherIsABlockAndWhatIsCountedEndsIt() {
        ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, CLOCK)
                .item(Exercises.ROW, CLOCK).item(Exercises.SQUAT, "12 reps").item(Exercises.PLANK, CLOCK)
                .plan();

        assertThat(blocks(plan)).containsExactly(List.of("Squat", "Bent-over row"), List.of("Forearm plank"));
    }

    @Test
    void waterEndsABlockAndACircuitStaysOne() {
        ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, CLOCK)
                .pause(Pause.Kind.WATER).item(Exercises.ROW, CLOCK).item(Exercises.PLANK, CLOCK)
                .circuit(2, 3, 20)
                .plan();

        assertThat(blocks(plan)).containsExactly(List.of("Squat"), List.of("Bent-over row", "Forearm plank"));
    }

    @Test
    void itsFirstLineShowsEachStationOnceAndTheOthersNone() {
        ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, CLOCK)
                .item(Exercises.ROW, CLOCK).item(Exercises.SQUAT, CLOCK).plan();
        List<Item> items = plan.items().toList();

        ClockBlocks blocks = new ClockBlocks(plan);

        assertThat(blocks.begunBy(items.getFirst())).extracting(Item::name).containsExactly("Squat",
                "Bent-over row");
        assertThat(blocks.begunBy(items.get(1))).isEmpty();
        assertThat(blocks.begunBy(items.get(2))).isEmpty();
    }

    @Test
    void withoutAClockThereIsNone() {
        ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, "12 reps")
                .plan();

        assertThat(blocks(plan)).isEmpty();
        assertThat(blocks(Plans.of(30).segment("Toning", Role.TONING, 120).bare())).isEmpty();
    }
}
