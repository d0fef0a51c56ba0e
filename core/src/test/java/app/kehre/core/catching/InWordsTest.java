package app.kehre.core.catching;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Way;
import app.kehre.core.teaching.Press;
import app.kehre.core.teaching.Teaching;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;

import static app.kehre.core.testing.Exercises.PULL;
import static app.kehre.core.testing.Exercises.ROW;
import static app.kehre.core.testing.Exercises.SQUAT;
import static org.assertj.core.api.Assertions.assertThat;

/** What stands on the wall when a class is late, and what the class's own pace makes of it. */
class InWordsTest {

    private static final Instant START = Instant.parse("2026-11-24T18:30:00Z");

    private static Teaching begun(ClassPlan plan, int slot) {
        return pressed(Teaching.ready(Timeline.of(plan)), 0, new Press.Start(START.plusSeconds(slot)));
    }

    private static Teaching pressed(Teaching taught, int second, Press press) {
        Instant now = START.plusSeconds(second);
        return taught.press(press, now, now).value().orElseThrow();
    }

    private static Rest rest(Teaching taught, int second) {
        return Rest.of(taught.run(), START.plusSeconds(second), START.plusSeconds(second));
    }

    @Test
    void whatIsLeftOutStandsTogetherWithTheTimeThatItSaves() {
        Rest rest = rest(begun(Plans.of(6).segment("Toning", Role.TONING, 120).item(SQUAT, "15 reps 1-0-1 s")
                .item(ROW, "15 reps 1-0-1 s").item(PULL, "15 reps 1-0-1 s").item(SQUAT, "15 reps 1-0-1 s")
                .bare(), 60), 10);
        Way way = CatchingUp.of(rest).ways().getFirst();
        List<InWords.Line> lines = InWords.of(way, rest);

        assertThat(lines).extracting(InWords.Line::text)
                .containsExactly("without Bent-over row, Band pull, 1:00");
        assertThat(InWords.text(way, rest)).isEqualTo("without Bent-over row, Band pull");
    }

    @Test
    void whoHasBeenSlowerIsExpectedToBeSoAndOneLongTalkIsNoTendency() {
        Plans plans = Plans.of(30).segment("Toning", Role.TONING, 120);
        for (int i = 0; i < 20; i++) {
            plans.item(SQUAT, "15 reps 1-0-1 s").item(ROW, "15 reps 1-0-1 s");
        }
        Teaching slow = begun(plans.plan(), 1800);
        Teaching talked = slow;
        int now = 0;
        for (int line = 0; line < 10; line++) {
            now += 25;
            slow = pressed(slow, now, Press.Key.TALK);
            now += 5;
            slow = pressed(slow, now, Press.Key.GO_ON);
        }
        talked = pressed(pressed(talked, 25, Press.Key.TALK), 325, Press.Key.GO_ON);

        assertThat(rest(begun(plans.plan(), 1800), now).slip()).isZero();
        assertThat(rest(slow, now).slip()).isBetween(Duration.ofSeconds(30), Duration.ofSeconds(240));
        assertThat(rest(talked, 600).slip()).isLessThan(Duration.ofSeconds(45));
    }

    /** Whoever is late in a circuit sets the clock once, for all stations, and is told so in one line. */
    @Test
    void theClockOfACircuitIsSaidOnceForAllStations() {
        Plans plans = Plans.of(12).segment("Circuit", Role.TONING, 120);
        for (int station = 0; station < 2; station++) {
            plans.item(SQUAT, "40 s on, 20 s off").item(ROW, "40 s on, 20 s off").item(PULL,
                    "40 s on, 20 s off");
        }
        ClassPlan plan = plans.circuit(6, 2, 20).bare();
        Rest rest = rest(begun(plan, 1), 1);
        Way shorter = Fitting.best(plan,
                new Fitting.Asked(Duration.ofSeconds(625), Optional.empty()),
                _ -> false).orElseThrow();

        assertThat(InWords.text(shorter, rest)).matches(
                ".*Circuit: \\d+ s on, 20 s off.*|Circuit: \\d+ round.*").doesNotContain(" instead of 40");
        assertThat(shorter.after().items().map(item -> item.dose().toString()).distinct()).hasSize(1);
    }
}
