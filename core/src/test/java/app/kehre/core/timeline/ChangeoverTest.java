package app.kehre.core.timeline;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

import org.junit.jupiter.api.Test;

import app.kehre.core.dose.Hold;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.testing.Plans;

import static app.kehre.core.testing.Exercises.BASIC;
import static app.kehre.core.testing.Exercises.PLANK;
import static app.kehre.core.testing.Exercises.ROW;
import static app.kehre.core.testing.Exercises.SIDE_PLANK;
import static app.kehre.core.testing.Exercises.SQUAT;
import static app.kehre.core.testing.Ids.line;
import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;

/** Explaining and changing over, to the second. */
class ChangeoverTest {

    private static Plans toning() {
        return Plans.of(60).segment("Toning", Role.TONING, 120);
    }

    private static List<String> told(Plans plans) {
        return told(Timeline.of(plans.plan()));
    }

    private static List<String> told(Timeline timeline) {
        return timeline.spans().stream().map(span -> "%s %d%s".formatted(span.phase().words(),
                span.stretch().shown().toSeconds(), span.words().isEmpty() ? "" : " " + span.words()))
                .toList();
    }

    @Test
    void aNewExerciseIsExplainedInFullAKnownOneInFiveSeconds() {
        assertThat(told(toning().item(SQUAT, "10 reps").item(SQUAT, "10 reps").item(ROW, "10 reps")
                .manner(manner -> manner.withKnown(true)))).containsExactly("explain 20", "work 30",
                        "explain 5", "work 30", "explain 5", "work 30");
    }

    @Test
    void countsWarmUpAndStretchesAreExplainedOverTheMovement() {
        Timeline timeline = Timeline.of(Plans.of(60).segment("Warm-up", Role.WARM_UP, 120)
                .item(SQUAT, "10 reps").segment("Aerobic", Role.AEROBIC, 120).item(BASIC, "4 eights")
                .segment("Stretch", Role.STRETCH, 90).item(ROW, "stretch 10 s").plan());

        assertThat(told(timeline)).containsExactly("work 30", "work 16", "hold 10");
        assertThat(timeline.over()).extracting(over -> over.stretch().shown().toSeconds())
                .containsExactly(20L, 16L, 10L);
    }

    @Test
    void aHoldingPatternGivesTimeToExplain() {
        Timeline timeline = Timeline.of(Plans.of(60).segment("Aerobic", Role.AEROBIC, 120)
                .item(BASIC, "4 eights").manner(manner -> manner.withHoldingEights(2)).plan());

        assertThat(told(timeline)).containsExactly("work 8 holding pattern", "work 16");
        assertThat(timeline.over().getFirst().stretch())
                .isEqualTo(new Stretch(Duration.ZERO, Duration.ofSeconds(20)));
    }

    @Test
    void weightsAreFetchedOnceThenTakenAtHandAndPutAwayAfterTheirLastUse() {
        assertThat(told(toning().item(ROW, "10 reps", "2 light weights").item(SQUAT, "10 reps")
                .item(ROW, "10 reps", "2 light weights").item(ROW, "10 reps", "2 heavy weights")
                .item(SQUAT, "10 reps"))).containsExactly("set-up 25 2 light weights", "explain 20",
                        "work 30", "set-up 6 put down", "explain 20", "work 30", "set-up 6 2 light weights",
                        "explain 5", "work 30", "set-up 25 2 heavy weights", "explain 5", "work 30",
                        "set-up 15 put away", "explain 5", "work 30");
    }

    @Test
    void goingDownLaysTheMatOnceAndOlderGroupsTakeLonger() {
        Plans plans = toning().item(PLANK, "hold 30 s").item(SQUAT, "10 reps").item(SIDE_PLANK, "hold 20 s");

        assertThat(told(plans)).containsExactly("set-up 15 mat", "transition 10 floor", "explain 20",
                "hold 30", "transition 10 up", "explain 20", "work 30", "transition 10 floor", "explain 20",
                "hold 20");
        assertThat(told(plans.brief(
                brief -> brief.with(brief.group().withAges(new app.kehre.core.people.Group.Ages(65, 80))))))
                .contains("transition 20 floor",
                        "transition 20 up");
    }

    @Test
    void whatIsSetOutBeforeTheClassCostsNothing() {
        Plans plans = toning().item(PLANK, "hold 30 s");

        assertThat(told(
                plans.brief(brief -> brief.with(brief.room().withPlace(Equipment.MAT, KitPlace.SET_OUT)))))
                .containsExactly("transition 10 floor", "explain 20", "hold 30");
        assertThat(Timeline.of(plans.plan()).marks()).extracting(Mark::words).contains("mat", "floor");
    }

    @Test
    void bandsShoesRisersAndTheWallTakeTheirTime() {
        assertThat(told(toning().item(SQUAT, "10 reps", "looped band at the thigh").item(SQUAT, "10 reps")
                .item(BASIC, "10 reps", "step").item(BASIC, "10 reps", "step on 2 risers")
                .item(ROW, "10 reps", "bare feet").item(SQUAT, "10 reps", "free wall"))).containsExactly(
                        "set-up 35 1 looped band at the thigh", "explain 20", "work 30", "set-up 10 band off",
                        "explain 5", "work 30", "explain 20", "work 30", "set-up 10 1 step on 2 risers",
                        "explain 5", "work 30", "set-up 20 shoes off", "explain 20", "work 30",
                        "set-up 20 shoes on", "transition 10 to the wall",
                        "set-up 6 1 free wall", "explain 5", "work 30");
    }

    @Test
    void aPauseForKitTakesOverWhatFetchingCosts() {
        assertThat(told(toning().pause(Pause.Kind.KIT).item(ROW, "10 reps", "2 light weights")))
                .containsExactly("pause 40", "explain 20", "work 30");
    }

    @Test
    void aChangeoverCanBeSetOrSwitchedOffForAnItem() {
        assertThat(told(toning().item(PLANK, "hold 30 s")
                .manner(manner -> manner.withChangeover(Optional.of(Duration.ofSeconds(12))))))
                .containsExactly("set-up 12 floor", "explain 20", "hold 30");
        assertThat(told(toning().item(PLANK, "hold 30 s")
                .manner(manner -> manner.withChangeover(Optional.of(Duration.ZERO)).withExplaining(
                        Explaining.NONE))))
                .containsExactly("hold 30");
    }

    @Test
    void inIntervalsExplainingAndChangeoverLieInsideTheRest() {
        assertThat(told(toning().item(SQUAT, "40 s on, 40 s off")
                .item(ROW, "40 s on, 20 s off", "2 light weights").manner(each -> each.withKnown(true))))
                .containsExactly("explain 20", "work 40", "rest 10", "set-up 25 2 light weights",
                        "explain 5", "work 40", "rest 20");
    }

    @Test
    void whatDoesNotFitInTheRestIsTakenFromTheWorkAndShownAsLost() {
        Timeline timeline = Timeline.of(toning().item(SQUAT, "40 s on, 20 s off")
                .item(ROW, "40 s on, 20 s off, x2", "2 light weights").plan());

        assertThat(told(timeline)).containsExactly("explain 20", "work 40", "set-up 25 2 light weights",
                "explain 20", "work 15", "rest 20", "work 40", "rest 20");
        assertThat(timeline.lost())
                .containsExactly(new Lost(part(1), line(2), OptionalInt.empty(), Duration.ofSeconds(25)));
        assertThat(timeline.total()).isEqualTo(Duration.ofSeconds(20 + 60 + 120));
        assertThat(Tally.of(timeline, Optional.empty()).words())
                .isEqualTo("explaining 0:40, changeover 0:25, work lost 0:25");
    }

    @Test
    void evenAWorkThatIsLostWholeKeepsTheClock() {
        Timeline timeline = Timeline.of(toning().item(SQUAT, "10 s on, 5 s off")
                .item(PLANK, "10 s on, 5 s off, x2").plan());

        assertThat(timeline.total()).isEqualTo(Duration.ofSeconds(20 + 15 + 30));
        assertThat(timeline.lost().getFirst().length()).isEqualTo(Duration.ofSeconds(10));
    }

    @Test
    void inACircuitTheFirstRoundIsExplainedAndLaterOnesOnlyWhereTheDoseIsAnother() {
        Plans plans = toning().item(SQUAT, "6 reps")
                .inRound(2, change -> change.withDose(dose("9 reps"))).item(ROW, "6 reps").circuit(2, 3, 30);

        assertThat(told(plans)).containsExactly("explain 20", "work 18", "explain 20", "work 18", "rest 30",
                "explain 5", "work 27", "work 18", "rest 30", "explain 5", "work 18", "work 18");
    }

    @Test
    void aRoundMayLeaveOutAnItemOrChangeItsLoadOrExplainItAgain() {
        Plans plans = toning().item(SQUAT, "6 reps").inRound(2, change -> change.withOut(true))
                .item(ROW, "6 reps", "2 light weights")
                .inRound(2, change -> change.withLoad(app.kehre.core.kit.LoadNotation
                        .parse("2 heavy weights").value()).withExplaining(Optional.of(Explaining.USUAL)))
                .circuit(2, 2, 0);

        assertThat(told(plans)).containsExactly("explain 20", "work 18", "set-up 25 2 light weights",
                "explain 20", "work 18", "set-up 25 2 heavy weights", "explain 5", "work 18");
    }

    @Test
    void anIntervalCircuitRunsByTheClockThroughItsRoundRests() {
        Timeline timeline = Timeline.of(toning().item(SQUAT, "40 s on, 20 s off").item(PLANK,
                "40 s on, 20 s off").circuit(2, 3, 75).plan());

        assertThat(timeline.total()).isEqualTo(Duration.ofSeconds(20 + 3 * 120 + 2 * 75));
        assertThat(timeline.spans().stream().filter(span -> span.phase() == Phase.WORK))
                .extracting(span -> span.turn().round().getAsInt() + "/" + span.turn().interval().getAsInt())
                .containsExactly("1/1", "1/1", "2/1", "2/1", "3/1", "3/1");
    }

    @Test
    void oneSideARoundWorksTheOtherSideInTheNextRound() {
        Timeline timeline = Timeline.of(toning().item(SQUAT, "10 reps, one side a round").item(ROW, "5 reps")
                .circuit(2, 3, 0).bare());

        assertThat(timeline.spans().stream().filter(span -> span.entry().equals(line(1))))
                .extracting(span -> span.side().letter()).containsExactly("R", "L", "R");
        assertThat(SideTotals.of(timeline)).singleElement().satisfies(totals -> {
            assertThat(totals.words()).isEqualTo("Squat: right 20 reps, left 10 reps");
            assertThat(totals.even()).isFalse();
        });
    }

    @Test
    void aForgottenSideAnOddNumberAndOneRepMoreAreAllSeen() {
        assertThat(uneven(toning().item(SQUAT, "12 reps, right side"))).containsExactly(
                "Squat: right 12 reps, left 0:00");
        assertThat(uneven(toning().item(SQUAT, "11 reps, alternating")))
                .containsExactly("Squat: right 6 reps, left 5 reps");
        assertThat(uneven(toning().item(SQUAT, "9 reps, right side").item(ROW, "5 reps")
                .item(SQUAT, "8 reps, left side"))).containsExactly("Squat: right 9 reps, left 8 reps");
        assertThat(uneven(toning().item(SIDE_PLANK, "hold 20 s, right side")
                .item(SIDE_PLANK, "hold 25 s, left side")))
                .containsExactly("Side plank: right 0:20, left 0:25");
        assertThat(uneven(toning().item(SQUAT, "8 reps 2-0-2 counts, right side").item(ROW, "5 reps")
                .item(SQUAT, "10 reps, left side"))).containsExactly("Squat: right 8 reps, left 10 reps");
        assertThat(uneven(toning().item(SQUAT, "12 pairs").item(ROW, "8 reps, each side"))).isEmpty();
    }

    private static List<String> uneven(Plans plans) {
        return SideTotals.of(Timeline.of(plans.plan())).stream().filter(each -> !each.even())
                .map(SideTotals::words).toList();
    }

    @Test
    void aScreenIsExplainedAndTriedOnEachLeg() {
        Screen screen = new Screen(line(1), "Balance screen", Hold.of(Duration.ofSeconds(10)).withSides(
                app.kehre.core.dose.Sides.EACH_SIDE), "a foot comes down", java.util.Map.of(), "");

        assertThat(told(toning().entry(screen))).containsExactly("explain 20", "hold 10", "side-change 4",
                "hold 10");
    }

    @Test
    void aPauseAtATimeOfTheClassWaitsForItAndNeverRunsBack() {
        Pause water = Pause.of(line(1), Pause.Kind.WATER).withNotBefore(Optional.of(Duration.ofMinutes(2)));

        assertThat(told(toning().item(SQUAT, "20 reps").entry(water))).containsExactly("explain 20",
                "work 60",
                "pause 40 hold on until it is time", "pause 40");
        assertThat(told(toning().item(SQUAT, "60 reps").entry(water))).containsExactly("explain 20",
                "work 180", "pause 40");
    }

    @Test
    void aCutClassTakesNoTimeForWhatIsLeftOutAndLosesNothing() {
        ClassPlan plan = toning().item(SQUAT, "10 reps").segment("Core", Role.CORE, 110)
                .item(PLANK, "hold 30 s").segment("Stretch", Role.STRETCH, 90).item(ROW, "stretch 20 s")
                .plan();

        ClassPlan cut = app.kehre.core.edit.Structures.cutTo(plan, java.util.Set.of(part(1), part(3)));

        assertThat(told(Timeline.of(cut))).containsExactly("explain 20", "work 30", "hold 20");
        assertThat(Timeline.of(cut).ofSegment(part(2)).length()).isZero();
        assertThat(Timeline.of(cut).ofEntry(line(2)).start()).isEqualTo(Duration.ofSeconds(50));
        assertThat(app.kehre.core.edit.Structures.whole(cut)).isEqualTo(plan);
    }

    @Test
    void theTallySaysWhereTheTimeGoes() {
        Timeline timeline = Timeline.of(Plans.of(60).segment("Aerobic", Role.AEROBIC, 120)
                .item(BASIC, "8 eights").segment("Core", Role.CORE, 120).item(PLANK, "hold 30 s").plan());

        assertThat(Tally.of(timeline, Optional.empty()).words())
                .isEqualTo("explaining 0:40, 0:20 of it while they move, changeover 0:25");
        assertThat(Tally.of(timeline, Optional.of(part(2))).all())
                .isEqualTo("work 0:30, explaining 0:20, changeover 0:25");
        assertThat(Tally.of(timeline, Optional.of(part(2))).of(Tally.Use.WORK))
                .isEqualTo(Duration.ofSeconds(30));
    }

    private static Optional<app.kehre.core.dose.Dose> dose(String text) {
        return app.kehre.core.dose.DoseNotation.parse(text).value();
    }
}
