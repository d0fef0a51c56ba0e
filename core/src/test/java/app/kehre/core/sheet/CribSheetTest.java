package app.kehre.core.sheet;

import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Pause;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;

import static app.kehre.core.testing.Exercises.PLANK;
import static app.kehre.core.testing.Exercises.ROW;
import static org.assertj.core.api.Assertions.assertThat;

class CribSheetTest {

    private final CribSheet sheet = CribSheet.of(Timeline.of(Plans.of(30).segment("Welcome", Role.TALK, 100)
            .pause(Pause.Kind.TALK).segment("Toning", Role.TONING, 120).target(9)
            .item(ROW, "2 x 12 reps, rest 15 s", "2 light weights").note("Long back")
            .item(PLANK, "hold 30 s").segment("Later", Role.CORE, 110).bare()));

    @Test
    void aLineSaysAllThatIsNeededToTeachIt() {
        assertThat(sheet.parts()).hasSize(2);
        assertThat(sheet.parts().get(1).length()).isEqualTo("1:57 of 9:00 \u00b7 120 BPM");
        assertThat(sheet.parts().get(1).lines().getFirst()).isEqualTo(new CribSheet.Line("1:00",
                "Bent-over row", "2 x 12 reps, rest 15 s", "2 light weights",
                "easier: smaller \u00b7 harder: slower", "Long back", "1:27"));
    }

    @Test
    void theHeadSaysWhenForWhomAndHowLong() {
        assertThat(sheet.when()).isEqualTo("Tuesday 24 November 2026, 18:30 to 19:00 \u00b7 12 people");
        assertThat(sheet.length()).isEqualTo("2:57 of 30:00, 27:03 to spare");
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
}
