package app.kehre.desk.window;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.choreography.Method;
import app.kehre.core.choreography.Rounds;
import app.kehre.core.choreography.StageKey;
import app.kehre.core.plan.EntryId;
import app.kehre.core.value.Side;
import app.kehre.desk.FaultyDisk;
import app.kehre.desk.Instructor;

import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;

/** Combinations made, mended, built up and played in the window. */
class CombinationPlaceTest {

    @TempDir
    private Path folder = Path.of("");
    private Instructor instructor;

    @BeforeEach
    void openThePlace() {
        instructor = Instructor.withDemo(folder, new FaultyDisk());
        instructor.presses(KeyCode.DIGIT3, KeyCode.CONTROL);
    }

    @AfterEach
    void closeIt() {
        instructor.close();
    }

    private Build build() {
        return instructor.plan().buildUps().findFirst().orElseThrow().build();
    }

    private Combination first() {
        return build().combinations().getFirst();
    }

    private List<String> words(String selector) {
        return Instructor.onFx(() -> instructor.find(selector).lookupAll(".label").stream()
                .map(each -> ((Label) each).getText()).toList());
    }

    @Test
    void theKeyboardSelectsChangesMovesAndRemovesMoves() {
        instructor.presses(KeyCode.RIGHT).presses(KeyCode.RIGHT).presses(KeyCode.L);
        assertThat(first().moves().get(1).lead()).isEqualTo(Side.LEFT);
        assertThat(words("#missteps"))
                .anyMatch(text -> text.startsWith("Count 9: Knee lift on the step starts on"
                        + " the left"));

        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(first().moves().get(1).lead()).isEqualTo(Side.RIGHT);
        instructor.presses(KeyCode.RIGHT, KeyCode.ALT);
        assertThat(first().moves()).extracting(danced -> danced.move().id()).containsExactly("basic-step",
                "v-step",
                "knee-up", "repeater-knee");
        instructor.presses(KeyCode.DELETE);
        assertThat(first().moves()).extracting(danced -> danced.move().id()).containsExactly("basic-step",
                "v-step",
                "repeater-knee");
        assertThat(words("#missteps")).as("not full yet, while somebody is at it").containsExactly(
                "24 of 32 counts");
        instructor.presses(KeyCode.DIGIT2, KeyCode.CONTROL).presses(KeyCode.DIGIT3, KeyCode.CONTROL);
        assertThat(words("#missteps")).as("left so").anyMatch(
                text -> text.startsWith("24 counts: 8 are missing"));
    }

    @Test
    void aClickOnTheScoreSelectsAMoveAndLeavesTheKeyboardThere() {
        instructor.clicks("#foot-score").presses(KeyCode.DELETE);

        assertThat(first().moves()).hasSize(3);
    }

    @Test
    void itPlaysUntilItIsStopped() {
        instructor.clicks("#play");
        assertThat(instructor.sees("#play")).isEqualTo("Stop");
        instructor.clicks("#play");
        assertThat(instructor.sees("#play")).isEqualTo("Play at tempo");
    }

    @Test
    void aMisstepIsMendedWithOneButtonAndOneUndoStep() {
        instructor.presses(KeyCode.RIGHT).presses(KeyCode.RIGHT).presses(KeyCode.L);
        instructor.clicksButton("Knee lift on the step, right, this move only");

        assertThat(words("#missteps"))
                .containsExactly("Works: every foot is free, every place right, the phrase"
                        + " filled.");
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(first().moves().get(1).lead()).isEqualTo(Side.LEFT);
    }

    @Test
    void aMoveThatFitsIsFoundAndAddedWithEnter() {
        instructor.clicks("#add-combination");
        assertThat(build().combinations()).hasSize(3);
        instructor.clicks("#fits-filter").types("grapevine").presses(KeyCode.ENTER);
        instructor.clicks("#fits-filter").types("step touch").presses(KeyCode.ENTER);

        assertThat(build().combinations().getLast().moves()).extracting(DancedMove::name)
                .first().isEqualTo("Grapevine, right");
        assertThat(build().combinations().getLast().moves().get(1).lead()).as("the free foot")
                .isEqualTo(Side.LEFT);
    }

    @Test
    void theFloorFromAboveIsReadCountByCount() {
        assertThat(instructor.sees("#standing")).startsWith("behind the bench, facing the front");
        for (int count = 0; count < 2; count++) {
            instructor.presses(KeyCode.RIGHT, KeyCode.SHIFT);
        }

        assertThat(instructor.sees("#standing")).startsWith("count 2: on top, facing the front");
    }

    @Test
    void movesAreWrittenInOneLine() {
        instructor.clicks("#add-combination").clicks("#fits-filter").types("basic 2, knee 2, wobble");
        instructor.presses(KeyCode.ENTER);
        assertThat(build().combinations().getLast().moves()).isEmpty();

        instructor.writes("basic 2, knee 2, v-step 2, repeater").presses(KeyCode.ENTER);
        assertThat(build().combinations().getLast().moves()).extracting(danced -> danced.move().id())
                .containsExactly("basic-step", "knee-up", "v-step", "repeater-knee");
        assertThat(words("#missteps"))
                .containsExactly("Works: every foot is free, every place right, the phrase"
                        + " filled.");
    }

    @Test
    void theLadderIsChangedByHandAndKeepsItWhenTheTimeChanges() {
        StageKey first = new StageKey("1/add/1");
        StageKey second = new StageKey("1/add/2");
        instructor.chooses("#stage-1-add-1", "Leave it out");
        assertThat(build().own()).containsEntry(first, Rounds.each(0));
        instructor.clicks("#more-1-add-2").chooses("#stage-1-add-2", "Once more on the right");
        assertThat(build().own()).containsEntry(second, new Rounds.Leads(3, 2));
        instructor.clicks("#build-time").writes("7 min").presses(KeyCode.ENTER);

        assertThat(build().wish()).contains(Duration.ofMinutes(7));
        assertThat(build().own()).hasSize(2);
        instructor.clicks("#bring-1-add-1");
        assertThat(build().own()).doesNotContainKey(first);
    }

    @Test
    void aTimeThatTheSetRoundsCannotMeetIsRefusedWithTheLeastAndAStageIsShownAndHeldBefore() {
        instructor.chooses("#stage-1-add-2", "Stop and show it before")
                .chooses("#stage-1-add-2", "Hold a phrase before it");
        assertThat(words("#rung-1-add-2-hold")).contains("hold, announce Knee lift on the step");
        instructor.clicks("#stop-1-add-2").writes("40 s").presses(KeyCode.ENTER);
        assertThat(build().own()).containsEntry(new StageKey("1/add/2/show"),
                new Rounds.Shown(Duration.ofSeconds(40)));
        instructor.clicks("#build-time").writes("1 min").presses(KeyCode.ENTER);
        assertThat(instructor.sees("#ladder-missing"))
                .contains("1:00 cannot be met: as they are set, the stages take 1:");
        instructor.presses(KeyCode.ESCAPE).clicks("#build-time").writes("").presses(KeyCode.ENTER);
        assertThat(build().wish()).as("its own time").isEmpty();
    }

    @Test
    void aMoveIsTaughtFirstAsAnotherAndTheLadderHasAPlainStage() {
        instructor.presses(KeyCode.RIGHT).presses(KeyCode.RIGHT).presses(KeyCode.RIGHT);
        assertThat(first().moves().get(2).move().name()).isEqualTo("V-step");
        instructor.chooses("#plain", "first as Basic step");

        assertThat(first().moves().get(2).plain()).isPresent();
        assertThat(words("#rung-1-layer-plain")).contains("plain");
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(first().moves().get(2).plain()).isEmpty();
    }

    @Test
    void aCombinationThatFillsNoPhraseMayRunOn() {
        instructor.presses(KeyCode.RIGHT).presses(KeyCode.DELETE);
        assertThat(first().counts()).isEqualTo(24);
        instructor.presses(KeyCode.DIGIT2, KeyCode.CONTROL).presses(KeyCode.DIGIT3, KeyCode.CONTROL);
        assertThat(String.join(" ", words("#missteps"))).contains("8 are missing to fill the phrase");
        instructor.clicks("#runs-on");

        assertThat(build().ways().runsOn()).isTrue();
        assertThat(String.join(" ", words("#missteps"))).doesNotContain("missing");
    }

    @Test
    void theTempoIsTappedWithT() {
        for (int tap = 0; tap < 5; tap++) {
            instructor.presses(KeyCode.T).waits(java.time.Duration.ofMillis(500));
        }

        assertThat(instructor.plan().segment(part(3)).bpm().value()).isEqualTo(120);
    }

    @Test
    void aClassWithoutOneGetsABuildUpAtOneButton() {
        EntryId id = instructor.plan().buildUps().findFirst().orElseThrow().id();
        instructor.presses(KeyCode.DIGIT2, KeyCode.CONTROL).clicksOnRoad(id).presses(KeyCode.DELETE);
        instructor.presses(KeyCode.DIGIT3, KeyCode.CONTROL).clicks("#add-build-up");

        assertThat(build().method()).isEqualTo(Method.ADD_ON);
        assertThat(words("#part")).isNotEmpty();
    }
}
