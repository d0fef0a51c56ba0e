package app.kehre.core.hall;

import java.time.Duration;
import java.time.Instant;
import java.util.List;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Pause;
import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;

import static app.kehre.core.testing.Exercises.BASIC;
import static app.kehre.core.testing.Exercises.ROW;
import static app.kehre.core.testing.Exercises.SIDE_PLANK;
import static app.kehre.core.testing.Exercises.SQUAT;
import static org.assertj.core.api.Assertions.assertThat;

/** What is said next, what sounds, and what the group reads. */
class WallsTest {

    private static final Instant START = Instant.parse("2026-11-24T18:30:00Z");

    private static Moment moment(Timeline timeline, long millis) {
        return Moment.of(TeachingRun.ready(timeline).start(START, START.plusSeconds(3600)),
                START.plusMillis(millis));
    }

    private static List<String> sounds(Timeline timeline) {
        return Signals.between(timeline, Duration.ZERO, timeline.total()).stream()
                .map(due -> "%.1f %s".formatted(due.at().toMillis() / 1000.0, due.signal().key())).toList();
    }

    @Test
    void aChangeIsSaidOneEightBeforeItCounted() {
        Timeline timeline = Timeline.of(Plans.of(60).segment("Toning", Role.TONING, 120)
                .item(SIDE_PLANK, "hold 20 s, each side").item(SQUAT, "8 reps").bare());

        assertThat(Say.of(moment(timeline, 6_000), timeline)).hasValueSatisfying(say -> {
            assertThat(say.when()).isEqualTo("say in 10 s");
            assertThat(say.words()).isEqualTo("to the left");
        });
        assertThat(Say.of(moment(timeline, 17_000), timeline).orElseThrow().when()).isEqualTo("say now");
        assertThat(Say.of(moment(timeline, 30_000), timeline).orElseThrow().words()).isEqualTo("Squat");
    }

    @Test
    void workRestTheOtherSideHalfTheLastSecondsAndPhrasesSoundEachInItsTime() {
        assertThat(sounds(Timeline.of(Plans.one(SQUAT, "20 s on, 10 s off, x2")))).containsExactly("0.0 work",
                "10.0 halfway", "17.0 last-seconds", "18.0 last-seconds", "19.0 last-seconds", "20.0 rest",
                "27.0 last-seconds", "28.0 last-seconds", "29.0 last-seconds", "30.0 work", "40.0 halfway",
                "47.0 last-seconds", "48.0 last-seconds", "49.0 last-seconds", "50.0 rest",
                "57.0 last-seconds", "58.0 last-seconds", "59.0 last-seconds");
        assertThat(sounds(Timeline.of(Plans.one(SQUAT, "5 reps 1-0-1 s, each side")))).contains("0.0 work",
                "10.0 side", "14.0 work", "12.0 count-in", "13.5 count-in");
        assertThat(sounds(Timeline.of(Plans.of(60).segment("Aerobic", Role.AEROBIC, 120)
                .item(BASIC, "8 eights").bare()))).contains("0.0 phrase", "16.0 phrase", "0.5 click");
    }

    @Property(tries = 100)
    void soundsThatAreAskedForPieceByPieceAreThoseOfTheWholeClass(@ForAll("plans") ClassPlan plan,
            @ForAll @IntRange(min = 700, max = 40_000) int step) {
        Timeline timeline = Timeline.of(plan);
        List<Signals.Due> pieces = new java.util.ArrayList<>();
        for (Duration at = Duration.ZERO; at.compareTo(timeline.total()) < 0; at = at.plusMillis(step)) {
            Duration to = at.plusMillis(step);
            pieces.addAll(Signals.between(timeline, at,
                    to.compareTo(timeline.total()) < 0 ? to : timeline.total()));
        }

        assertThat(pieces).containsExactlyInAnyOrderElementsOf(
                Signals.between(timeline, Duration.ZERO, timeline.total()));
    }

    @Property(tries = 100)
    void theGroupReadsNothingOfTheRoomsTimeOrTheInstructorsNotes(@ForAll("plans") ClassPlan plan,
            @ForAll @IntRange(min = 0, max = 99) int part) {
        Timeline timeline = Timeline.of(plan);
        Moment moment = moment(timeline, timeline.total().toMillis() * part / 100);
        GroupWall wall = GroupWall.of(moment, timeline);

        assertThat(wall.name()).isNotEmpty();
        moment.entry().filter(entry -> !entry.note().isBlank())
                .ifPresent(entry -> assertThat(wall.toString()).doesNotContain(entry.note()));
        assertThat(wall.levels()).allSatisfy(
                level -> assertThat(level.words().split(" ").length).isBetween(1, GroupWall.WORDS));
        assertThat(wall.stations().stream().filter(GroupWall.Station::here).count()).isLessThanOrEqualTo(1);
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Test
    void theGroupReadsCountSideThreeLevelsAndWhatComes() {
        Timeline timeline = Timeline.of(Plans.of(60).segment("Toning", Role.TONING, 120)
                .item(SQUAT, "10 reps 1-0-1 s, each side").pause(Pause.Kind.WATER)
                .item(ROW, "8 reps", "2 light weights").bare());
        GroupWall wall = GroupWall.of(moment(timeline, 30_000), timeline);

        assertThat(wall.name()).isEqualTo("Squat");
        assertThat(wall.side()).isEqualTo("left");
        assertThat(wall.large()).isEqualTo("4");
        assertThat(wall.levels()).extracting(GroupWall.Level::name).containsExactly("easier", "as shown",
                "harder");
        assertThat(wall.next()).isEqualTo("Water");
        assertThat(GroupWall.of(moment(timeline, 50_000), timeline).with()).isEqualTo("2 light weights");
    }

    @Test
    void whoIsSpreadOverTheStationsGoesOnToTheNextWithEachChange() {
        Timeline timeline = Timeline.of(Plans.of(60).segment("Toning", Role.TONING, 120)
                .item(SQUAT, "30 s on").item(ROW, "30 s on").item(BASIC, "30 s on").circuit(3, 2, 0).bare());

        assertThat(GroupWall.of(moment(timeline, 10_000), timeline).stations())
                .extracting(GroupWall.Station::group).containsExactly(1, 2, 3);
        assertThat(GroupWall.of(moment(timeline, 40_000), timeline).stations())
                .extracting(GroupWall.Station::group).containsExactly(3, 1, 2);
    }

    @Test
    void fourWordsEndWhereTheyCanStandAlone() {
        assertThat(GroupWall.fourWords("hands on the upper arms")).isEqualTo("hands on the upper");
        assertThat(GroupWall.fourWords("close the gap to the wall")).isEqualTo("close the gap");
    }
}
