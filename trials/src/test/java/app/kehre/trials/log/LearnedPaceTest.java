package app.kehre.trials.log;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;

import app.kehre.core.brief.School;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Estimate;
import app.kehre.core.log.LearnedPace;
import app.kehre.core.log.LineRecord;
import app.kehre.core.log.Observation;
import app.kehre.core.log.Observed;
import app.kehre.core.log.PaceWishes;
import app.kehre.core.log.Recording;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.PaceKind;
import app.kehre.core.pace.PaceUnit;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.rehearsal.Forecast;
import app.kehre.core.rehearsal.Habits;
import app.kehre.core.rehearsal.Rehearsal;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** The pace of simulated instructors is learned from the classes that they teach. */
class LearnedPaceTest {

    private static final int CLASSES = 8;
    private static final Instant SLOT = Instant.parse("2026-11-24T18:30:00Z");
    private static final Library LIBRARY = BuiltInLibrary.load();
    private static final List<ClassPlan> PLANS = DemoPlan.NAMES.stream()
            .map(name -> DemoPlan.load(name, LIBRARY).plan()).toList();

    /** Somebody whose waits and reps differ from the usual ones by up to a factor of two. */
    private static Pace own(SplittableRandom random) {
        double common = random.nextDouble(-0.5, 0.5);
        Pace pace = Pace.USUAL;
        for (Quantity quantity : Quantity.values()) {
            boolean reps = quantity.unit() != PaceUnit.SECONDS;
            double log = reps
                    ? random.nextDouble(-0.1, 0.1)
                    : Math.clamp(common + random.nextDouble(-0.35, 0.35), -0.69, 0.69);
            for (School.Teaching style : School.Teaching.values()) {
                double value = Math.clamp(Pace.USUAL.of(quantity, style) * Math.exp(log), quantity.least(),
                        quantity.most());
                pace = pace.with(quantity, style, value);
            }
        }
        return pace;
    }

    private static ClassRecord taught(ClassPlan plan, Pace own, long seed) {
        Rehearsal rehearsal = Rehearsal.of(plan, SLOT, seed,
                new Habits(0, Duration.ZERO, false, false, Optional.of(own)));
        return Recording.of(rehearsal.taught(), LocalDateTime.ofInstant(rehearsal.began(), ZoneOffset.UTC));
    }

    private static double error(ClassPlan plan, Pace believed, Pace own) {
        double real = Timeline.of(plan.with(own)).total().toMillis();
        return Math.abs(Timeline.of(plan.with(believed)).total().toMillis() - real) / real;
    }

    @Test
    void afterEightClassesThePredictedLengthIsNearlyTrueAndNeverWorseThanBefore() {
        List<double[]> errors = IntStream.range(0, 24).parallel().mapToObj(LearnedPaceTest::learned).toList();
        double[] before = errors.stream().mapToDouble(each -> each[0]).sorted().toArray();
        double[] after = errors.stream().mapToDouble(each -> each[1]).sorted().toArray();
        System.out.printf(
                "predicted length off: before learning %.1f %%, after %d classes %.1f %% (median), %.1f %% (most)%n",
                100 * before[before.length / 2], CLASSES, 100 * after[after.length / 2],
                100 * after[after.length - 1]);

        assertThat(after[after.length / 2]).isLessThan(0.03).isLessThan(before[before.length / 2]);
        assertThat(errors).allSatisfy(each -> assertThat(each[1]).isLessThan(each[0] + 0.01));
    }

    /** The mean error over all demos, before and after. */
    private static double[] learned(int instructor) {
        Pace own = own(new SplittableRandom(instructor));
        List<ClassRecord> records = new ArrayList<>();
        for (int i = 0; i < CLASSES; i++) {
            Pace known = LearnedPace.of(Pace.USUAL, records).pace();
            records.add(taught(PLANS.get((instructor + i) % PLANS.size()).with(known), own,
                    100L * instructor + i));
        }
        Pace learned = LearnedPace.of(Pace.USUAL, records).pace();
        return new double[]{
                PLANS.stream().mapToDouble(plan -> error(plan, Pace.USUAL, own)).average().orElseThrow(),
                PLANS.stream().mapToDouble(plan -> error(plan, learned, own)).average().orElseThrow()};
    }

    @Test
    void theRecordSaysWhatEachLineTookAndNothingIsLost() {
        ClassRecord record = taught(PLANS.getFirst(), Pace.USUAL, 3);

        assertThat(
                record.lines().stream().map(LineRecord::taughtLength).reduce(Duration.ZERO, Duration::plus))
                .isEqualTo(record.times().taught());
        assertThat(
                record.lines().stream().map(LineRecord::plannedLength).reduce(Duration.ZERO, Duration::plus))
                .isEqualTo(record.times().planned());
        assertThat(record.lines()).noneMatch(LineRecord::leftOut);
        assertThat(record.furthestOff()).allSatisfy(line -> assertThat(line.off().abs())
                .isGreaterThanOrEqualTo(Duration.ofSeconds(5)));
    }

    @Test
    void theWorkedExampleOfTheFiguresComesOut() {
        Observed once = new Observed(LocalDateTime.of(2026, 11, 24, 18, 30),
                List.of(new Observation(Quantity.SIDE, School.Teaching.SHOW_THEN_DO, Role.TONING, "", 12,
                        6)));

        Pace learned = LearnedPace.of(Pace.USUAL, List.of(once), PaceWishes.NONE).pace();
        assertThat(learned.of(Quantity.SIDE, School.Teaching.SHOW_THEN_DO)).isCloseTo(7.13, within(0.05));
        assertThat(learned.of(Quantity.SIDE, School.Teaching.FOLLOW_ME)).as("not seen").isEqualTo(3);
    }

    @Test
    void oneFireAlarmMovesNothingAndWhatWasSeenOnceMovesLittle() {
        List<ClassRecord> records = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            records.add(taught(PLANS.get(3), Pace.USUAL, i));
        }
        Estimate calm = seen(records, Quantity.SIDE);
        records.add(taught(PLANS.get(3), Pace.USUAL.with(Quantity.SIDE, 60), 9));
        Estimate alarm = seen(records, Quantity.SIDE);

        assertThat(alarm.own()).isBetween(calm.own(), calm.own() * 1.15);
        assertThat(alarm.classes()).isEqualTo(7);
    }

    private static Estimate seen(List<ClassRecord> records, Quantity quantity) {
        return LearnedPace.of(Pace.USUAL, records).estimates().stream()
                .filter(each -> each.quantity() == quantity).reduce((_, last) -> last).orElseThrow(
                        () -> new AssertionError(Arrays.toString(records.getFirst().observed().toArray())));
    }

    @Test
    void theForecastIsWiderTheFurtherClassesLieApart() {
        ClassPlan plan = PLANS.get(3);
        List<ClassRecord> alike = new ArrayList<>();
        List<ClassRecord> apart = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            alike.add(taught(plan, Pace.USUAL, i));
            apart.add(taught(plan, own(new SplittableRandom(i)), i));
        }

        assertThat(width(plan, List.of())).isLessThan(width(plan, alike));
        assertThat(width(plan, alike)).isLessThan(width(plan, apart));
    }

    /** From the earliest to the latest end of many rehearsals, in seconds. */
    private static long width(ClassPlan plan, List<ClassRecord> records) {
        LearnedPace learned = LearnedPace.of(Pace.USUAL, records);
        Forecast forecast = Forecast.of(plan, 1, seed -> new Habits(0, Duration.ZERO, false, false,
                Optional.of(learned.drawn(plan.pace(), seed))), 40);
        return forecast.overs().getLast().minus(forecast.overs().getFirst()).toSeconds();
    }

    @Test
    void aPinnedValueStaysAndWhatWasSeenBeforeAResetIsForgotten() {
        PaceWishes.Key key = new PaceWishes.Key(Quantity.FLOOR, School.Teaching.FOLLOW_ME);
        List<Observed> seen = List.of(
                new Observed(LocalDateTime.of(2026, 10, 1, 9, 0),
                        List.of(new Observation(Quantity.FLOOR, School.Teaching.FOLLOW_ME, Role.TONING, "",
                                30, 8))),
                new Observed(LocalDateTime.of(2026, 11, 1, 9, 0),
                        List.of(new Observation(Quantity.FLOOR, School.Teaching.FOLLOW_ME, Role.TONING, "",
                                9, 8))));
        PaceWishes reset = PaceWishes.NONE.withReset(key, LocalDateTime.of(2026, 10, 15, 9, 0));

        assertThat(LearnedPace.of(Pace.USUAL, seen, reset).pace().of(Quantity.FLOOR)).isBetween(8.0, 9.0);
        assertThat(LearnedPace.of(Pace.USUAL, seen, PaceWishes.NONE).pace().of(Quantity.FLOOR))
                .isGreaterThan(9);
        PaceWishes pinned = reset.withPinned(key, Optional.of(11.0));
        assertThat(LearnedPace.of(Pace.USUAL, seen, pinned).pace().of(Quantity.FLOOR)).isEqualTo(11);
    }

    @Test
    void aRepIsLearnedByExerciseOnceItWasSeenFiveTimesAndGoesOnBeingLearned() {
        Pace slowSquats = Pace.USUAL.withOwnReps(Map.of("squat", 1.4));
        ClassPlan plan = PLANS.getFirst();
        List<ClassRecord> records = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            records.add(taught(plan.with(LearnedPace.of(Pace.USUAL, records).pace()), slowSquats, i));
        }

        assertThat(LearnedPace.of(Pace.USUAL, records).pace().ownReps().get("squat")).isBetween(1.2, 1.45);
    }

    @Test
    void aQuantityIsLearnedByKindOfSegmentWhereItIsOtherwiseThanElsewhere() {
        PaceKind toning = new PaceKind(Quantity.KNOWN, School.Teaching.TALK_IT_THROUGH, Role.TONING);
        ClassPlan plan = PLANS.get(1);
        Pace own = Pace.usual(true).withOfKind(Map.of(toning, 30.0));
        List<ClassRecord> records = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            records.add(taught(plan.with(LearnedPace.of(Pace.usual(true), records).pace()), own, i));
        }

        Pace learned = LearnedPace.of(Pace.usual(true), records).pace();
        assertThat(learned.of(toning.quantity(), toning.style(), Role.TONING)).isBetween(21.0, 30.0);
        assertThat(learned.of(toning.quantity(), toning.style(), Role.STRETCH)).isLessThan(21);
        assertThat(learned.with(Quantity.KNOWN, School.Teaching.TALK_IT_THROUGH, 12).ofKind().keySet())
                .as("said by hand, it holds everywhere").doesNotContain(toning);
    }

    @Test
    void whatAnOlderGroupTakesIsHeldAgainstWhatIsUsualForItAndCountsForAllGroups() {
        List<Observed> seen = List.of(new Observed(LocalDateTime.of(2026, 11, 1, 9, 0), List.of(
                new Observation(Quantity.FLOOR, School.Teaching.FOLLOW_ME, Role.CORE, "", 27, 18),
                new Observation(Quantity.FLOOR, School.Teaching.FOLLOW_ME, Role.CORE, "", 27, 18))));

        double younger = LearnedPace.of(Pace.USUAL, seen, PaceWishes.NONE).pace().of(Quantity.FLOOR);
        double older = LearnedPace.of(Pace.OLDER, seen, PaceWishes.NONE).pace().of(Quantity.FLOOR);
        assertThat(younger).isBetween(8.5, 11.0);
        assertThat(older / younger).isCloseTo(18.0 / 8, within(0.01));
    }
}
