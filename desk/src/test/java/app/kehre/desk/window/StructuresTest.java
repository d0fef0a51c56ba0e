package app.kehre.desk.window;

import java.time.Duration;
import javafx.event.ActionEvent;
import javafx.scene.control.CheckBox;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.Role;
import app.kehre.core.exercise.Style;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.testing.Plans;
import app.kehre.core.typing.EntryText;
import app.kehre.core.typing.RoundWords;
import app.kehre.desk.Instructor;

import static app.kehre.core.testing.Ids.line;
import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;

/** Circuits, sides, screens, cuts, and how an exercise is taught, in the window. */
class StructuresTest extends PlanWindow {

    StructuresTest() {
        super(Plans.of(10).segment("Toning", Role.TONING, 120)
                .item(of("squat"), "12 reps")
                .item(of("split-squat"), "10 reps, each side")
                .item(of("bent-row"), "12 reps", "2 light weights")
                .segment("Stretch", Role.STRETCH, 90).item(of("calf-stretch"), "stretch 20 s, each side")
                .plan());
    }

    @Override
    @BeforeEach
    void openTheWindow() {
        super.openTheWindow();
        instructor.clicksOnRoad(1).presses(KeyCode.ENTER).presses(KeyCode.ESCAPE);
    }

    private void makeCircuit() {
        instructor.presses(KeyCode.DOWN, KeyCode.SHIFT).presses(KeyCode.G, KeyCode.CONTROL);
    }

    @Test
    void selectedLinesBecomeACircuitAndStopBeingOne() {
        makeCircuit();

        assertThat(instructor.plan().segment(part(1)).entries().getFirst()).isInstanceOfSatisfying(
                Circuit.class,
                circuit -> assertThat(circuit.items()).extracting(Item::name).containsExactly("Squat",
                        "Split squat"));
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: make a circuit");

        instructor.presses(KeyCode.G, KeyCode.CONTROL, KeyCode.SHIFT);
        assertThat(instructor.plan()).isEqualTo(plan);
    }

    @Test
    void theRoundsAreTypedAndMayChangeTheDose() {
        makeCircuit();
        instructor.presses(KeyCode.ENTER).writes("3 rounds, rest 30 s").presses(KeyCode.ENTER)
                .clicksOnRoad(1);
        instructor.clicks("#round-2-dose").writes("9 reps").presses(KeyCode.ENTER);

        assertThat(RoundWords.of(item(1))).isEqualTo("round 2: 9 reps");
        instructor.chooses("#round-3-explain", "stops the work");
        assertThat(RoundWords.of(item(1))).isEqualTo("round 2: 9 reps; round 3: explain stops the work");
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(instructor.content().planning().open().settled().get().spans().stream()
                .filter(span -> span.entry().equals(line(1)) && span.done().amount() > 0))
                .extracting(span -> span.done().amount())
                .containsExactly(12, 9, 12);
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(RoundWords.of(item(1))).isEmpty();
    }

    @Test
    void nonsenseRoundsAreRefusedAtTheField() {
        makeCircuit();
        instructor.presses(KeyCode.ENTER).writes("0 rounds").presses(KeyCode.ENTER);

        assertThat(instructor.sees("#hint")).isEqualTo("Rounds must be from 1 to 20, not 0.");
        instructor.presses(KeyCode.ESCAPE);
        assertThat(EntryText.dose(instructor.plan().segment(part(1)).entries().getFirst()))
                .isEqualTo("2 rounds");
    }

    @Test
    void aLineGoesIntoACircuitAndOutOfItByKey() {
        makeCircuit();
        instructor.clicksOnRoad(3).presses(KeyCode.UP, KeyCode.ALT);
        assertThat(instructor.plan().circuitOf(line(3))).isPresent();

        instructor.presses(KeyCode.DOWN, KeyCode.ALT);
        assertThat(instructor.plan().circuitOf(line(3))).isEmpty();
    }

    @Test
    void theSecondSideCanFollowAnotherExercise() {
        instructor.clicksOnRoad(2).presses(KeyCode.B, KeyCode.CONTROL, KeyCode.ALT);

        assertThat(instructor.plan().segment(part(1)).entries()).extracting(EntryText::dose).containsExactly(
                "12 reps",
                "10 reps, right side", "12 reps", "10 reps, left side");
    }

    @Test
    void aForgottenSideIsSaidInTheCard() {
        instructor.clicksOnRoad(2).presses(KeyCode.ENTER).writes("10 reps, right side")
                .presses(KeyCode.ENTER);
        assertThat(instructor.sees("#card .over")).isEqualTo("Split squat: right 10 reps, left nothing");

        instructor.presses(KeyCode.B, KeyCode.CONTROL, KeyCode.SHIFT);
        assertThat(instructor.canSee("#card .over")).isFalse();
    }

    @Test
    void aPauseIsMovedIntoTheCircuitWithTheKeysAndStandsOnTheSheetOfEachRound() {
        makeCircuit();
        instructor.presses(KeyCode.L, KeyCode.CONTROL).types("water").presses(KeyCode.ENTER);
        EntryId water = instructor.plan().entries().filter(Entry::isWater).findFirst().orElseThrow().id();
        instructor.clicksOnRoad(water).presses(KeyCode.UP, KeyCode.ALT);

        Circuit circuit = instructor.plan().circuitOf(water).orElseThrow();
        assertThat(circuit.inTheRest()).extracting(Pause::id).containsExactly(water);
        instructor.presses(KeyCode.DOWN, KeyCode.ALT);
        assertThat(instructor.plan().circuitOf(water)).isEmpty();
    }

    @Test
    void whatTheGroupKnowsIsNotExplainedInFull() {
        String before = instructor.sees("#class-length");
        instructor.clicksOnRoad(1).presses(KeyCode.K, KeyCode.CONTROL);

        assertThat(item(1).delivery().known()).isTrue();
        assertThat(instructor.sees("#class-length")).isNotEqualTo(before);
        assertThat(instructor.sees("#tally-segment")).startsWith("Toning: work ");
        assertThat(Instructor.onFx(() -> ((Label) instructor.find("#tally-segment")).getAccessibleHelp()))
                .contains("explaining 0:10");
        assertThat(Instructor.onFx(() -> ((CheckBox) instructor.find("#known")).isSelected())).isTrue();
    }

    @Test
    void whatMakesALineHarderIsTickedInTheCard() {
        instructor.clicksOnRoad(3);
        Instructor.onFx(() -> {
            MenuButton style = (MenuButton) instructor.find("#style");
            CheckMenuItem range = (CheckMenuItem) style.getItems().get(Style.RANGE.ordinal());
            range.setSelected(true);
            range.getOnAction().handle(new ActionEvent());
            return true;
        });
        assertThat(item(3).delivery().style()).containsExactly(Style.RANGE);
    }

    @Test
    void aChangeoverAndALayerAreSetInTheCard() {
        instructor.clicksOnRoad(3).clicks("#changeover").writes("40 s").presses(KeyCode.ENTER);
        instructor.clicks("#layer").writes("one arm").presses(KeyCode.ENTER);

        assertThat(item(3).delivery().changeover()).contains(Duration.ofSeconds(40));
        assertThat(item(3).delivery().layer()).isEqualTo("one arm");
        instructor.clicks("#explain-for").writes("an hour").presses(KeyCode.ENTER);
        assertThat(instructor.sees("#hint"))
                .isEqualTo("\"an hour\" is not a length: write it like 40 s, 2 min or 1:30.");
    }

    @Test
    void anUnclearDoseOffersItsReadingsAndOneIsTaken() {
        instructor.clicksOnRoad(1).presses(KeyCode.ENTER).writes("30 s").presses(KeyCode.DOWN)
                .presses(KeyCode.ENTER);
        assertThat(instructor.sees("#line-editor")).isEqualTo("hold 30 s");

        instructor.presses(KeyCode.ENTER);
        assertThat(DoseNotation.print(item(1).dose())).isEqualTo("hold 30 s");
    }

    @Test
    void theNumberAtTheMarkIsSteppedByKey() {
        instructor.clicksOnRoad(1).presses(KeyCode.ENTER).writes("12 reps").presses(KeyCode.HOME)
                .presses(KeyCode.UP, KeyCode.CONTROL).presses(KeyCode.UP, KeyCode.CONTROL);
        assertThat(instructor.sees("#line-editor")).isEqualTo("14 reps");

        instructor.presses(KeyCode.DOWN, KeyCode.CONTROL, KeyCode.SHIFT).presses(KeyCode.ENTER);
        assertThat(DoseNotation.print(item(1).dose())).isEqualTo("9 reps");
    }

    @Test
    void aDoseIsSetFieldByFieldInTheCard() {
        instructor.clicksOnRoad(1).clicks("#dose-sets").writes("3").presses(KeyCode.ENTER);
        instructor.clicks("#dose-rest").writes("20 s").presses(KeyCode.ENTER);
        assertThat(DoseNotation.print(item(1).dose())).isEqualTo("3 x 12 reps, rest 20 s");
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: rest of Squat");
        instructor.chooses("#dose-kind", "interval");
        instructor.chooses("#dose-sides", "each side");
        assertThat(DoseNotation.print(item(1).dose())).isEqualTo("40 s on, 20 s off, each side");
        instructor.clicks("#dose-rounds").writes("99").presses(KeyCode.ENTER);
        assertThat(instructor.sees("#hint")).isEqualTo("Rounds must be from 1 to 60, not 99.");
    }

    @Test
    void aMoveInACountPatternShowsItsFeetAndWhatDoesNotGo() {
        instructor.presses(KeyCode.L, KeyCode.CONTROL).types("repeater knee lift").presses(KeyCode.ENTER);
        instructor.chooses("#dose-kind", "pattern of counts");
        instructor.clicks("#dose-pattern").writes("[singles 16, repeater 12]").presses(KeyCode.ENTER);

        assertThat(instructor.canSee("#pattern-score")).isTrue();
        assertThat(Instructor.onFx(() -> instructor.find("#card").lookupAll(".over").stream()
                .map(each -> ((javafx.scene.control.Label) each).getText()).toList()))
                .contains("repeater: once takes 8 counts, which does not go into 12.");
    }

    @Test
    void aScreenSaysWhatIsDoneInsteadAndTheHallShowsIt() {
        instructor.presses(KeyCode.L, KeyCode.CONTROL).types("balance s").presses(KeyCode.ENTER)
                .clicks("#instead-2").writes("squats at the chair").presses(KeyCode.ENTER);
        assertThat(instructor.plan().find(line(5))).containsInstanceOf(Screen.class);

        instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL).presses(KeyCode.ENTER);
        instructor.teachesTo("Split squat");

        assertThat(Instructor.onFx(() -> instructor.content().scene().getRoot().lookupAll(".option").stream()
                .map(each -> ((javafx.scene.control.Label) each).getText()).toList()))
                .contains("squats at the chair");
    }

    @Test
    void theClassIsCutAndMadeWholeAgain() {
        instructor.clicks("#segment-2").clicks("#stands-alone");
        instructor.chooses("#cut-menu", "Cut to the parts that stand alone");
        assertThat(instructor.sees("#class-length")).isEqualTo("0:46");
        assertThat(instructor.sees("#cut-menu")).isEqualTo("cut to 1 of 2 parts");
        instructor.chooses("#cut-menu", "The whole class");
        assertThat(instructor.plan().segments()).noneMatch(segment -> segment.leftOut());
    }

    @Test
    void theGroupAndItsKitAreSetInTheBrief() {
        instructor.presses(KeyCode.DIGIT1, KeyCode.CONTROL).clicks("#ages").writes("65 to 80")
                .presses(KeyCode.ENTER).presses(KeyCode.DIGIT2, KeyCode.CONTROL);
        assertThat(instructor.plan().pace().of(Quantity.FLOOR)).isEqualTo(18);
        Instructor.onFx(() -> {
            MenuButton menu = (MenuButton) instructor.find("#group-menu");
            MenuItem weights = menu.getItems().getLast();
            ((javafx.scene.control.Menu) weights).getItems().getFirst().fire();
            return menu;
        });
        assertThat(instructor.plan().brief().room().placeOf(Equipment.WEIGHT)).isEqualTo(KitPlace.SET_OUT);
    }

    @Test
    void theClassesTimesAreChangedAndUsedAtOnce() {
        instructor.chooses("#group-menu", "How long explaining and changing over take\u2026");
        instructor.settle();
        String before = instructor.sees("#class-length");
        instructor.clicks("#pace-new").writes("40 s").presses(KeyCode.ENTER);

        assertThat(instructor.plan().pace().of(Quantity.NEW, instructor.plan().brief().teaching()))
                .isEqualTo(40);
        assertThat(instructor.sees("#class-length")).isNotEqualTo(before);
        instructor.clicks("#pace-done");
        assertThat(instructor.canSee("#pace-new")).isFalse();
    }

    @Test
    void theRoadCanBeFilteredToExplaining() {
        assertThat(instructor.sees("#use-explaining")).isEqualTo("explaining 0:15");
        instructor.clicks("#use-explaining");

        assertThat(Instructor.onFx(() -> ((javafx.scene.control.ToggleButton) instructor
                .find("#use-explaining")).isSelected())).isTrue();
    }

}
