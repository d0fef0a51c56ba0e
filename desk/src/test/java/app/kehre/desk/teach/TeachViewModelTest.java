package app.kehre.desk.teach;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;

import org.junit.jupiter.api.Test;

import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Role;
import app.kehre.core.hall.HallWords;
import app.kehre.core.teaching.Press;
import app.kehre.core.teaching.RunState;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.command.HandClock;
import app.kehre.desk.sound.Tones;

import static org.assertj.core.api.Assertions.assertThat;

/** A class being taught, without a window. */
class TeachViewModelTest {

    private final Timeline timeline = Timeline.of(Plans.of(5).segment("Toning", Role.TONING, 120)
            .item(Exercises.SQUAT, "60 s on").item(Exercises.ROW, "60 s on").bare());
    private final Timeline other = Timeline.of(Plans.one(Exercises.SQUAT, "30 s on"));
    private final HandClock clock = HandClock.at(timeline.plan().brief());
    private final TeachViewModel model = made(timeline);

    private TeachViewModel made(Timeline taught) {
        return new TeachViewModel(taught, clock, clock, (work, show) -> show.accept(work.get()),
                CompletableFuture.completedFuture(Tones.silent()));
    }

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

    @Test
    void aNextTooManyAndAStartOverByMistakeAreTakenBackAsIfNothingHadBeen() {
        model.startOrPause();
        pass(70);
        model.press(Press.Key.NEXT);
        assertThat(state()).isEqualTo(RunState.FINISHED);
        pass(5);
        model.undo();
        assertThat(state()).isEqualTo(RunState.TEACHING);
        assertThat(model.moment().get().place()).isEqualTo(Duration.ofSeconds(75));

        model.startOver();
        pass(3);
        model.undo();
        assertThat(model.moment().get().place()).isEqualTo(Duration.ofSeconds(78));
    }

    @Test
    void aSlotThatIsOverBeforeItStartsAndAClassWithoutSegmentsAreTaught() {
        clock.pass(Duration.ofMinutes(30));
        model.startOrPause();
        pass(10);
        assertThat(state()).isEqualTo(RunState.TEACHING);
        assertThat(offered()).isEqualTo(
                "No change of doses, rounds and lines makes up 27:00.");
        model.press(Press.Key.FINISH);
        assertThat(model.said().get()).isEqualTo("No way down is planned: there is nothing to go to.");

        TeachViewModel empty = made(Timeline.of(Plans.of(30).plan()));
        empty.startOrPause();
        assertThat(empty.moment().get().state()).isEqualTo(RunState.FINISHED);
    }

    private String offered() {
        return model.onTime().offer().get().map(offer -> offer.proposal().reason()).orElse("");
    }

    @Test
    void keptOnTimeKehreTakesItsProposalAndSaysWhatItDid() {
        clock.pass(Duration.ofSeconds(200));
        model.setThreshold(Duration.ofSeconds(10));
        model.onTime().kept().set(true);
        model.startOrPause();
        pass(2);

        assertThat(model.said().get()).isEqualTo("Kept on time: Bent-over row 40 s, 0:20");
        assertThat(model.moment().get().spare().isNegative()).isFalse();
        assertThat(model.teaching().get().events().getLast().press().key())
                .isEqualTo("kept-on-time Bent-over row 40 s, 0:20");
    }

    @Test
    void theNumberDoneOfAsManyAsPossibleIsTypedWithTwoKeysAndTold() {
        TeachViewModel challenge = made(
                Timeline.of(Plans.one(Exercises.SQUAT, "as many as possible in 30 s, beat 20")));
        List<Integer> told = new ArrayList<>();
        challenge.onCount((_, number) -> told.add(number));
        challenge.startOrPause();
        clock.pass(Duration.ofSeconds(5));
        challenge.tick();
        assertThat(challenge.counts().words().get()).isEqualTo("beat 20");

        challenge.counts().digit(2);
        assertThat(challenge.counts().words().get()).isEqualTo("how many? 2_");
        challenge.counts().digit(4);
        assertThat(challenge.counts().words().get()).isEqualTo("24 done, 20 last time");
        assertThat(told).containsExactly(24);
    }

    @Test
    void settingTheClockNeitherEndsNorFreezesTheClassAndTheRoomsEndIsThatOfTheWall() {
        HandClock wall = HandClock.at(timeline.plan().brief());
        TeachViewModel taught = new TeachViewModel(timeline, wall, clock);
        taught.startOrPause();
        wall.pass(Duration.ofHours(1));
        taught.tick();
        assertThat(taught.moment().get().state()).isEqualTo(RunState.TEACHING);
        assertThat(taught.moment().get().place()).isZero();
        assertThat(taught.moment().get().spare()).isEqualTo(Duration.ofMinutes(3).minusHours(1));

        wall.pass(Duration.ofHours(-2));
        clock.pass(Duration.ofSeconds(30));
        taught.tick();
        assertThat(taught.moment().get().place()).isEqualTo(Duration.ofSeconds(30));
        assertThat(taught.moment().get().spare())
                .isEqualTo(Duration.ofMinutes(3).plusHours(1).plusSeconds(30));
    }

    @Test
    void aClassInTheHourThatComesTwiceHasItsSlotAndNoMore() {
        ZoneId zone = ZoneId.of("Europe/Zurich");
        Clock night = Clock.fixed(Instant.parse("2026-10-25T00:30:00Z"), zone);
        Timeline class230 = Timeline.of(timeline.plan().with(Brief.of("Night", LocalDate.of(2026, 10, 25),
                LocalTime.of(2, 30), Duration.ofMinutes(60), 5)));
        TeachViewModel taught = new TeachViewModel(class230, night, night);

        taught.startOrPause();

        assertThat(taught.moment().get().spare()).isEqualTo(Duration.ofMinutes(58));
    }

    @Test
    void aClassOverMidnightEndsOnTheNextDay() {
        Timeline late = Timeline.of(timeline.plan().with(Brief.of("Late", LocalDate.of(2026, 11, 24),
                LocalTime.of(23, 58), Duration.ofMinutes(5), 5)));
        HandClock night = HandClock.at(late.plan().brief());
        TeachViewModel taught = new TeachViewModel(late, night, night,
                (work, show) -> show.accept(work.get()), CompletableFuture.completedFuture(Tones.silent()));
        taught.startOrPause();
        night.pass(Duration.ofSeconds(119));
        taught.tick();

        assertThat(HallWords.classLine(taught.moment().get(), late, night.getZone()))
                .isEqualTo("23:59 \u00b7 room until 00:03 \u00b7 ends 00:00, 3:00 to spare");
    }

    @Test
    void anHourThatIsLookedAtTenTimesASecondDriftsByNothing() {
        TeachViewModel hour = made(Timeline.of(Plans.one(Exercises.SQUAT, "600 s on, x6")));
        hour.startOrPause();
        for (int tick = 1; tick < 36_000; tick++) {
            clock.pass(Duration.ofMillis(100));
            hour.tick();
        }
        assertThat(hour.moment().get().place()).isEqualTo(Duration.ofMinutes(60).minusMillis(100));
    }

    @Test
    void whoTurnsRoundMovesTheSideThatIsSaid() {
        assertThat(model.facing().get()).isTrue();

        model.turnRound();

        assertThat(model.facing().get()).isFalse();
    }
}
