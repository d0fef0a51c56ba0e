package app.kehre.core.hall;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;

import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Sides;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;

import static app.kehre.core.testing.Exercises.BASIC;
import static app.kehre.core.testing.Exercises.PLANK;
import static app.kehre.core.testing.Exercises.ROW;
import static app.kehre.core.testing.Exercises.SQUAT;
import static app.kehre.core.testing.Ids.line;
import static org.assertj.core.api.Assertions.assertThat;

/** What stands on the wall for every kind of dose and structure. */
class HallWordsTest {

    private static final Instant START = Instant.parse("2026-11-24T18:30:00Z");

    /** Tells what the wall says at the start of each span. */
    private static List<String> wall(Plans plans) {
        Timeline timeline = Timeline.of(plans.plan());
        TeachingRun run = TeachingRun.ready(timeline).start(START, START.plusSeconds(3600));
        List<String> words = new ArrayList<>();
        for (Span span : timeline.spans()) {
            words.add(HallWords.now(Moment.of(run, START.plus(span.start()))));
        }
        return words;
    }

    private static Plans toning() {
        return Plans.of(60).segment("Toning", Role.TONING, 120);
    }

    @Test
    void stagesAndRungsAreSaidByName() {
        assertThat(
                wall(toning().item(SQUAT, "2 x (6 reps, 8 pulses at the bottom, hold 10 s (low or high))")))
                .containsSubsequence("show it 0:04", "set 1 of 2 \u00b7 reps \u00b7 rep 1 of 6",
                        "set 1 of 2 \u00b7 pulses at the bottom \u00b7 rep 1 of 8",
                        "into the hold 0:02", "set 1 of 2 \u00b7 hold low or high \u00b7 0:10",
                        "set 2 of 2 \u00b7 reps \u00b7 rep 1 of 6");
        assertThat(wall(toning().item(SQUAT, "10 > 8 > 6 reps"))).contains(
                "rung 1 of 3, basic \u00b7 rep 1 of 10", "rung 2 of 3, harder \u00b7 rep 1 of 8",
                "rung 3 of 3, hardest \u00b7 rep 1 of 6");
    }

    @Test
    void timedAndOpenWorkCountsDown() {
        assertThat(wall(toning().item(SQUAT, "as many as possible in 60 s, beat 20")).getLast())
                .isEqualTo("work 1:00");
        assertThat(wall(toning().item(SQUAT, "about 2 min, give or take 30 s")).getLast())
                .isEqualTo("work 2:00");
        assertThat(wall(toning().item(SQUAT, "40 s on, 20 s off, x2")))
                .containsExactly("work 0:40 \u00b7 round 1 of 2",
                        "rest 0:20 \u00b7 then round 2 of 2", "work 0:40 \u00b7 round 2 of 2", "rest 0:20");
    }

    @Test
    void patternsSayTheirPartsAndCountsTheirEights() {
        assertThat(wall(Plans.of(60).segment("Aerobic", Role.AEROBIC, 120)
                .item(BASIC, "2 x [singles 16, repeater 8]").item(BASIC, "4 eights"))).containsExactly(
                        "time 1 of 2 \u00b7 singles \u00b7 count 1 of 16",
                        "time 1 of 2 \u00b7 repeater \u00b7 count 1 of 8",
                        "time 2 of 2 \u00b7 singles \u00b7 count 1 of 16",
                        "time 2 of 2 \u00b7 repeater \u00b7 count 1 of 8",
                        "eight 1 of 4");
    }

    @Test
    void beadsAreRepsOrEightsAndNothingWhereNothingIsCounted() {
        Timeline timeline = Timeline.of(Plans.of(60).segment("Aerobic", Role.AEROBIC, 120)
                .item(BASIC, "4 eights").item(SQUAT, "2 x 10 reps, rest 5 s").bare());
        TeachingRun run = TeachingRun.ready(timeline).start(START, START.plusSeconds(3600));

        assertThat(Beads.of(Moment.of(run, START.plusSeconds(5)))).isEqualTo(new Beads(4, 2, 5.0 / 16));
        assertThat(Beads.of(Moment.of(run, START.plusSeconds(18)))).isEqualTo(new Beads(10, 2, 0.1));
        assertThat(Beads.of(Moment.of(run, START.plusSeconds(37))).number()).isZero();
        assertThat(Beads.of(Moment.of(run, START.plusSeconds(600)))).isEqualTo(new Beads(0, 0, 0));
    }

    @Test
    void changingOverIsSaidStepByStep() {
        assertThat(wall(toning().item(ROW, "12 reps", "2 light weights").item(PLANK, "hold 30 s")))
                .containsExactly("take 2 light weights 0:20", "show it 0:04", "rep 1 of 12", "put away 0:12",
                        "mat 0:12", "floor 0:08", "show it 0:04", "hold 0:30");
    }

    @Test
    void aCircuitSaysItsRoundAndWhoLeads() {
        Timeline timeline = Timeline.of(toning().item(SQUAT, "6 reps").inRound(2,
                change -> change.withDose(app.kehre.core.dose.DoseNotation.parse("9 reps").value()))
                .item(ROW, "6 reps").circuit(2, 3, 30).plan());
        Circuit circuit = timeline.plan().circuitOf(line(1)).orElseThrow();
        timeline = Timeline.of(timeline.plan().with(circuit.withRounds(3, circuit.rest(), 2)));
        TeachingRun run = TeachingRun.ready(timeline).start(START, START.plusSeconds(3600));

        Moment second = Moment.of(run.next(START).next(START).next(START), START);

        assertThat(HallWords.place(second, timeline))
                .isEqualTo("Toning \u00b7 Circuit \u00b7 round 2 of 3, by themselves");
        assertThat(second.entry().map(HallWords::dose)).contains("9 reps");
        assertThat(second.left().line()).isEqualTo(Duration.ofSeconds(18));
        assertThat(second.next().map(entry -> entry.name())).contains("Bent-over row");
        Moment rest = Moment.of(run.next(START).next(START), START);
        assertThat(HallWords.now(rest)).isEqualTo("rest 0:30 \u00b7 then round 2 of 3");
    }

    @Test
    void backInACircuitGoesToTheTurnBefore() {
        Timeline timeline = Timeline.of(toning().item(SQUAT, "6 reps").item(ROW, "6 reps").circuit(2, 2, 0)
                .bare());
        TeachingRun run = TeachingRun.ready(timeline).start(START, START.plusSeconds(3600));

        TeachingRun third = run.next(START).next(START);

        assertThat(third.placeAt(START)).isEqualTo(Duration.ofSeconds(24));
        assertThat(third.back(START).placeAt(START)).isEqualTo(Duration.ofSeconds(12));
    }

    @Test
    void aScreenSaysWhatCountsAndLaterLinesWhatIsDoneInstead() {
        Screen screen = new Screen(line(1), "Balance screen",
                Hold.of(Duration.ofSeconds(10)).withSides(Sides.EACH_SIDE), "a foot comes down",
                Map.of(line(2), "squats at the chair"), "");
        Timeline timeline = Timeline.of(toning().entry(screen).item(SQUAT, "12 reps").item(ROW, "8 reps")
                .plan());

        assertThat(HallWords.dose(screen))
                .isEqualTo("hold 10 s, each side \u00b7 not passed: a foot comes down");
        assertThat(HallWords.instead(timeline.plan().entry(line(2)), timeline.plan()))
                .isEqualTo("squats at the chair");
        assertThat(HallWords.instead(timeline.plan().entry(line(3)), timeline.plan())).isEmpty();
    }

    @Test
    void aPauseSaysWhetherPeopleMove() {
        assertThat(wall(toning().entry(Pause.of(line(1), Pause.Kind.WATER).withMoving(true))))
                .containsExactly("water \u00b7 keep moving");
        assertThat(wall(toning().pause(Pause.Kind.TALK))).containsExactly("everyone listens");
    }
}
