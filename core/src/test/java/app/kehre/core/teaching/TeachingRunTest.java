package app.kehre.core.teaching;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.hall.HallWords;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Pause;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;

import static app.kehre.core.testing.Exercises.BASIC;
import static app.kehre.core.testing.Exercises.ROW;
import static app.kehre.core.testing.Exercises.SQUAT;
import static app.kehre.core.testing.Ids.line;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class TeachingRunTest {

    private static final Instant START = Instant.parse("2026-11-24T18:30:00Z");

    private final Timeline timeline = Timeline.of(Plans.of(5).segment("Toning", Role.TONING, 120)
            .item(SQUAT, "2 x 10 reps 1-0-1 s, rest 20 s, each side").item(BASIC, "8 eights")
            .pause(Pause.Kind.WATER).item(ROW, "40 s on, 20 s off, x2", "2 light weights").bare());
    private final TeachingRun started = TeachingRun.ready(timeline).start(START, at(300));

    private static Instant at(long seconds) {
        return START.plusSeconds(seconds);
    }

    private String told(TeachingRun run, long seconds) {
        Moment moment = Moment.of(run, at(seconds));
        return HallWords.now(moment);
    }

    @Property(tries = 200)
    void aWholeClassIsTaughtInItsOrderWhateverTheClockDoes(@ForAll("plans") ClassPlan plan,
            @ForAll @IntRange(min = 1, max = 400) int step) {
        Timeline any = Timeline.of(plan);
        TeachingRun run = TeachingRun.ready(any).start(START, at(0));
        Duration here = Duration.ZERO;
        for (long now = 0; run.state() == RunState.TEACHING; now += step) {
            run = run.at(at(now));
            Duration place = run.placeAt(at(now));
            assertThat(place).isGreaterThanOrEqualTo(here);
            Moment moment = Moment.of(run, at(now));
            assertThat(moment.span()).isEqualTo(any.at(place));
            assertThat(moment.place().plus(moment.left().whole())).isEqualTo(any.total());
            here = place;
        }
        assertThat(run.state()).isEqualTo(RunState.FINISHED);
        assertThat(here).isEqualTo(any.total());
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Test
    void theWallSaysSideSetAndRep() {
        assertThat(told(started, 0)).isEqualTo("right \u00b7 set 1 of 2 \u00b7 rep 1 of 10");
        assertThat(told(started, 19)).isEqualTo("right \u00b7 set 1 of 2 \u00b7 rep 10 of 10");
        assertThat(told(started, 21)).isEqualTo("rest 0:19 \u00b7 then set 2 of 2");
        assertThat(told(started, 61)).isEqualTo("change to the left");
        assertThat(told(started, 64)).isEqualTo("left \u00b7 set 1 of 2 \u00b7 rep 1 of 10");
        assertThat(told(started, 130)).isEqualTo("eight 2 of 8");
        assertThat(told(started, 160)).isEqualTo("water");
        assertThat(told(started, 197)).isEqualTo("work 0:39 \u00b7 round 1 of 2");
        assertThat(told(started, 300)).isEqualTo("rest 0:16");
    }

    @Test
    void theWallSaysWhatIsNextAndWhereItsKitLies() {
        Moment atWater = Moment.of(started, at(160));

        assertThat(atWater.next().map(next -> HallWords.next(next, timeline)))
                .contains("40 s on, 20 s off, x2 \u00b7 2 light weights, by the wall");
        assertThat(HallWords.place(atWater, timeline)).isEqualTo("Toning \u00b7 3 of 4");
        assertThat(atWater.left().line()).isEqualTo(Duration.ofSeconds(36));
    }

    @Test
    void aPauseCostsTheSlotAndSkippingGivesItBack() {
        TeachingRun late = started.pause(at(10)).resume(at(70));
        assertThat(late.placeAt(at(75))).isEqualTo(Duration.ofSeconds(15));
        assertThat(HallWords.classLine(Moment.of(late, at(75)), timeline, ZoneOffset.UTC))
                .isEqualTo("18:31 \u00b7 room until 18:35 \u00b7 ends 18:36, over by 1:16");

        TeachingRun skipped = late.next(at(80)).next(at(80));

        assertThat(skipped.placeAt(at(80))).isEqualTo(timeline.ofEntry(line(3)).start());
        assertThat(HallWords.classLine(Moment.of(skipped, at(80)), timeline, ZoneOffset.UTC))
                .isEqualTo("18:31 \u00b7 room until 18:35 \u00b7 ends 18:34, 1:00 to spare");
    }

    @Test
    void backGoesToTheStartAndFromTheStartToTheOneBefore() {
        TeachingRun inBasic = started.next(at(5));

        assertThat(inBasic.back(at(15)).placeAt(at(15))).isEqualTo(timeline.ofEntry(line(2)).start());
        assertThat(inBasic.back(at(7)).placeAt(at(7))).isZero();
        assertThat(started.back(at(1)).placeAt(at(1))).isZero();
    }

    @Test
    void theLastNextEndsTheClassForGood() {
        TeachingRun over = started.next(at(1)).next(at(2)).next(at(3)).next(at(4));

        assertThat(over.state()).isEqualTo(RunState.FINISHED);
        assertThat(over.next(at(5))).isEqualTo(over);
        assertThat(Moment.of(over, at(60)).end()).isEqualTo(at(4));
        assertThat(HallWords.classLine(Moment.of(over, at(60)), timeline, ZoneOffset.UTC))
                .isEqualTo("ended 18:30, 4:56 to spare");
    }

    @Test
    void aClassEndsWhenItEndsHoweverLateSomebodyLooks() {
        assertThat(Moment.of(started, at(400)).end()).isEqualTo(at(316));
    }

    @Test
    void beforeTheStartTheWallSaysHowTheClassWillFit() {
        TeachingRun ready = TeachingRun.ready(timeline);

        assertThat(HallWords.classLine(Moment.of(ready, START), timeline, ZoneOffset.UTC))
                .isEqualTo("class 5:16 of 5:00, goes over by 0:16");
        assertThat(ready.next(START).start(at(9), at(300)).placeAt(at(9)))
                .isEqualTo(timeline.ofEntry(line(2)).start());
    }

    @Test
    void whatCannotFollowIsRefusedWithBothStates() {
        assertThatThrownBy(() -> started.start(START, START))
                .hasMessage("A class that is TEACHING cannot become TEACHING.");
        assertThatThrownBy(() -> TeachingRun.ready(timeline).pause(START))
                .hasMessage("A class that is READY cannot become PAUSED.");
        assertThatThrownBy(() -> started.resume(START)).hasMessage("A class that is TEACHING cannot go on.");
    }

    @Test
    void anEmptyClassIsOverAsSoonAsItStarts() {
        Timeline empty = Timeline.of(Plans.of(5).plan());
        TeachingRun run = TeachingRun.ready(empty);

        assertThat(Moment.of(run, START).entry()).isEmpty();
        assertThat(run.next(START)).isEqualTo(run);
        assertThat(run.start(START, at(300)).state()).isEqualTo(RunState.FINISHED);
    }

    @Test
    void aClockThatIsSetBackNeverMovesTheClassBeforeItsStart() {
        Span first = Moment.of(started, at(-50)).span().orElseThrow();

        assertThat(first).isEqualTo(timeline.spans().getFirst());
    }
}
