package app.kehre.desk.window;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.exercise.Muscle;
import app.kehre.core.plan.ClassPlan;
import app.kehre.desk.FaultyDisk;
import app.kehre.desk.Instructor;
import app.kehre.formats.sheet.SheetPdf;

import static org.assertj.core.api.Assertions.assertThat;

/** The whole class is seen at once: how hard, what should be looked at, what it does for the body. */
class CheckPlaceTest {

    @TempDir
    private Path folder = Path.of("");
    private Instructor instructor;

    @BeforeEach
    void goThere() {
        instructor = Instructor.withDemo(folder, new FaultyDisk());
        instructor.presses(KeyCode.DIGIT4, KeyCode.CONTROL);
    }

    @AfterEach
    void closeIt() {
        instructor.close();
    }

    private double height(String id) {
        return Instructor.onFx(() -> ((Region) instructor.find(id)).getHeight());
    }

    @Test
    void theClimbIsTallAndTheLedgerIsWhole() {
        assertThat(height("#climb")).isGreaterThan(180 + 64);
        long rows = Instructor.onFx(() -> instructor.find(".ledger-table").lookupAll(".label").stream()
                .map(each -> ((Labeled) each).getText().replace(" \u2022", ""))
                .filter(text -> java.util.Arrays.stream(Muscle.values())
                        .anyMatch(muscle -> muscle.words().equals(text)))
                .count());
        assertThat(rows).isEqualTo(Muscle.values().length);
    }

    @Test
    void theArrowKeysReadAMomentAndWithShiftAStretch() {
        Instructor.onFx(() -> {
            instructor.find("#climb").requestFocus();
            return true;
        });
        instructor.presses(KeyCode.PAGE_DOWN).presses(KeyCode.RIGHT);
        assertThat(instructor.sees("#read-where")).startsWith("1:05");
        instructor.presses(KeyCode.PAGE_DOWN, KeyCode.SHIFT);
        assertThat(instructor.sees("#read-where")).isEqualTo("1:05 to 2:05 on average");
        assertThat(instructor.sees("#read-more")).startsWith("1:00 long: ");
        instructor.presses(KeyCode.ESCAPE);
        assertThat(instructor.sees("#read-where")).contains("min moderate or harder");
    }

    /** What is read at a moment, wherever the keyboard has gone, always lies inside the class. */
    @Test
    void homeEndAndTheLinesAreReachedByKeyAndEnterLeadsToTheLine() {
        Instructor.onFx(() -> {
            instructor.find("#climb").requestFocus();
            return true;
        });
        instructor.presses(KeyCode.END);
        assertThat(instructor.sees("#read-where")).startsWith("58:5");
        instructor.presses(KeyCode.RIGHT).presses(KeyCode.PAGE_DOWN);
        assertThat(instructor.sees("#read-where")).as("no further").startsWith("58:5");
        instructor.presses(KeyCode.HOME).presses(KeyCode.LEFT);
        assertThat(instructor.sees("#read-where")).startsWith("0:00");

        instructor.presses(KeyCode.RIGHT, KeyCode.CONTROL);
        String second = instructor.sees("#read-where");
        instructor.presses(KeyCode.RIGHT, KeyCode.CONTROL).presses(KeyCode.LEFT, KeyCode.CONTROL);
        assertThat(instructor.sees("#read-where")).as("a line on and back").isEqualTo(second);
        instructor.presses(KeyCode.ENTER);
        assertThat(instructor.place()).isEqualTo(Place.PLAN);
    }

    @Test
    void theMouseReadsAMomentAPressKeepsItAndEscapeLetsItGo() {
        String all = instructor.sees("#read-where");
        instructor.clicks("#climb");
        String kept = instructor.sees("#read-where");
        assertThat(kept).matches("\\d+:\\d\\d.*").isNotEqualTo(all);

        instructor.clicks("#read-where");
        assertThat(instructor.sees("#read-where")).as("it stays when the mouse goes").isEqualTo(kept);
        Instructor.onFx(() -> {
            instructor.find("#climb").requestFocus();
            return true;
        });
        instructor.presses(KeyCode.ESCAPE);
        assertThat(instructor.sees("#read-where")).isEqualTo(all);
    }

    @Test
    void fromAFindingEnterLeadsToItsLineInPlan() {
        assertThat(Instructor.onFx(() -> instructor.find("#findings").lookupAll(".finding").stream()
                .anyMatch(javafx.scene.Node::isFocused))).isTrue();

        instructor.presses(KeyCode.ENTER);

        assertThat(instructor.sees("#segment-name")).isEqualTo("Warm-up");
    }

    @Test
    void aMendIsTakenAndOneStaysHere() {
        instructor.until("the mends are there", () -> instructor.canSee(".mend"));
        ClassPlan before = instructor.plan();

        instructor.clicks(".mend");

        assertThat(instructor.plan()).isNotEqualTo(before);
        assertThat(instructor.canSee("#climb")).isTrue();
    }

    @Test
    void thePageIsSavedAsPdf() throws Exception {
        Path file = folder.resolve("page.pdf");

        instructor.answers(file).clicks("#save-check");

        assertThat(SheetPdf.isPdf(Files.readAllBytes(file))).isTrue();
    }
}
