package app.kehre.core.teaching;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.hall.HallWords;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Variant;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Side;

import static app.kehre.core.testing.Exercises.PLANK;
import static app.kehre.core.testing.Exercises.ROW;
import static app.kehre.core.testing.Exercises.SQUAT;
import static app.kehre.core.testing.Ids.line;
import static org.assertj.core.api.Assertions.assertThat;

/** What an instructor presses while a class is taught. */
class TeachingTest {

    private static final Instant START = Instant.parse("2026-11-24T18:30:00Z");

    private Teaching taught = Teaching.ready(Timeline.of(Plans.of(5).segment("Toning", Role.TONING, 120)
            .item(SQUAT, "10 reps 1-0-1 s, each side").item(ROW, "10 reps 1-0-1 s")
            .segment("Stretch", Role.STRETCH, 100).item(PLANK, "hold 20 s").bare()));

    TeachingTest() {
        press(0, new Press.Start(START.plusSeconds(300)));
    }

    private static Instant at(long seconds) {
        return START.plusSeconds(seconds);
    }

    private String press(long seconds, Press press) {
        var reading = taught.press(press, at(seconds), at(seconds));
        reading.value().ifPresent(next -> taught = next);
        return reading.problem();
    }

    private String wall(long seconds) {
        return HallWords.now(Moment.of(taught.run(), at(seconds)));
    }

    private List<String> owed(long seconds) {
        return taught.debts(at(seconds)).stream().map(Debt::words).toList();
    }

    @Test
    void oneMoreAndOneLessAreOfWhatRunsAndTheOtherSideIsOwedIt() {
        press(3, Press.Key.ONE_MORE);
        press(3, Press.Key.ONE_MORE);
        assertThat(wall(21)).isEqualTo("right \u00b7 rep 11 of 12");
        assertThat(owed(21)).containsExactly("left owes 2 reps");

        press(21, Press.Key.ONE_LESS);
        assertThat(owed(21)).containsExactly("left owes 1 rep");
        assertThat(press(21, Press.Key.ONE_LESS)).isEqualTo("That one is under way already.");

        press(21, Press.Key.PAY);
        assertThat(owed(21)).isEmpty();
        assertThat(wall(47)).isEqualTo("left \u00b7 rep 1 of 1");
    }

    @Test
    void eightCountsMoreAreOfTheMusic() {
        press(3, Press.Key.EIGHT_MORE);

        assertThat(wall(3)).isEqualTo("right \u00b7 rep 2 of 12");
    }

    @Test
    void aSideThatIsSkippedIsOwedUntilItIsForgiven() {
        press(30, Press.Key.SKIP_SIDE);

        assertThat(wall(30)).isEqualTo("rep 1 of 10");
        assertThat(owed(30)).containsExactly("left owes 7 reps");
        press(31, Press.Key.FORGIVE);
        assertThat(owed(40)).isEmpty();
        assertThat(press(31, Press.Key.PAY)).isEqualTo("No side owes anything.");
    }

    @Test
    void whatIsDoneFasterThanPlannedIsDone() {
        press(15, Press.Key.NEXT);
        assertThat(wall(15)).isEqualTo("change to the left");
        press(15, Press.Key.NEXT);
        assertThat(wall(15)).isEqualTo("left \u00b7 rep 1 of 10");
        press(30, Press.Key.NEXT);
        assertThat(owed(30)).isEmpty();
    }

    @Test
    void theLastPressIsTakenBackAsIfItHadNotBeen() {
        press(10, Press.Key.SKIP_LINE);
        press(12, new Press.Undo());

        assertThat(wall(12)).isEqualTo("right \u00b7 rep 7 of 10");
        assertThat(owed(12)).isEmpty();
        assertThat(taught.events()).extracting(event -> event.press().key()).containsExactly(
                "start 2026-11-24T18:35:00Z", "skip-line", "undo");
        assertThat(taught.standing()).hasSize(1);
    }

    @Test
    void whileThereIsMoreToSayTheClassStands() {
        press(4, Press.Key.TALK);
        assertThat(wall(24)).isEqualTo("right \u00b7 rep 3 of 10");
        press(24, Press.Key.GO_ON);
        assertThat(wall(24)).isEqualTo("right \u00b7 rep 3 of 10");
        assertThat(taught.run().visits()).extracting(Visit::going, visit -> visit.took().toSeconds())
                .containsExactly(org.assertj.core.groups.Tuple.tuple(Visit.Going.ON, 4L),
                        org.assertj.core.groups.Tuple.tuple(Visit.Going.TALKED_TO, 20L));
    }

    @Test
    void everybodyDoesTheEasierOptionAndStaysAtTheSameRep() {
        press(10, new Press.Choose(Variant.EASIER));

        assertThat(wall(10)).isEqualTo("right \u00b7 rep 6 of 10");
        assertThat(taught.run().course().plan().findItem(line(1)).orElseThrow().delivery().variant())
                .isEqualTo(Variant.EASIER);
    }

    @Test
    void straightToTheWayDownLeavesWhatHasNotBegun() {
        press(5, Press.Key.FINISH);

        assertThat(wall(5)).isEqualTo("hold 0:20");
        assertThat(Moment.of(taught.run(), at(5)).left().whole()).isEqualTo(Duration.ofSeconds(20));
        assertThat(press(6, Press.Key.FINISH)).isEqualTo("This is the way down already.");
    }

    @Test
    void aRoundMoreOfACircuitAndASetMoreOfALine() {
        taught = Teaching.ready(Timeline.of(Plans.of(5).segment("Toning", Role.TONING, 120)
                .item(SQUAT, "10 reps 1-0-1 s").item(ROW, "10 reps 1-0-1 s").circuit(2, 2, 0)
                .item(SQUAT, "2 x 10 reps 1-0-1 s, rest 5 s").bare()));
        press(0, new Press.Start(at(300)));
        press(65, Press.Key.ANOTHER_ROUND);
        assertThat(HallWords.place(Moment.of(taught.run(), at(65)), taught.run().timeline()))
                .isEqualTo("Toning \u00b7 Circuit \u00b7 round 2 of 3");
        press(125, Press.Key.ANOTHER_ROUND);
        assertThat(wall(125)).isEqualTo("set 1 of 3 \u00b7 rep 3 of 10");
    }

    @Test
    void whatIsRefusedSaysWhy() {
        assertThat(press(41, Press.Key.SKIP_SIDE)).isEmpty();
        assertThat(press(42, Press.Key.SKIP_SIDE))
                .isEqualTo("Both sides work at once here: there is none to skip.");
        assertThat(press(20, Press.Key.GO_ON)).isEqualTo("The class is under way.");
        taught = Teaching.ready(taught.run().timeline());
        assertThat(press(50, new Press.Undo())).isEqualTo("Nothing was pressed that could be taken back.");
    }

    /** Something pressed after so many milliseconds. */
    private record Pressed(int after, Press press) {}

    @Property(tries = 150)
    void whateverIsPressedTheRunNeverLosesASecond(@ForAll("plans") ClassPlan plan,
            @ForAll("presses") List<Pressed> presses) {
        Teaching any = Teaching.ready(Timeline.of(plan)).press(new Press.Start(START), START, START)
                .value().orElseThrow();
        Instant now = START;
        for (Pressed each : presses) {
            now = now.plusMillis(each.after());
            any = any.press(each.press(), now, now).value().orElse(any);
        }
        TeachingRun run = any.run().at(now).settled(now);
        Duration so = Duration.ZERO;
        for (Visit visit : run.visits()) {
            assertThat(visit.began()).isEqualTo(so);
            so = visit.end();
        }
        boolean over = run.state() == RunState.FINISHED || run.state() == RunState.READY;
        assertThat(so).isEqualTo(Duration.between(START, over ? so.isZero() ? START : run.since() : now));
        assertThat(run.place()).isBetween(Duration.ZERO, run.timeline().total());
        assertThat(any.standing().size()).isLessThanOrEqualTo(any.events().size());
        if (run.course().indexAt(run.place()) >= 0) {
            assertThat(run.timeline().spans().getLast().end()).isEqualTo(run.timeline().total());
        }
    }

    @Property(tries = 150)
    void noSideIsLeftUnpaidWithoutSayingSo(@ForAll("presses") List<Pressed> presses) {
        Teaching any = Teaching.ready(Timeline.of(Plans.of(5).segment("Toning", Role.TONING, 120)
                .item(SQUAT, "10 reps 1-0-1 s, each side")
                .item(ROW, "2 x 8 reps 1-0-1 s, rest 5 s, each side")
                .item(PLANK, "hold 20 s, each side").bare()))
                .press(new Press.Start(START), START, START).value().orElseThrow();
        Instant now = START;
        for (Pressed each : presses) {
            now = now.plusMillis(each.after() / 10);
            any = each.press() == Press.Key.FORGIVE
                    ? any
                    : any.press(each.press(), now, now).value().orElse(any);
        }
        if (any.run().state() == RunState.PAUSED || any.run().state() == RunState.TALKING) {
            any = any.press(Press.Key.GO_ON, now, now).value().orElseThrow();
        }
        Instant end = now.plusSeconds(36_000);
        Teaching over = any.at(end);

        Map<String, Integer> rightMore = rightMore(over.run().upTo(end));
        assertThat(over.debts(end)).allSatisfy(debt -> assertThat(debt.amount())
                .isEqualTo(Math.abs(rightMore.getOrDefault(debt.exercise() + debt.unit(), 0))));
        rightMore.forEach((what, more) -> assertThat(over.debts(end).stream()
                .anyMatch(debt -> what.equals(debt.exercise() + debt.unit())))
                .isEqualTo(Math.abs(more) >= (what.endsWith("SECONDS") ? 5 : 1)));
    }

    /** By how many reps or seconds the right side did more: each span as far as it ever was done. */
    private static Map<String, Integer> rightMore(TeachingRun run) {
        Map<Spot, Integer> done = new HashMap<>();
        Map<Spot, String> what = new HashMap<>();
        for (Visit visit : run.visits()) {
            Phase phase = visit.spot().phase();
            if ((phase == Phase.WORK || phase == Phase.HOLD) && visit.spot().side() != Side.BOTH) {
                done.merge(visit.spot(), visit.to(), Math::max);
                what.put(visit.spot(), run.course().plan().findItem(visit.spot().entry()).orElseThrow()
                        .exercise().id() + visit.unit());
            }
        }
        Map<String, Integer> more = new HashMap<>();
        done.forEach(
                (spot, amount) -> more.merge(what.get(spot), spot.side() == Side.RIGHT ? amount : -amount,
                        Integer::sum));
        return more;
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Provide
    Arbitrary<List<Pressed>> presses() {
        Arbitrary<Press> press = Arbitraries.oneOf(Arbitraries.of(Press.Key.class).map(key -> (Press) key),
                Arbitraries.just(new Press.Undo()),
                Arbitraries.of(Variant.class).map(Press.Choose::new));
        return Combinators.combine(Arbitraries.integers().between(0, 90_000), press).as(Pressed::new).list()
                .ofMaxSize(25);
    }
}
