package app.kehre.core.timeline;

import java.time.Duration;
import java.util.List;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Role;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Pause;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Plans;
import app.kehre.core.value.Side;

import static app.kehre.core.testing.Exercises.BASIC;
import static app.kehre.core.testing.Exercises.PLANK;
import static app.kehre.core.testing.Exercises.ROW;
import static app.kehre.core.testing.Exercises.SIDE_PLANK;
import static app.kehre.core.testing.Exercises.SQUAT;
import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;

class TimelineTest {

    private static Timeline of(Exercise exercise, String dose) {
        return Timeline.of(Plans.one(exercise, dose));
    }

    private static List<String> told(Timeline timeline) {
        return timeline.spans().stream().map(span -> "%s %d s%s".formatted(span.phase().words(),
                span.stretch().shown().toSeconds(),
                span.side() == Side.BOTH ? "" : " " + span.side().letter())).toList();
    }

    @Property
    void spansTileTheClass(@ForAll("plans") ClassPlan plan) {
        Timeline timeline = Timeline.of(plan);
        Duration here = Duration.ZERO;
        for (Span span : timeline.spans()) {
            assertThat(span.start()).isEqualTo(here);
            assertThat(span.end()).isGreaterThan(here);
            assertThat(timeline.at(span.start())).contains(span);
            assertThat(timeline.at(span.end().minusNanos(1))).contains(span);
            here = span.end();
        }
        assertThat(timeline.total()).isEqualTo(here);
        assertThat(timeline.at(here)).isEmpty();
    }

    @Property
    void segmentsAndEntriesAddUpToTheClass(@ForAll("plans") ClassPlan plan) {
        Timeline timeline = Timeline.of(plan);

        assertThat(plan.segments().stream().map(each -> timeline.ofSegment(each.id()).shown())
                .reduce(Duration.ZERO, Duration::plus)).isEqualTo(timeline.fit().length());
        assertThat(timeline.spans().stream().map(each -> each.stretch().length())
                .reduce(Duration.ZERO, Duration::plus)).isEqualTo(timeline.total());
        assertThat(plan.lines().filter(each -> !(each instanceof Circuit)).map(timeline::lengthOf)
                .reduce(Duration.ZERO, Duration::plus)).isLessThanOrEqualTo(timeline.fit().length());
    }

    @Property
    void blocksTileTheClassToo(@ForAll("plans") ClassPlan plan) {
        Timeline timeline = Timeline.of(plan);

        assertThat(Block.of(timeline).stream().map(block -> block.stretch().length())
                .reduce(Duration.ZERO, Duration::plus)).isEqualTo(timeline.total());
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"12 reps|0:24", "12 slow reps|0:48", "12 quick reps|0:18",
            "12 pulses|0:12",
            "2 x 12 reps|0:48", "10 > 10 reps|0:40", "6 reps, hold 10 s, 6 reps|0:34",
            "hold 10 counts|0:11", "hold 10 counts of music|0:05", "4 breaths|0:20", "4 deep breaths|0:32",
            "12 reps 2-0-2 s|0:48",
            "3 x 10 reps 1-0-1 s, rest 20 s|1:40", "3 x 10 reps 1-0-1 s, rest 20 s, each side|3:24",
            "12 reps 2-0-2 counts|0:24", "hold 25 s|0:25", "2 x hold 25 s, rest 10 s|1:00",
            "hold 25 s each side|0:54", "45 s on, 15 s off, x5|5:00",
            "45 s on, 15 s off, x5, no last rest|4:45", "40 s on, 20 s off, x2, each side|4:00",
            "40 s on, x3, each side|4:00", "5 eights|0:20", "5 eights, half time|0:40",
            "5 eights, double time|0:10", "5 eights, each side|0:40"})
    void aDoseTakesItsTime(String dose, String clock) {
        assertThat(app.kehre.core.value.Lengths.clock(of(SQUAT, dose).total())).isEqualTo(clock);
    }

    /** Rung to rung 3 s, into a hold 2 s and out of it 1 s, between sets 6 s where no rest is written. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"2 x 12 reps|0:54", "2 x 12 reps, rest 1 s|0:49",
            "10 > 10 > 10 reps|1:06", "6 reps, hold 10 s, 6 reps|0:37", "3 x hold 10 s|0:42"})
    void everyLadderAndEverySetHasTimeOfItsOwn(String dose, String clock) {
        ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120).item(SQUAT, dose)
                .delivery(delivery -> delivery.withExplaining(Explaining.NONE)).plan();

        assertThat(app.kehre.core.value.Lengths.clock(Timeline.of(plan).total())).isEqualTo(clock);
    }

    @Test
    void secondSideCostsOneSideChange() {
        assertThat(told(of(SIDE_PLANK, "2 x hold 20 s, rest 10 s, each side"))).containsExactly(
                "hold 20 s R", "rest 10 s R", "hold 20 s R", "side-change 4 s L", "hold 20 s L",
                "rest 10 s L", "hold 20 s L");
    }

    @Test
    void inIntervalsTheSideChangesInsideTheRest() {
        assertThat(told(of(SQUAT, "40 s on, 20 s off, each side, no last rest")))
                .containsExactly("work 40 s R", "rest 20 s R", "work 40 s L");
    }

    @Test
    void anHourOfMusicIsExactToTheNanosecond() {
        Plans plans = Plans.of(60).segment("Aerobic", Role.AEROBIC, 126);
        for (int i = 0; i < 945; i++) {
            plans.item(BASIC, "1 eight");
        }

        Timeline timeline = Timeline.of(plans.plan());

        assertThat(timeline.total()).isEqualTo(Duration.ofHours(1));
        assertThat(timeline.spans().get(500).start()).isEqualTo(new Bpm(126).at(2 * 8 * 500));
        assertThat(timeline.spans().get(500).done().firstCount()).hasValue(4000);
    }

    @Property
    void everyBoundaryIsRoundedOnceThroughHalfAndDoubleTimeAndTempoChanges(
            @ForAll @IntRange(min = 60, max = 200) int first,
            @ForAll @IntRange(min = 60, max = 200) int second,
            @ForAll @Size(min = 1, max = 30) List<@IntRange(min = 1, max = 64) Integer> counts) {
        List<String> paces = List.of("", ", half time", ", double time");
        Plans plans = Plans.of(60);
        for (int bpm : List.of(first, second)) {
            plans.segment("Aerobic", Role.AEROBIC, bpm);
            for (int i = 0; i < counts.size(); i++) {
                plans.item(BASIC, counts.get(i) + " counts" + paces.get(i % 3));
            }
        }
        Timeline timeline = Timeline.of(plans.plan());
        long half = 0;
        for (Span span : timeline.spans()) {
            boolean inSecond = span.segment().equals(part(2));
            int item = (span.entry().number() - 1) % counts.size();
            half = item == 0 ? 0 : half;
            Duration began = inSecond ? timeline.ofSegment(part(2)).start() : Duration.ZERO;
            assertThat(span.start()).isEqualTo(began.plus(new Bpm(inSecond ? second : first).at(half)));
            half += (long) counts.get(item) * List.of(2, 4, 1).get(item % 3);
        }
    }

    @Test
    void eachSegmentKeepsItsOwnTempo() {
        Timeline timeline = Timeline.of(Plans.of(30).segment("Warm-up", Role.WARM_UP, 120)
                .item(BASIC, "4 eights").segment("Aerobic", Role.AEROBIC, 60).item(BASIC, "4 eights").plan());

        assertThat(timeline.ofSegment(part(1)).length()).isEqualTo(Duration.ofSeconds(16));
        assertThat(timeline.ofSegment(part(2)).length()).isEqualTo(Duration.ofSeconds(32));
    }

    @Test
    void aSpanKnowsWhichRepRuns() {
        Span set = of(SQUAT, "10 reps 1-0-1 s").spans().getFirst();

        assertThat(set.partAt(Duration.ZERO)).isEqualTo(1);
        assertThat(set.partAt(Duration.ofMillis(1999))).isEqualTo(1);
        assertThat(set.partAt(Duration.ofSeconds(2))).isEqualTo(2);
        assertThat(set.partAt(Duration.ofSeconds(25))).isEqualTo(10);
        assertThat(set.partDone(Duration.ofSeconds(5))).isEqualTo(0.25);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"30 min on|ends on time to the second", "29:00 on|1:00 to spare",
            "30 min on, 100 s off|goes over by 1:40"})
    void theClassStandsToItsSlotInWords(String dose, String words) {
        assertThat(of(SQUAT, dose).fit().words()).isEqualTo(words);
    }

    @Test
    void aSegmentIsMarkedOnlyWhenItIsWellOffItsTarget() {
        ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120).target(10)
                .item(SQUAT, "11 min on").segment("Core", Role.CORE, 120).target(10)
                .item(SQUAT, "11:01 on").segment("Rest", Role.PAUSE, 100).bare();
        Timeline timeline = Timeline.of(plan);

        assertThat(timeline.fit(plan.segment(part(1)))).hasValueSatisfying(
                fit -> assertThat(fit.wellOff()).isFalse());
        assertThat(timeline.fit(plan.segment(part(2)))).hasValueSatisfying(
                fit -> assertThat(fit.wellOff()).isTrue());
        assertThat(timeline.fit(plan.segment(part(3)))).isEmpty();
    }

    @Test
    void whatTheGroupMustChangeIsMarkedOnce() {
        Timeline timeline = Timeline.of(Plans.of(30).segment("All", Role.TONING, 120).item(BASIC, "8 eights")
                .item(BASIC, "8 eights").pause(Pause.Kind.WATER).item(ROW, "12 reps", "2 light weights")
                .item(ROW, "8 reps", "2 light weights").item(SQUAT, "12 reps").item(PLANK, "hold 30 s")
                .item(SQUAT, "12 reps").plan());

        assertThat(timeline.marks().stream().filter(mark -> mark.kind() != Mark.Kind.FIRST))
                .extracting(mark -> mark.kind() + " " + mark.words())
                .containsExactly("KIT step", "WATER water", "KIT 2 light weights", "KIT put away",
                        "KIT mat", "DOWN floor", "UP up");
    }

    @Test
    void anEmptyClassHasNoLength() {
        assertThat(Timeline.of(Plans.of(30).plan()).total()).isZero();
        assertThat(Timeline.of(Plans.of(30).segment("Toning", Role.TONING, 120).plan()).at(Duration.ZERO))
                .isEmpty();
    }
}
