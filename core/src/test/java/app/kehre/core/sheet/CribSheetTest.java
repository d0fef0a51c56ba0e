package app.kehre.core.sheet;

import java.time.Duration;
import java.util.Map;
import java.util.Set;

import org.junit.jupiter.api.Test;

import app.kehre.core.dose.Hold;
import app.kehre.core.edit.Structures;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;

import static app.kehre.core.testing.Exercises.PLANK;
import static app.kehre.core.testing.Exercises.ROW;
import static app.kehre.core.testing.Ids.line;
import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;

class CribSheetTest {

    private final CribSheet sheet = CribSheet.of(Timeline.of(Plans.of(30).segment("Welcome", Role.TALK, 100)
            .pause(Pause.Kind.TALK).segment("Toning", Role.TONING, 120).target(9)
            .item(ROW, "2 x 12 reps, rest 15 s", "2 light weights").note("Long back")
            .item(PLANK, "hold 30 s").segment("Later", Role.CORE, 110).bare()));

    @Test
    void aLineSaysAllThatIsNeededToTeachIt() {
        assertThat(sheet.parts()).hasSize(2);
        assertThat(sheet.parts().get(1).length()).isEqualTo("1:33 of 9:00 \u00b7 120 BPM");
        assertThat(sheet.parts().get(1).lines().getFirst()).isEqualTo(new CribSheet.Line("1:00",
                "Bent-over row", "2 x 12 reps, rest 15 s", "2 light weights",
                "easier: smaller \u00b7 standard (base) \u00b7 harder: slower", "Long back",
                "say: Do / tall / front of the thigh / Out on effort", "1:03"));
    }

    @Test
    void theHeadSaysWhenForWhomAndHowLong() {
        assertThat(sheet.when()).isEqualTo("Tuesday 24 November 2026, 18:30 to 19:00 \u00b7 12 people");
        assertThat(sheet.length()).isEqualTo("2:33 of 30:00, 27:27 to spare");
    }

    @Test
    void kitIsListedWithItsPlaceAndWhatStandsInForIt() {
        assertThat(sheet.kit()).containsExactly(
                "mats: 1 each, 12 in all \u00b7 at hand \u00b7 or a folded blanket",
                "light weights: 2 each, 24 in all \u00b7 by the wall \u00b7 or a filled bottle in each hand");
    }

    @Test
    void beforeTheStartRoomKitMusicMicrophoneAndWaterAreSeenTo() {
        assertThat(String.join("\n", sheet.beforeStart())).contains("Room:", "mats, weights", "Toning 120",
                "85 dB(A)", "Microphone", "water");
    }

    @Test
    void everySheetCarriesTheStopSignsAndDefersToTheLocalRules() {
        assertThat(sheet.stopSigns()).contains("chest pain or pressure", "dizziness",
                "unusual shortness of breath", "sharp joint pain", "local rules", "licensed professionals");
    }

    @Test
    void circuitsRoundsAndScreensArePrintedInWords() {
        Screen screen = new Screen(line(1), "Balance screen", Hold.of(Duration.ofSeconds(10)),
                "a foot comes down",
                Map.of(line(2), "squats at the chair"), "tall");
        CribSheet whole = CribSheet.of(Timeline.of(Plans.of(30).segment("Toning", Role.TONING, 120)
                .entry(screen).item(ROW, "12 reps").delivery(delivery -> delivery.withLayer("one arm"))
                .inRound(2, change -> change.withOut(true)).item(PLANK, "hold 30 s").circuit(2, 2, 30)
                .segment("Left out", Role.CORE, 110).item(PLANK, "hold 30 s").plan()));

        assertThat(whole.parts().getFirst().lines()).extracting(CribSheet.Line::name).containsExactly(
                "Balance screen", "Circuit", "\u2013 Bent-over row", "\u2013 Forearm plank");
        assertThat(whole.parts().getFirst().lines().get(0).note())
                .isEqualTo("not passed: a foot comes down \u00b7 tall");
        assertThat(whole.parts().getFirst().lines().get(0).options())
                .isEqualTo("instead of Bent-over row: squats at the chair");
        assertThat(whole.parts().getFirst().lines().get(1).dose()).isEqualTo("2 rounds, rest 30 s");
        assertThat(whole.parts().getFirst().lines().get(2).note())
                .isEqualTo("one arm \u00b7 round 2: left out");
    }

    @Test
    void whatIsLeftOutOfACutClassIsNotPrinted() {
        ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120).item(ROW, "12 reps")
                .segment("Core", Role.CORE, 110).item(PLANK, "hold 30 s").plan();
        CribSheet cut = CribSheet.of(Timeline.of(Structures.cutTo(plan, Set.of(part(1)))));

        assertThat(cut.parts()).extracting(CribSheet.Part::name).containsExactly("Toning");
        assertThat(String.join("\n", cut.beforeStart())).contains("Toning 120").doesNotContain("Core 110");
    }
}
