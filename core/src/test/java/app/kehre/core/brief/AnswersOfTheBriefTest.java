package app.kehre.core.brief;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Map;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

import app.kehre.core.exercise.Muscle;
import app.kehre.core.people.Group;
import app.kehre.core.people.Limit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What follows from the brief: how it is taught, how long a stretch is held, when the next group is at the door. */
class AnswersOfTheBriefTest {

    private final Brief brief = Brief.of("Tuesday", LocalDate.of(2026, 11, 24), LocalTime.of(18, 30),
            Duration.ofMinutes(45), 12);

    @ParameterizedTest
    @CsvSource({"STEP, FOLLOW_ME", "LOW_IMPACT, FOLLOW_ME", "MIXED, FOLLOW_ME", "CONDITIONING, SHOW_THEN_DO",
            "FLOOR, SHOW_THEN_DO", "STRETCH_AND_TONE, SHOW_THEN_DO", "EXPECTING, SHOW_THEN_DO",
            "CHAIR, TALK_IT_THROUGH"})
    void howAClassIsTaughtFollowsFromItsKindUnlessItIsSaid(Format format, School.Teaching style) {
        assertThat(brief.with(format).teaching()).isEqualTo(style);
        assertThat(brief.with(format).with(Schools.USUAL.with(School.Teaching.FOLLOW_ME)).teaching())
                .as("said").isEqualTo(School.Teaching.FOLLOW_ME);
    }

    @Test
    void forNewcomersAndTheOldestEverythingIsTalkedThrough() {
        Brief step = brief.with(Format.STEP);
        Group group = step.group();

        assertThat(step.with(new Group(12, Group.Ages.USUAL, new Group.Mix(60, 40, 0), Map.of())).teaching())
                .isEqualTo(School.Teaching.TALK_IT_THROUGH);
        assertThat(step.with(new Group(12, Group.Ages.USUAL, new Group.Mix(50, 50, 0), Map.of())).teaching())
                .isEqualTo(School.Teaching.FOLLOW_ME);
        assertThat(step.with(new Group(12, new Group.Ages(70, 85), group.mix(), Map.of())).teaching())
                .isEqualTo(School.Teaching.TALK_IT_THROUGH);
    }

    @ParameterizedTest
    @CsvSource({"ONE_EIGHT, 4, 4", "TEN_TO_FIFTEEN, 10, 30", "TWENTY_TO_THIRTY, 20, 30",
            "THIRTY_TO_SIXTY, 30, 30"})
    void olderPeopleHoldLongerButForStretchesOnOneEight(School.StretchHold answer, int usual, int older) {
        Brief asked = brief.with(Schools.USUAL.with(answer));
        Brief asked65 = asked.with(new Group(12, new Group.Ages(65, 80), Group.Mix.USUAL, Map.of()));

        assertThat(asked.stretchHold()).isEqualTo(usual);
        assertThat(asked65.stretchHold()).isEqualTo(older);
    }

    @ParameterizedTest
    @CsvSource({"18:30, 19:15", "18:34, 19:15", "17:31, 19:15", "19:29, 19:15", "19:31, 20:16",
            "09:00, 09:45"})
    void withinAnHourOfTheTimetableTheClassEndsWithItsSlot(String started, String ends) {
        LocalDateTime end = brief.hardEnd(LocalDate.of(2026, 11, 24).atTime(LocalTime.parse(started)));

        assertThat(end.toLocalTime()).isEqualTo(LocalTime.parse(ends));
    }

    @Property
    void aClassNeverEndsMoreThanAnHourLaterThanItsSlotIsLong(
            @ForAll @IntRange(min = -600, max = 600) int minutes) {
        LocalDateTime started = LocalDate.of(2026, 11, 24).atTime(18, 30).plusMinutes(minutes);
        Duration left = Duration.between(started, brief.hardEnd(started));

        assertThat(left).isBetween(Duration.ofMinutes(-15), Duration.ofMinutes(105));
    }

    @ParameterizedTest
    @EnumSource(Question.class)
    void everyAnswerBelongsToItsQuestionAndTheUsualOneIsAmongThem(Question question) {
        assertThat(question.schools()).contains(question.usual())
                .allMatch(each -> each.question() == question);
        assertThat(question.why()).isNotBlank();
        assertThat(question.changes()).isNotBlank();
        for (School school : question.schools()) {
            assertThat(Schools.USUAL.with(school).of(question)).isEqualTo(school);
            assertThat(Schools.USUAL.with(school).without(question)).isEqualTo(Schools.USUAL);
        }
    }

    @Test
    void anAnswerToAnotherQuestionIsRefused() {
        assertThatThrownBy(() -> new Schools(Map.of(Question.REST, School.Time.CLOCKED)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("is no answer to \"rest\"");
    }

    @Test
    void whatIsPromisedIsPromisedOnceAndCanBeTakenBack() {
        Goal goal = Goal.OPEN.with(Muscle.BUTTOCKS, true).with(Muscle.BUTTOCKS, true)
                .with(Quality.values()[0], true);

        assertThat(goal.areas()).containsExactly(Muscle.BUTTOCKS);
        assertThat(goal.with(Muscle.BUTTOCKS, false).with(Quality.values()[0], false)).isEqualTo(Goal.OPEN);
    }

    @Test
    void halfOfTheGroupIsEnoughToSpareEverybody() {
        Brief some = brief.with(brief.group().withLimit(Limit.KNEE, 5));

        assertThat(some.mostHave(Limit.KNEE)).isFalse();
        assertThat(brief.with(brief.group().withLimit(Limit.KNEE, 6)).mostHave(Limit.KNEE)).isTrue();
        assertThat(some.with(Format.EXPECTING).watched()).contains(Limit.KNEE, Limit.PREGNANCY);
    }

    @Test
    void aSlotThatNoTimetableHasIsRefused() {
        assertThatThrownBy(() -> brief.withSlot(Duration.ofMinutes(1)))
                .hasMessage("The slot must be from 2 to 180 min, not 1.");
        assertThatThrownBy(() -> brief.withSlot(Duration.ofSeconds(150)))
                .hasMessage("The slot must be whole minutes.");
        assertThatThrownBy(() -> brief.withTitle(" "))
                .hasMessage("The title must have from 1 to 120 characters, not 1.");
    }
}
