package app.kehre.desk.window;

import java.util.List;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.testing.Plans;
import app.kehre.core.typing.EntryText;
import app.kehre.desk.Instructor;

import static app.kehre.core.testing.Ids.line;
import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;

/** The Plan place, by keyboard and by mouse, without a display. */
class PlanPlaceTest extends PlanWindow {

    PlanPlaceTest() {
        super(Plans.of(10).segment("Welcome", Role.TALK, 100).pause(Pause.Kind.TALK)
                .segment("Toning", Role.TONING, 120).target(5)
                .item(Instructor.LIBRARY.find("squat").orElseThrow(), "3 x 12 reps 2-0-2 s, rest 15 s")
                .item(Instructor.LIBRARY.find("split-squat").orElseThrow(), "10 reps 2-0-1 s, each side")
                .item(Instructor.LIBRARY.find("bent-row").orElseThrow(), "12 reps", "2 light weights")
                .bare());
    }

    private String dose(int entry) {
        return EntryText.dose(plan(entry));
    }

    private app.kehre.core.plan.Entry plan(int entry) {
        return instructor.plan().find(line(entry)).orElseThrow();
    }

    @Test
    void aDoseThatIsTypedShowsInTheTotalsAtOnceAndCountsOnlyAfterEnter() {
        assertThat(instructor.sees("#class-length")).isEqualTo("5:22");
        instructor.clicksOnRoad(2).presses(KeyCode.ENTER).writes("2 x 12 reps 2-0-2 s, rest 15 s");

        assertThat(instructor.sees("#class-length")).isEqualTo("4:19");
        assertThat(instructor.sees("#spare")).isEqualTo("5:41 to spare");
        assertThat(instructor.sees("#hint")).isEqualTo(
                "2 sets of 12 reps of 4 s with 15 s rest: 1:51 \u00b7 class 4:19, 5:41 to spare");
        assertThat(instructor.plan()).isEqualTo(plan);

        instructor.presses(KeyCode.ENTER);

        assertThat(dose(2)).isEqualTo("2 x 12 reps 2-0-2 s, rest 15 s");
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: dose of Squat");
    }

    @Test
    void rowsOfTheRoadAreMadeLongerAndShorterByKeys() {
        String usual = Instructor.onFx(() -> instructor.find("#road").getAccessibleText());

        instructor.clicksOnRoad(2).presses(KeyCode.EQUALS, KeyCode.CONTROL);
        assertThat(Instructor.onFx(() -> instructor.find("#road").getAccessibleText()))
                .isEqualTo("The class, 5 minutes a row");
        instructor.presses(KeyCode.MINUS, KeyCode.CONTROL);

        assertThat(Instructor.onFx(() -> instructor.find("#road").getAccessibleText())).isEqualTo(usual);
    }

    @Test
    void aSegmentACircuitAndTheOtherSideAreWrittenLikeLines() {
        int segments = plan.segments().size();
        instructor.presses(KeyCode.L, KeyCode.CONTROL).types("## Arms (toning, 118 BPM, 6:00)")
                .presses(KeyCode.ENTER).types("2 rounds, rest 20 s: Pairs").presses(KeyCode.ENTER)
                .types("squat 12").presses(KeyCode.ENTER).types("push-up 8").presses(KeyCode.ENTER);

        assertThat(instructor.plan().segments()).hasSize(segments + 1);
        Segment arms = instructor.plan().segments().stream().filter(each -> each.name().equals("Arms"))
                .findFirst().orElseThrow();
        assertThat(arms.bpm().value()).isEqualTo(118);
        assertThat(arms.entries()).singleElement().isInstanceOfSatisfying(Circuit.class, circuit -> {
            assertThat(circuit.name()).isEqualTo("Pairs");
            assertThat(circuit.rounds()).isEqualTo(2);
            assertThat(circuit.items()).extracting(Item::name).containsExactly("Squat", "Push-up");
        });

        instructor.types("## Arms (toning, 900 BPM)");
        assertThat(instructor.sees("#add-problem")).contains("900");
    }

    @Test
    void escapeDropsWhatWasTyped() {
        instructor.clicksOnRoad(2).presses(KeyCode.ENTER).writes("2 x 12 reps").presses(KeyCode.ESCAPE);

        assertThat(instructor.plan()).isEqualTo(plan);
        assertThat(instructor.sees("#class-length")).isEqualTo("5:22");
        assertThat(instructor.canSee("#undo")).isFalse();
    }

    @Test
    void sidesThatDifferBecomeTwoLinesOnceAndACueBecomesTheNote() {
        instructor.clicksOnRoad(3).presses(KeyCode.ENTER).writes("10 reps right, 8 left, last 4 counted")
                .presses(KeyCode.ENTER);

        assertThat(instructor.plan().entries().map(EntryText::dose)).contains("10 reps, right side",
                "8 reps, left side").hasSize((int) plan.entries().count() + 1);
        assertThat(plan(3).note()).isEqualTo("last 4 counted");
    }

    @Test
    void aDoseThatCannotBeStaysToBeMendedWithTheWayOut() {
        instructor.clicksOnRoad(2).presses(KeyCode.ENTER).writes("12").presses(KeyCode.ENTER);

        assertThat(instructor.sees("#hint"))
                .isEqualTo("12 has no unit: write 12 reps, 12 counts or hold 12 s.");
        assertThat(instructor.sees("#line-editor")).isEqualTo("12");
        instructor.types(" reps").presses(KeyCode.ENTER);
        assertThat(dose(2)).isEqualTo("12 reps");
    }

    @Test
    void leavingTheFieldTakesTheDoseOver() {
        instructor.clicksOnRoad(2).presses(KeyCode.ENTER).writes("8 reps").clicksOnRoad(4);

        assertThat(dose(2)).isEqualTo("8 reps");
    }

    @Test
    void tabLeadsFromTheDoseToTheLoadAndTheNote() {
        instructor.clicksOnRoad(2).presses(KeyCode.ENTER).presses(KeyCode.TAB).writes("1 heavy")
                .presses(KeyCode.TAB).writes("Heels down").presses(KeyCode.ENTER);

        assertThat(EntryText.load(plan(2))).isEqualTo("1 heavy weight");
        assertThat(plan(2).note()).isEqualTo("Heels down");
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: note of Squat");
    }

    @Test
    void everyEditIsUndoneAndRedoneByItsName() {
        instructor.clicksOnRoad(3).presses(KeyCode.DELETE).presses(KeyCode.D, KeyCode.CONTROL);
        ClassPlan edited = instructor.plan();
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: duplicate Bent-over row");

        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: remove Split squat");
        assertThat(instructor.sees("#redo")).isEqualTo("Redo: duplicate Bent-over row");
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(instructor.plan()).isEqualTo(plan);

        instructor.presses(KeyCode.Z, KeyCode.CONTROL, KeyCode.SHIFT).clicks("#redo");
        assertThat(instructor.plan()).isEqualTo(edited);
    }

    @Test
    void linesMoveByKeyWithinAndAcrossSegments() {
        instructor.clicksOnRoad(2).clicks("#lines").clicksOnRoad(2);
        instructor.presses(KeyCode.ENTER).presses(KeyCode.ESCAPE);
        instructor.presses(KeyCode.DOWN, KeyCode.ALT);
        assertThat(instructor.lines()).containsExactly("Split squat", "Squat", "Bent-over row");

        instructor.presses(KeyCode.UP, KeyCode.ALT).presses(KeyCode.UP, KeyCode.ALT);

        assertThat(instructor.plan().segmentOf(line(2)).orElseThrow().name()).isEqualTo("Welcome");
        assertThat(instructor.lines()).hasSize(2);
    }

    @Test
    void somethingIsAddedByTypingAFewLetters() {
        instructor.clicksOnRoad(2).presses(KeyCode.L, KeyCode.CONTROL).types("side plank")
                .presses(KeyCode.ENTER);

        assertThat(instructor.lines()).containsExactly("Squat", "Side plank", "Split squat", "Bent-over row");
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: add Side plank");
        instructor.presses(KeyCode.L, KeyCode.CONTROL).types("water").presses(KeyCode.ENTER);
        assertThat(instructor.plan().segment(part(2)).entries()).hasSize(5);
    }

    @Test
    void wholeLinesAreWrittenOneAfterTheOtherAndWhatCannotBeReadIsSaidBeneath() {
        instructor.clicksOnRoad(2).presses(KeyCode.L, KeyCode.CONTROL)
                .types("squat 3 x 12, rest 20 s; heels down").presses(KeyCode.ENTER)
                .types("forearm plank 30 s").presses(KeyCode.ENTER).presses(KeyCode.ENTER)
                .types("frobnicate 12");

        assertThat(instructor.lines()).containsExactly("Squat", "Squat", "Forearm plank", "Split squat",
                "Bent-over row");
        assertThat(instructor.plan().items().skip(1).findFirst().orElseThrow().note())
                .isEqualTo("heels down");
        assertThat(instructor.sees("#add-problem")).isEqualTo("No exercise is called \"frobnicate\".");
        instructor.presses(KeyCode.ENTER);
        assertThat(instructor.lines()).hasSize(5);
        instructor.presses(KeyCode.ESCAPE);
        assertThat(instructor.canSee("#add-problem")).isFalse();
    }

    @Test
    void anExerciseIsReplacedInItsLine() {
        instructor.clicksOnRoad(2).presses(KeyCode.ENTER).presses(KeyCode.ESCAPE).presses(KeyCode.F2)
                .types("calf raise").presses(KeyCode.ENTER);

        assertThat(plan(2).name()).isEqualTo("Calf raise");
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: calf raise for Squat");
        assertThat(dose(2)).isEqualTo("2 x 15 reps, rest 10 s");
    }

    @Test
    void aPauseIsRenamedWhereItStands() {
        instructor.clicksOnRoad(1).presses(KeyCode.F2).types("Hello and shoes").presses(KeyCode.ENTER);

        assertThat(plan(1).name()).isEqualTo("Hello and shoes");
        assertThat(plan(1)).isInstanceOf(Pause.class);
    }

    @Test
    void theBriefIsEditedWhereItStands() {
        instructor.clicks("#slot").writes("5").presses(KeyCode.ENTER);
        assertThat(instructor.sees("#spare")).isEqualTo("goes over by 0:22");

        instructor.clicks("#title").writes("Evening at the Signal Hall").presses(KeyCode.ENTER);
        assertThat(instructor.plan().brief().title()).isEqualTo("Evening at the Signal Hall");
        instructor.clicks("#people").writes("0").presses(KeyCode.ENTER);
        assertThat(instructor.sees("#hint")).isEqualTo("People must be from 1 to 200, not 0.");
        instructor.presses(KeyCode.ESCAPE);
        assertThat(instructor.sees("#people")).isEqualTo("12 people");
    }

    @Test
    void segmentsAreChosenNamedAddedAndRemoved() {
        instructor.clicks("#segment-1").clicks("#segment-name").writes("Hello").presses(KeyCode.ENTER);
        assertThat(instructor.plan().segment(part(1)).name()).isEqualTo("Hello");
        instructor.clicks("#segment-2").clicks("#segment-bpm").writes("126").presses(KeyCode.ENTER);
        assertThat(instructor.plan().segment(part(2)).bpm().value()).isEqualTo(126);

        instructor.presses(KeyCode.LEFT, KeyCode.CONTROL, KeyCode.ALT);
        assertThat(instructor.plan().segments()).extracting(each -> each.name()).containsExactly("Toning",
                "Hello");
    }

    @Test
    void theLastLineAndTheLastSegmentCanGoAndComeBack() {
        for (int i = 0; i < 4; i++) {
            instructor.clicksOnRoad(instructor.plan().entries().findFirst().orElseThrow().id())
                    .presses(KeyCode.ENTER).presses(KeyCode.ESCAPE).presses(KeyCode.DELETE);
        }
        assertThat(instructor.plan().entries()).isEmpty();
        assertThat(instructor.sees("#class-length")).isEqualTo("0:00");
        for (int i = 0; i < 2; i++) {
            instructor.clicks("#remove-segment");
        }
        assertThat(instructor.plan().segments()).isEmpty();
        for (int i = 0; i < 6; i++) {
            instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        }
        assertThat(instructor.plan()).isEqualTo(plan);
    }

    @Test
    void theCardSaysHowWhatIsEasierAndWhoMustTakeCare() {
        instructor.clicksOnRoad(2);

        List<String> words = Instructor.onFx(() -> instructor.find("#card").lookupAll(".label").stream()
                .map(each -> ((javafx.scene.control.Label) each).getText()).toList());
        assertThat(instructor.canSee("#option-easier")).isTrue();
        assertThat(words).contains("Squat", "to a chair: sit to the edge of a chair and stand up",
                "knee", "depth to comfort, or hinge from the hips instead",
                "Usual cautions, no diagnosis. Local rules and licensed professionals come first.");
    }
}
