package app.kehre.core.people;

import java.util.Map;
import java.util.OptionalInt;

import org.junit.jupiter.api.Test;

import app.kehre.core.brief.Goal;
import app.kehre.core.brief.Quality;
import app.kehre.core.brief.Question;
import app.kehre.core.brief.Room;
import app.kehre.core.brief.School;
import app.kehre.core.brief.Schools;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.kit.Equipment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class GroupTest {

    @Test
    void agesAndSharesMustMakeSense() {
        assertThatThrownBy(() -> new Group.Ages(60, 40))
                .hasMessage("The oldest must not be younger than the youngest, not 60 to 40.");
        assertThatThrownBy(() -> new Group.Ages(3, 40))
                .hasMessage("An age must be from 8 to 110 years, not 3.");
        assertThatThrownBy(() -> new Group.Mix(50, 40, 20))
                .hasMessage("The shares must add up to 100 %, not 50 + 40 + 20.");
    }

    @Test
    void aGroupIsOlderWhenItsYoungestAreSixty() {
        assertThat(Group.of(9).older()).isFalse();
        assertThat(Group.of(9).withAges(new Group.Ages(60, 80)).older()).isTrue();
    }

    @Test
    void aLimitThatNobodyHasIsNotKept() {
        Group group = Group.of(10).withLimit(Limit.KNEE, 5).withLimit(Limit.PREGNANCY, 1);

        assertThat(group.withLimit(Limit.KNEE, 0).limits()).isEqualTo(Map.of(Limit.PREGNANCY, 1));
    }

    @Test
    void noMoreHaveALimitThanThereArePeople() {
        Group group = Group.of(10).withLimit(Limit.KNEE, 5);

        assertThatThrownBy(() -> group.withLimit(Limit.KNEE, 11))
                .hasMessage("11 with a limit of the knee, but 10 in the group.");
        assertThatThrownBy(() -> group.withPeople(4))
                .hasMessage("5 with a limit of the knee, but 4 in the group.");
        assertThat(group.letIn(4).with(Limit.KNEE)).isEqualTo(4);
    }

    @Test
    void kitThatNobodyCountedIsTakenToBeThere() {
        Room room = Room.UNKNOWN.withCount(Equipment.STEP, OptionalInt.of(0)).withWall(false);

        assertThat(room.has(Equipment.STEP)).isFalse();
        assertThat(room.has(Equipment.WALL)).isFalse();
        assertThat(room.has(Equipment.MAT)).isTrue();
        assertThat(room.withCount(Equipment.STEP, OptionalInt.empty()).has(Equipment.STEP)).isTrue();
    }

    @Test
    void everyQuestionHasKehresAnswerAmongItsSchoolsAndALineWhy() {
        for (Question question : Question.values()) {
            assertThat(question.schools()).hasSizeBetween(2, 5).contains(question.usual());
            assertThat(question.why()).hasSizeBetween(20, 90);
        }
        assertThat(School.all().stream().map(School::words)).doesNotHaveDuplicates();
        assertThat(School.all()).extracting(School::key).doesNotHaveDuplicates()
                .allMatch(key -> key.matches("[a-z]+(-[a-z]+)*"));
    }

    @Test
    void anAnswerThatIsKehresIsNotKept() {
        Schools schools = Schools.USUAL.with(School.Rest.FULL_REST).with(School.StretchHold.ONE_EIGHT);

        assertThat(schools.of(Question.REST)).isEqualTo(School.Rest.FULL_REST);
        assertThat(schools.with(School.Rest.REST_PER_PAUSE).with(School.StretchHold.TWENTY_TO_THIRTY))
                .isEqualTo(Schools.USUAL);
        assertThatThrownBy(() -> new Schools(Map.of(Question.REST, School.Time.CLOCKED))).hasMessage(
                "\"the clock\" is no answer to \"rest\", but to \"what drives time\".");
    }

    @Test
    void whatIsPromisedCanBeTakenBack() {
        Goal goal = Goal.OPEN.with(Muscle.CHEST, true).with(Quality.BALANCE, true);

        assertThat(goal.areas()).containsExactly(Muscle.CHEST);
        assertThat(goal.with(Muscle.CHEST, false).with(Quality.BALANCE, false)).isEqualTo(Goal.OPEN);
    }
}
