package app.kehre.desk.teach;

import java.time.Duration;

import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.teaching.RunState;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.command.HandClock;

import static org.assertj.core.api.Assertions.assertThat;

/** A class being taught, without a window. */
class TeachViewModelTest {

    private final Timeline timeline = Timeline.of(Plans.of(5).segment("Toning", Role.TONING, 120)
            .item(Exercises.SQUAT, "60 s on").item(Exercises.ROW, "60 s on").bare());
    private final Timeline other = Timeline.of(Plans.one(Exercises.SQUAT, "30 s on"));
    private final HandClock clock = HandClock.at(timeline.plan().brief());
    private final TeachViewModel model = new TeachViewModel(timeline, clock);

    private RunState state() {
        return model.moment().get().state();
    }

    private void pass(int seconds) {
        clock.pass(Duration.ofSeconds(seconds));
        model.tick();
    }

    @Test
    void oneKeyStartsPausesAndGoesOn() {
        model.startOrPause();
        pass(10);
        model.startOrPause();
        assertThat(state()).isEqualTo(RunState.PAUSED);
        pass(100);
        assertThat(model.moment().get().place()).isEqualTo(Duration.ofSeconds(10));

        model.startOrPause();
        pass(5);
        assertThat(model.moment().get().place()).isEqualTo(Duration.ofSeconds(15));
    }

    @Test
    void afterItsEndTheClassIsReadyAgainAtOneKey() {
        model.startOrPause();
        pass(500);
        assertThat(state()).isEqualTo(RunState.FINISHED);

        model.startOrPause();
        assertThat(state()).isEqualTo(RunState.READY);
        assertThat(model.moment().get().place()).isZero();
    }

    @Test
    void aChangedPlanIsTakenUpOnlyWhenNothingIsTaught() {
        model.prepare(other);
        assertThat(model.timeline().get()).isSameAs(other);
        model.startOrPause();
        model.prepare(timeline);
        assertThat(model.timeline().get()).isSameAs(other);

        model.startOver();
        model.prepare(timeline);
        assertThat(model.timeline().get()).isSameAs(timeline);
    }

    @Test
    void theHardEndIsTheOneOfTheTimetable() {
        clock.pass(Duration.ofMinutes(4));
        model.startOrPause();

        assertThat(model.moment().get().spare()).isEqualTo(Duration.ofMinutes(-1));
    }
}
