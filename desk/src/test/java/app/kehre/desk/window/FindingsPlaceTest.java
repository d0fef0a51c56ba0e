package app.kehre.desk.window;

import java.nio.file.Path;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.Threshold;
import app.kehre.core.advice.Thresholds;
import app.kehre.core.balance.Assessment;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.OwnExercises;
import app.kehre.core.finding.Fact;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.SetAside;
import app.kehre.desk.FaultyDisk;
import app.kehre.desk.Instructor;
import app.kehre.formats.plan.DemoPlan;

import static app.kehre.core.testing.Ids.line;
import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doReturn;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.spy;

/** What is found is shown beside the road, mended, set aside and taken up again. */
class FindingsPlaceTest {

    @TempDir
    private Path folder = Path.of("");
    private Instructor instructor;

    @BeforeEach
    void openTheFindings() {
        instructor = Instructor.withDemo(folder, new FaultyDisk());
        instructor.presses(KeyCode.DIGIT4, KeyCode.ALT);
    }

    @AfterEach
    void closeIt() {
        instructor.close();
    }

    private Assessment judged() {
        return Assessment.of(instructor.plan(), Instructor.LIBRARY);
    }

    private long cautions() {
        return Instructor.onFx(() -> instructor.find("#findings").lookupAll(".finding").stream()
                .filter(Node::isVisible).flatMap(row -> row.lookupAll(".label").stream())
                .filter(label -> ((Labeled) label).getText().contains("No alternative planned")).count());
    }

    private void press(String end) {
        Instructor.onFx(() -> {
            instructor.find("#findings").lookupAll(".hyperlink").stream().map(Hyperlink.class::cast)
                    .filter(link -> link.isVisible() && link.getText().endsWith(end)).findFirst()
                    .orElseThrow()
                    .fire();
            return end;
        });
    }

    private long rows() {
        return Instructor.onFx(() -> instructor.find("#findings").lookupAll(".finding").stream()
                .filter(Node::isVisible).count());
    }

    @Test
    void theVerdictSaysWhetherItFitsAndTheHeadCountsWhatIsOpen() {
        assertThat(instructor.sees("#verdict")).isEqualTo(judged().verdict())
                .startsWith(
                        "Fits. No alternative planned for 2 people with knee problems: Basic step, Signal and Switch, Squat and 12 more.");
        assertThat(instructor.sees("#side-findings")).isEqualTo("Findings " + judged().facts().size());
    }

    @Test
    void sixOfManyFindingsAreSeenAtOnce() {
        instructor.close();
        instructor = Instructor.with(DemoPlan.load(DemoPlan.EVERYTHING_AT_ONCE, Instructor.LIBRARY).plan(),
                folder.resolve("all"), new FaultyDisk());
        instructor.presses(KeyCode.DIGIT4, KeyCode.ALT).until("the mends are there",
                () -> instructor.canSee(".mend"));

        double bottom = Instructor.onFx(() -> bottom(instructor.find("#findings")));
        long seen = Instructor.onFx(() -> instructor.find("#findings").lookupAll(".finding").stream()
                .filter(Node::isVisible).filter(row -> bottom(row) <= bottom + 4).count());
        assertThat(seen).isGreaterThanOrEqualTo(6);
    }

    private static double bottom(Node node) {
        return node.localToScene(node.getBoundsInLocal()).getMaxY();
    }

    @Test
    void aSeverityIsHiddenAndShownAgain() {
        long all = rows();
        long consider = judged().count(Severity.WATCH);

        instructor.clicks("#show-watch").clicks("#show-fix");
        assertThat(rows()).isZero();
        instructor.clicks("#show-fix").clicks("#show-watch");

        assertThat(rows()).isEqualTo(all);
        assertThat(consider).isPositive();
    }

    @Test
    void twoKneesAreOneFindingWhosePlacesAreShownOneAfterTheOther() {
        assertThat(judged().findings()).filteredOn(each -> each.check().startsWith("caution")).hasSize(16);
        assertThat(cautions()).isOne();

        press("Show 1 of 16");
        assertThat(instructor.sees("#segment-name")).isEqualTo("Warm-up");
        press("Show 2 of 16");
        instructor.until("the next place is shown",
                () -> instructor.sees("#segment-name").equals("Aerobic 1"));
    }

    @Test
    void aFindingIsSetAsideWithAReasonAsOneStepAndTakenUpAgain() {
        int before = judged().facts().size();
        Fact first = judged().facts().getFirst();

        Instructor.onFx(() -> {
            ((Hyperlink) instructor.find("#findings .aside-link")).fire();
            return before;
        });
        instructor.types("we stop on time anyway").presses(KeyCode.ENTER);

        assertThat(instructor.plan().aside()).extracting(SetAside::check).hasSameSizeAs(first.parts())
                .containsOnly(first.parts().getFirst().check());
        assertThat(instructor.sees("#side-findings")).isEqualTo("Findings " + (before - 1));
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: set aside");
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(judged().facts()).hasSize(before);
    }

    @Test
    void aMendSaysWhatItBringsAndIsOneStep() {
        instructor.until("the mends are there", () -> instructor.canSee(".mend"));
        ClassPlan before = instructor.plan();

        instructor.clicks(".mend");

        assertThat(instructor.plan()).isNotEqualTo(before);
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(instructor.plan()).isEqualTo(before);
    }

    @Test
    void theLedgerIsBesideIt() {
        instructor.presses(KeyCode.DIGIT5, KeyCode.ALT);

        assertThat(Instructor.onFx(() -> instructor.find("#ledger").lookupAll(".label").stream()
                .map(each -> ((Label) each).getText()).toList())).contains("calf", "prepare", "release")
                .anyMatch(text -> text.contains("wrist "))
                .anyMatch(text -> text.contains("min moderate or harder"));
    }

    @Test
    void aFigureIsTypedOverRefusedOutOfRangeAndTheClassIsJudgedByIt() {
        String water = "#figure-" + Threshold.WATER.ordinal();
        instructor.presses(KeyCode.DIGIT1, KeyCode.CONTROL).clicks(water).writes("900")
                .presses(KeyCode.ENTER);
        assertThat(instructor.sees("#hint")).isEqualTo(
                "Water at least every must be from 5 to 60 min, not 900.");
        assertThat(instructor.plan().thresholds()).isEqualTo(Thresholds.USUAL);

        instructor.writes("10").presses(KeyCode.ENTER);
        assertThat(instructor.plan().thresholds().of(Threshold.WATER)).isEqualTo(10);
        assertThat(judged().findings()).extracting(Finding::check)
                .anyMatch(check -> check.startsWith("no-water"));
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(judged().findings()).extracting(Finding::check)
                .noneMatch(check -> check.startsWith("no-water"));
    }

    @Test
    void aClassThatCannotBeJudgedSaysSoInsteadOfShowingAnyVerdict() {
        instructor.close();
        Library failing = spy(Instructor.LIBRARY);
        doReturn(failing).when(failing).with(any(OwnExercises.class));
        instructor = Instructor.with(DemoPlan.load(Instructor.LIBRARY).plan(), folder, new FaultyDisk(),
                failing);
        doThrow(new IllegalStateException("a fault of Kehre's own")).when(failing).all();
        Instructor.onFx(() -> {
            instructor.content().planning().open().edit("Note",
                    plan -> plan.with(plan.entry(line(1)).withNote("x")));
            return 0;
        });
        instructor.settle();

        assertThat(instructor.sees("#verdict")).isEqualTo("This class could not be judged.");
        instructor.presses(KeyCode.DIGIT4, KeyCode.ALT);
        assertThat(instructor.readsSeen(".finding .label"))
                .anyMatch(each -> each.contains("could not be judged"));
    }
}
