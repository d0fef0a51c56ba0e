package app.kehre.core.timeline;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import org.junit.jupiter.api.Test;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Format;
import app.kehre.core.brief.School;
import app.kehre.core.brief.Schools;
import app.kehre.core.brief.Start;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Speed;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.exercise.Setting;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.people.Group;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pacing;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.testing.Plans;

import static app.kehre.core.testing.Exercises.BASIC;
import static app.kehre.core.testing.Exercises.PLANK;
import static app.kehre.core.testing.Exercises.ROW;
import static app.kehre.core.testing.Exercises.SIDE_PLANK;
import static app.kehre.core.testing.Exercises.SQUAT;
import static app.kehre.core.testing.Exercises.of;
import static app.kehre.core.testing.Ids.line;
import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Explaining and changing over, to the second. */
class ChangeoverTest {

    private static Plans toning() {
        return shown(Plans.of(60)).segment("Toning", Role.TONING, 120);
    }

    private static Plans shown(Plans plans) {
        return plans.brief(brief -> brief.with(Schools.USUAL.with(School.Teaching.SHOW_THEN_DO)));
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
    void aNewExerciseIsShownInFullAKnownOneIsNamed() {
        assertThat(told(toning().item(SQUAT, "10 reps").item(SQUAT, "10 reps").item(ROW, "10 reps")
                .delivery(delivery -> delivery.withKnown(true)))).containsExactly("explain 25", "work 20",
                        "explain 8", "work 20", "explain 8", "work 20");
    }

    @Test
    void theStyleOfTheClassTheSegmentOrTheLineSaysHowLongTheGroupStandsStill() {
        Plans plans = Plans.of(60).segment("Toning", Role.TONING, 120).item(SQUAT, "10 reps");
        Plans own = Plans.of(60).segment("Toning", Role.TONING, 120).item(SQUAT, "10 reps")
                .delivery(delivery -> delivery.withTeaching(Optional.of(School.Teaching.TALK_IT_THROUGH)));
        ClassPlan plan = plans.plan();
        Segment segment = plan.segments().getFirst();

        assertThat(told(plans)).containsExactly("explain 4", "work 20");
        assertThat(told(own)).containsExactly("explain 40", "work 20");
        assertThat(told(Timeline.of(plan.with(segment.with(
                Pacing.AS_CLASS.withTeaching(Optional.of(School.Teaching.SHOW_THEN_DO)))))))
                .containsExactly("explain 25", "work 20");
        assertThat(told(Timeline.of(plan.with(segment.with(Pacing.AS_CLASS.withSpeed(Speed.SLOW))))))
                .containsExactly("explain 4", "work 40");
    }

    @Test
    void theClassesOwnAnswerFollowsItsFormatAndItsPeople() {
        Brief brief = Plans.of(60).segment("Toning", Role.TONING, 120).plan().brief();

        assertThat(brief.teaching()).isEqualTo(School.Teaching.FOLLOW_ME);
        assertThat(brief.with(Format.CONDITIONING).teaching()).isEqualTo(School.Teaching.SHOW_THEN_DO);
        assertThat(brief.with(Format.STRETCH_AND_TONE).teaching()).isEqualTo(School.Teaching.SHOW_THEN_DO);
        assertThat(brief.with(brief.group().withAges(new Group.Ages(65, 80))).teaching())
                .isEqualTo(School.Teaching.TALK_IT_THROUGH);
        assertThat(brief.with(Format.CONDITIONING).with(Schools.USUAL.with(School.Teaching.FOLLOW_ME))
                .teaching()).isEqualTo(School.Teaching.FOLLOW_ME);
    }

    @Test
    void countsWarmUpMovesAndOpenWorkOfAnAerobicPartAreExplainedOverTheMovementAStretchIsNot() {
        Timeline timeline = Timeline.of(shown(Plans.of(60)).segment("Warm-up", Role.WARM_UP, 120)
                .item(SQUAT, "10 reps, each side").segment("Aerobic", Role.AEROBIC, 120)
                .item(BASIC, "4 eights")
                .item(SQUAT, "about 60 s").segment("Stretch", Role.STRETCH, 90).item(ROW, "stretch 10 s")
                .plan());

        assertThat(told(timeline)).containsExactly("work 20", "side-change 3", "work 20", "work 16",
                "work 60",
                "explain 8", "hold 10");
        assertThat(timeline.over()).extracting(over -> over.stretch().shown().toSeconds())
                .containsExactly(25L, 16L, 8L);
    }

    @Test
    void aHoldingPatternGivesTimeToExplain() {
        Timeline timeline = Timeline.of(shown(Plans.of(60)).segment("Aerobic", Role.AEROBIC, 120)
                .item(BASIC, "4 eights").delivery(delivery -> delivery.withHoldingEights(2)).plan());

        assertThat(told(timeline)).containsExactly("work 8 holding pattern", "work 16");
        assertThat(timeline.over().getFirst().stretch())
                .isEqualTo(new Stretch(Duration.ZERO, Duration.ofSeconds(24)));
    }

    @Test
    void aSideCostsTheSameHoweverItIsWritten() {
        Plans each = toning().item(SIDE_PLANK, "hold 20 s, each side");
        Plans lines = toning().item(SIDE_PLANK, "hold 20 s, right side").item(SIDE_PLANK,
                "hold 20 s, left side");
        Plans rounds = toning().item(SIDE_PLANK, "hold 20 s, one side a round").circuit(1, 2, 0);

        assertThat(told(each)).endsWith("explain 25", "hold 20", "side-change 6", "hold 20");
        assertThat(told(lines)).isEqualTo(told(each));
        assertThat(told(rounds)).isEqualTo(told(each));
    }

    @Test
    void weightsAreFetchedOnceThenTakenWithinReachAndPutAwayAfterTheirLastUse() {
        assertThat(told(toning().item(ROW, "10 reps", "2 light weights").item(SQUAT, "10 reps")
                .item(ROW, "10 reps", "2 light weights").item(ROW, "10 reps", "2 heavy weights")
                .item(SQUAT, "10 reps"))).containsExactly("set-up 20 2 light weights", "explain 25",
                        "work 20", "set-up 3 put down", "explain 25", "work 20", "set-up 3 2 light weights",
                        "explain 8", "work 20", "set-up 20 2 heavy weights", "explain 8", "work 20",
                        "set-up 12 put away", "explain 8", "work 20");
    }

    @Test
    void goingDownLaysTheMatOnceAndOlderGroupsTakeLonger() {
        Plans plans = toning().item(PLANK, "hold 30 s").item(SQUAT, "10 reps").item(SIDE_PLANK, "hold 20 s");

        assertThat(told(plans)).containsExactly("set-up 12 mat", "transition 8 floor", "explain 25",
                "hold 30", "transition 8 up", "explain 25", "work 20", "transition 8 floor", "explain 25",
                "hold 20");
        assertThat(told(plans.brief(
                brief -> brief.with(brief.group().withAges(new Group.Ages(65, 80))))))
                .contains("transition 18 floor", "transition 18 up");
    }

    @Test
    void aMatThatLiesThereIsSoonReachedAndAClassThatStartsOnTheFloorLiesOnIt() {
        Plans plans = toning().item(PLANK, "hold 30 s");

        assertThat(told(
                plans.brief(brief -> brief.with(brief.room().withPlace(Equipment.MAT, KitPlace.SET_OUT)))))
                .containsExactly("set-up 4 mat", "transition 8 floor", "explain 25", "hold 30");
        assertThat(Timeline.of(plans.plan()).marks()).extracting(Mark::words).contains("mat", "floor");
        assertThat(told(plans.brief(brief -> brief.with(brief.room().with(Start.ON_THE_FLOOR)))))
                .containsExactly("explain 25", "hold 30");
    }

    @Test
    void bandsAndRisersTakeTheirTimeShoesAndTheWallAreNotPickedUp() {
        assertThat(told(toning().item(SQUAT, "10 reps", "looped band at the thigh").item(SQUAT, "10 reps")
                .item(BASIC, "10 reps", "step").item(BASIC, "10 reps", "step on 2 risers")
                .item(ROW, "10 reps", "bare feet").item(SQUAT, "10 reps", "free wall"))).containsExactly(
                        "set-up 30 1 looped band at the thigh", "explain 25", "work 20", "set-up 10 band off",
                        "explain 8", "work 20", "explain 25", "work 20", "set-up 10 1 step on 2 risers",
                        "explain 8", "work 20", "explain 25", "work 20", "explain 8", "work 20");
    }

    @Test
    void aChairIsSetUpOnceUnlessTheClassStartsOnChairs() {
        Exercise seated = of("seated-march", "Seated march", Position.SEATED_CHAIR, Set.of(Equipment.CHAIR));
        Plans plans = toning().item(seated, "10 reps").item(SQUAT, "10 reps").item(seated, "10 reps");

        assertThat(told(plans)).containsExactly("set-up 15 chair", "explain 25", "work 20", "explain 25",
                "work 20", "explain 8", "work 20");
        assertThat(told(plans.brief(brief -> brief.with(brief.room().with(Start.ON_CHAIRS)))))
                .first().isEqualTo("explain 25");
    }

    @Test
    void changeoversFollowThePositionThatTheLinePicks() {
        Exercise press = withOthers(SQUAT, Set.of(Position.SEATED_CHAIR, Position.KNEELING));
        ClassPlan plan = toning().item(press, "10 reps").plan();
        Item item = plan.items().findFirst().orElseThrow();

        assertThat(told(Timeline.of(plan.with(item.withPosed(Optional.of(Position.SEATED_CHAIR))))))
                .containsExactly("set-up 15 chair", "explain 25", "work 20");
        assertThat(told(Timeline.of(plan.with(item.withPosed(Optional.of(Position.KNEELING))))))
                .containsExactly("transition 8 floor", "explain 25", "work 20");
        assertThatThrownBy(() -> item.withPosed(Optional.of(Position.SUPINE))).hasMessage(
                "Squat is not done supine; it can be done: standing, seated on a chair, kneeling.");
    }

    private static Exercise withOthers(Exercise exercise, Set<Position> others) {
        Setting setting = exercise.setting();
        return exercise.with(new Setting(setting.position(), others, setting.facing(), setting.equipment(),
                setting.standIns(), setting.without()));
    }

    @Test
    void whatFollowsAPauseIsFetchedAndExplainedInItAsFarAsItGoes() {
        assertThat(told(toning().pause(Pause.Kind.KIT).item(ROW, "10 reps", "2 light weights")))
                .containsExactly("pause 40", "explain 5", "work 20");
        assertThat(told(toning().item(ROW, "10 reps", "2 light weights").pause(Pause.Kind.WATER)
                .item(ROW, "10 reps", "2 light weights"))).containsExactly("set-up 20 2 light weights",
                        "explain 25", "work 20", "pause 40", "work 20");
    }

    @Test
    void whoStaysAsTheyAreInAPauseKeepsWhatTheyHold() {
        Pause short5 = Pause.of(line(9), Pause.Kind.REST).withLength(Duration.ofSeconds(5));
        Plans stays = toning().item(ROW, "10 reps", "2 light weights").entry(short5)
                .item(ROW, "10 reps", "2 light weights");
        Plans empties = toning().item(ROW, "10 reps", "2 light weights").entry(short5.withStaying(false))
                .item(ROW, "10 reps", "2 light weights");

        assertThat(told(stays)).endsWith("pause 5", "explain 3", "work 20");
        assertThat(told(empties)).endsWith("pause 5", "set-up 1 2 light weights", "explain 8", "work 20");
    }

    @Test
    void aChangeoverCanBeSetOrSwitchedOffForAnItem() {
        assertThat(told(toning().item(PLANK, "hold 30 s")
                .delivery(delivery -> delivery.withChangeover(Optional.of(Duration.ofSeconds(12))))))
                .containsExactly("set-up 12 floor", "explain 25", "hold 30");
        assertThat(told(toning().item(PLANK, "hold 30 s")
                .delivery(delivery -> delivery.withChangeover(Optional.of(Duration.ZERO)).withExplaining(
                        Explaining.NONE))))
                .containsExactly("hold 30");
    }

    @Test
    void stationsAreShownOnceBeforeABlockByTheClockAndChangingOverLiesInsideItsRest() {
        assertThat(told(toning().item(SQUAT, "40 s on, 40 s off")
                .item(ROW, "40 s on, 20 s off", "2 light weights").delivery(each -> each.withKnown(true))))
                .containsExactly("explain 15 showing the stations", "work 40", "rest 20",
                        "set-up 20 2 light weights", "work 40", "rest 20");
        assertThat(told(Plans.of(60).segment("Toning", Role.TONING, 120).item(SQUAT, "40 s on, 40 s off")
                .item(ROW, "40 s on, 20 s off"))).containsExactly("work 40", "rest 36", "explain 4",
                        "work 40",
                        "rest 20");
    }

    @Test
    void whatDoesNotFitInTheRestIsTakenFromTheWorkAndShownAsLost() {
        Timeline timeline = Timeline.of(toning().item(SQUAT, "40 s on, 10 s off")
                .item(ROW, "40 s on, 20 s off, x2", "2 light weights").plan());

        assertThat(told(timeline)).containsExactly("explain 20 showing the stations", "work 40",
                "set-up 20 2 light weights", "work 30", "rest 20", "work 40", "rest 20");
        assertThat(timeline.lost())
                .containsExactly(new Lost(part(1), line(2), OptionalInt.empty(), Duration.ofSeconds(10)));
        assertThat(timeline.total()).isEqualTo(Duration.ofSeconds(20 + 50 + 120));
        assertThat(Tally.of(timeline, Optional.empty()).words())
                .isEqualTo("explaining 0:20, changeover 0:20, work lost 0:10");
    }

    @Test
    void aBlockIsAsLongWithoutRestAsItsWorkWhateverIsSaidAndOnlyKitAndTheFloorCostWork() {
        Timeline timeline = Timeline.of(Plans.of(60).segment("Toning", Role.TONING, 120)
                .item(SQUAT, "40 s on, each side").item(ROW, "40 s on").item(PLANK, "40 s on")
                .delivery(delivery -> delivery.withExplaining(
                        new Explaining(Explaining.Mode.IN_REST, Optional.of(Duration.ofSeconds(30)))))
                .plan());

        assertThat(timeline.total()).isEqualTo(Duration.ofSeconds(4 * 40));
        assertThat(timeline.lost()).extracting(Lost::length).containsExactly(Duration.ofSeconds(20));
        assertThat(timeline.over()).hasSize(2);
    }

    @Test
    void whatALineOrARoundSaysOfExplainingIsHeardInsideABlockToo() {
        Explaining ten = new Explaining(Explaining.Mode.STOPS, Optional.of(Duration.ofSeconds(10)));
        Plans again = toning().item(SQUAT, "40 s on, 20 s off").item(ROW, "40 s on, 20 s off")
                .inRound(2, change -> change.withExplaining(Optional.of(ten))).circuit(2, 2, 0);
        Timeline over = Timeline.of(toning().item(SQUAT, "40 s on, 20 s off")
                .delivery(delivery -> delivery
                        .withExplaining(new Explaining(Explaining.Mode.OVER, ten.length())))
                .item(ROW, "40 s on, 20 s off")
                .delivery(delivery -> delivery
                        .withExplaining(new Explaining(Explaining.Mode.OVER, ten.length())))
                .plan());

        assertThat(told(again)).endsWith("work 40", "rest 10", "explain 10", "work 40", "rest 20");
        assertThat(told(over)).containsExactly("work 40", "rest 20", "work 40", "rest 20");
        assertThat(over.over()).extracting(each -> each.stretch().shown().toSeconds()).containsExactly(10L,
                10L);
    }

    @Test
    void evenAWorkThatIsLostWholeKeepsTheClock() {
        Timeline timeline = Timeline.of(toning().item(SQUAT, "10 s on, 5 s off")
                .item(PLANK, "10 s on, 5 s off, x2").plan());

        assertThat(timeline.total()).isEqualTo(Duration.ofSeconds(20 + 15 + 30));
        assertThat(timeline.lost().getFirst().length()).isEqualTo(Duration.ofSeconds(10));
    }

    @Test
    void inACircuitTheFirstRoundIsShownAndLaterOnesAreNamed() {
        Plans plans = toning().item(SQUAT, "6 reps")
                .inRound(2, change -> change.withDose(dose("9 reps"))).item(ROW, "6 reps").circuit(2, 3, 5);

        assertThat(told(plans)).containsExactly("explain 25", "work 12", "explain 25", "work 12", "rest 5",
                "explain 3", "work 18", "explain 8", "work 12", "rest 5", "explain 3", "work 12", "explain 8",
                "work 12");
    }

    @Test
    void aPauseThatFillsTheRestGivesItsTimeOnce() {
        Pause sip = Pause.of(line(1), Pause.Kind.WATER).withLength(Duration.ofSeconds(10));
        Duration shorter = Timeline.of(sipping(sip, 9)).total();
        Duration full = Timeline.of(sipping(sip, 10)).total();

        assertThat(full).isGreaterThanOrEqualTo(shorter);
    }

    private static ClassPlan sipping(Pause sip, int rest) {
        return toning()
                .brief(brief -> brief.with(brief.room().withPlace(Equipment.WEIGHT, KitPlace.BY_THE_WALL)))
                .item(SQUAT, "12 reps", "2 weights").entry(sip).circuit(2, 2, rest).plan();
    }

    @Test
    void aPauseInACircuitIsTakenInEveryRoundAndBehindTheLastStationLiesInTheRest() {
        Pause sip = Pause.of(line(9), Pause.Kind.WATER).withLength(Duration.ofSeconds(30));
        Plans among = toning().item(SQUAT, "6 reps").entry(sip).item(ROW, "6 reps").circuit(3, 2, 60);
        Plans inTheRest = toning().item(SQUAT, "6 reps").item(ROW, "6 reps").entry(sip).circuit(3, 2, 60);
        Plans longer = toning().item(SQUAT, "6 reps").item(ROW, "6 reps").entry(sip).circuit(3, 2, 20);

        assertThat(told(among)).containsExactly("explain 25", "work 12", "pause 30", "work 12", "rest 60",
                "work 12", "pause 30", "work 12");
        assertThat(told(inTheRest)).containsExactly("explain 25", "work 12", "explain 25", "work 12",
                "pause 30", "rest 30", "work 12", "explain 8", "work 12");
        assertThat(told(longer)).contains("pause 30").noneMatch(each -> each.startsWith("rest"));
        assertThat(Timeline.of(inTheRest.plan()).marks()).filteredOn(mark -> mark.kind() == Mark.Kind.WATER)
                .hasSize(1);
    }

    @Test
    void aRoundMayLeaveOutAnItemOrChangeItsLoadOrExplainItAgain() {
        Plans plans = toning().item(SQUAT, "6 reps").inRound(2, change -> change.withOut(true))
                .item(ROW, "6 reps", "2 light weights")
                .inRound(2, change -> change.withLoad(app.kehre.core.kit.LoadNotation
                        .parse("2 heavy weights").value()).withExplaining(Optional.of(
                                new Explaining(
                                        Explaining.Mode.STOPS, Optional.of(Duration.ofSeconds(13))))))
                .circuit(2, 2, 0);

        assertThat(told(plans)).containsExactly("explain 25", "work 12", "set-up 20 2 light weights",
                "explain 25", "work 12", "set-up 20 2 heavy weights", "explain 13", "work 12");
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
                "Squat: right 12 reps, left nothing");
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

        assertThat(told(toning().entry(screen))).containsExactly("explain 25", "hold 10", "side-change 6",
                "hold 10");
    }

    @Test
    void aPauseAtATimeOfTheClassWaitsForItAndNeverRunsBack() {
        Pause water = Pause.of(line(1), Pause.Kind.WATER).withNotBefore(Optional.of(Duration.ofMinutes(2)));

        assertThat(told(toning().item(SQUAT, "20 reps").entry(water))).containsExactly("explain 25",
                "work 40", "pause 55 hold on until it is time", "pause 40");
        assertThat(told(toning().item(SQUAT, "60 reps").entry(water))).containsExactly("explain 25",
                "work 120", "pause 40");
    }

    @Test
    void aCutClassTakesNoTimeForWhatIsLeftOutAndLosesNothing() {
        ClassPlan plan = toning().item(SQUAT, "10 reps").segment("Core", Role.CORE, 110)
                .item(PLANK, "hold 30 s").segment("Stretch", Role.STRETCH, 90).item(ROW, "stretch 20 s")
                .plan();

        ClassPlan cut = app.kehre.core.edit.Structures.cutTo(plan, java.util.Set.of(part(1), part(3)));

        assertThat(told(Timeline.of(cut))).containsExactly("explain 25", "work 20", "explain 8", "hold 20");
        assertThat(Timeline.of(cut).ofSegment(part(2)).length()).isZero();
        assertThat(Timeline.of(cut).ofEntry(line(2)).start()).isEqualTo(Duration.ofSeconds(45));
        assertThat(app.kehre.core.edit.Structures.whole(cut)).isEqualTo(plan);
    }

    @Test
    void theTallySaysWhereTheTimeGoes() {
        Timeline timeline = Timeline.of(shown(Plans.of(60)).segment("Aerobic", Role.AEROBIC, 120)
                .item(BASIC, "8 eights").segment("Core", Role.CORE, 120).item(PLANK, "hold 30 s").plan());

        assertThat(Tally.of(timeline, Optional.empty()).words())
                .isEqualTo("explaining 0:50, 0:25 of it while they move, changeover 0:20");
        assertThat(Tally.of(timeline, Optional.of(part(2))).all())
                .isEqualTo("work 0:30, explaining 0:25, changeover 0:20");
        assertThat(Tally.of(timeline, Optional.of(part(2))).of(Tally.Use.WORK))
                .isEqualTo(Duration.ofSeconds(30));
    }

    private static Optional<app.kehre.core.dose.Dose> dose(String text) {
        return app.kehre.core.dose.DoseNotation.parse(text).value();
    }
}
