package app.kehre.core.hall;

import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Side;

import static app.kehre.core.testing.Exercises.BASIC;
import static app.kehre.core.testing.Exercises.SIDE_PLANK;
import static app.kehre.core.testing.Exercises.SQUAT;
import static org.assertj.core.api.Assertions.assertThat;

/** A change is announced before it comes, never after. */
class ChangeTest {

    private static final Instant START = Instant.parse("2026-11-24T18:30:00Z");

    /** Tells what is announced, second by second, each once. */
    private static List<String> announced(Plans plans) {
        Timeline timeline = Timeline.of(plans.plan());
        TeachingRun run = TeachingRun.ready(timeline).start(START, START.plusSeconds(3600));
        return IntStream.range(0, (int) timeline.total().toSeconds() * 5)
                .mapToObj(fifth -> Moment.of(run, START.plusMillis(fifth * 200L)))
                .flatMap(moment -> Change.of(moment, timeline).map(Change::words).stream()).distinct()
                .toList();
    }

    @Test
    void theLastEightCountsOfAMoveCountDownToTheNext() {
        assertThat(announced(Plans.of(60).segment("Aerobic", Role.AEROBIC, 120).item(BASIC, "2 eights")
                .item(SQUAT, "8 reps"))).containsExactly("8 more, then Squat", "7 more, then Squat",
                        "6 more, then Squat", "5 more, then Squat", "4 more, then Squat",
                        "3 more, then Squat",
                        "2 more, then Squat", "1 more, then Squat");
    }

    @Test
    void theSideThatComesIsTheGroupsAndTheInstructorsOwnIsItsMirrorImage() {
        Plans held = Plans.of(60).segment("Core", Role.TONING, 120).item(SIDE_PLANK, "hold 20 s, each side");

        assertThat(announced(held)).containsExactly("5 more, then left side", "4 more, then left side",
                "3 more, then left side", "2 more, then left side", "1 more, then left side");
        assertThat(new Change(3, "left side", Side.LEFT).own(true)).contains(Side.RIGHT);
        assertThat(new Change(3, "left side", Side.LEFT).own(false)).contains(Side.LEFT);
        assertThat(new Change(3, "rest", Side.BOTH).own(true)).isEmpty();
    }

    @Test
    void aSecondIsSaidUntilItIsOver() {
        Timeline timeline = Timeline.of(Plans.of(60).segment("Core", Role.TONING, 120)
                .item(SIDE_PLANK, "hold 20 s, each side").bare());
        TeachingRun run = TeachingRun.ready(timeline).start(START, START.plusSeconds(3600));

        assertThat(Change.of(Moment.of(run, START.plusMillis(15_400)), timeline).orElseThrow().left())
                .isEqualTo(5);
        assertThat(Change.of(Moment.of(run, START.plusMillis(16_000)), timeline).orElseThrow().left())
                .isEqualTo(4);
    }

    @Test
    void restIsAnnouncedAndTheEndOfTheClassIsNot() {
        assertThat(announced(Plans.of(60).segment("Toning", Role.TONING, 120).item(SQUAT,
                "2 x 8 reps, rest 15 s"))).containsExactly("4 more, then rest", "3 more, then rest",
                        "2 more, then rest", "1 more, then rest");
    }
}
