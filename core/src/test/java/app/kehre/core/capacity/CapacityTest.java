package app.kehre.core.capacity;

import java.util.OptionalInt;
import java.util.function.UnaryOperator;

import org.junit.jupiter.api.Test;

import app.kehre.core.brief.Room;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;

import static org.assertj.core.api.Assertions.assertThat;

class CapacityTest {

    private static Capacity of(UnaryOperator<Room> room) {
        return Capacity.of(Plans.of(30).segment("Toning", Role.TONING, 120)
                .item(Exercises.ROW, "12 reps", "2 light weights").item(Exercises.BASIC, "4 eights")
                .item(Exercises.PLANK, "hold 20 s")
                .brief(brief -> brief.with(room.apply(brief.room()))).bare());
    }

    @Test
    void theFloorIsSharedByTheNeedOfTheWidestExercise() {
        Capacity capacity = of(room -> room.withFloor(66));

        assertThat(capacity.people()).hasValue(16);
        assertThat(capacity.words())
                .isEqualTo("room for 16: the floor runs out first (66 m\u00b2, 4 m\u00b2 each)");
        assertThat(capacity.tooSmallFor(17)).isTrue();
        assertThat(capacity.tooSmallFor(16)).isFalse();
    }

    @Test
    void theKindOfKitThatRunsOutFirstIsNamed() {
        Capacity capacity = of(room -> room.withFloor(66).withCount(Equipment.WEIGHT, OptionalInt.of(21))
                .withCount(Equipment.STEP, OptionalInt.of(12)).withCount(Equipment.CHAIR, OptionalInt.of(2)));

        assertThat(capacity.words()).isEqualTo("room for 10: the weights run out first (21, 2 each)");
        assertThat(capacity.bounds()).extracting(Capacity.Bound::what).containsExactly("weights", "steps",
                "floor");
    }

    @Test
    void whatNobodyMeasuredOrCountedSetsNoBound() {
        assertThat(of(room -> room).words()).isEqualTo("room and kit not counted");
        assertThat(of(room -> room).tooSmallFor(200)).isFalse();
    }
}
