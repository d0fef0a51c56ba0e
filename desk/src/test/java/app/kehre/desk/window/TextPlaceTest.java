package app.kehre.desk.window;

import java.nio.file.Path;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Segment;
import app.kehre.desk.FaultyDisk;
import app.kehre.desk.Instructor;

import static org.assertj.core.api.Assertions.assertThat;

/** The class as text is written freely and taken back as one step; no line is ever lost. */
class TextPlaceTest {

    @TempDir
    private Path folder = Path.of("");
    private Instructor instructor;

    @BeforeEach
    void openTheText() {
        instructor = Instructor.withDemo(folder, new FaultyDisk());
        instructor.clicks("#segment-5").presses(KeyCode.T, KeyCode.CONTROL);
    }

    @AfterEach
    void closeIt() {
        instructor.close();
    }

    private String text() {
        return Instructor.onFx(() -> ((TextArea) instructor.find("#class-text")).getText());
    }

    private void append(String more) {
        Instructor.onFx(() -> {
            ((TextArea) instructor.find("#class-text")).appendText(more);
            return more;
        });
    }

    private Segment toning() {
        return instructor.plan().segments().get(4);
    }

    @Test
    void theChosenSegmentIsShownAndWhatIsAddedComesBackAsOneStep() {
        ClassPlan before = instructor.plan();
        assertThat(text()).startsWith("## Toning 1 (toning, 120 BPM").contains("Squat 3 x ");

        append("wide squat 2 x 12; slow\n");
        instructor.presses(KeyCode.ENTER, KeyCode.CONTROL);

        assertThat(toning().entries().getLast().name()).isEqualTo("Wide squat");
        assertThat(toning().entries()).hasSize(before.segments().get(4).entries().size() + 1);
        assertThat(instructor.plan().segments()).hasSameSizeAs(before.segments());
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(instructor.plan()).isEqualTo(before);
    }

    @Test
    void aLineThatIsNotSureIsReachedWithTabAndTakenWithADigit() {
        ClassPlan before = instructor.plan();
        append("press 10\n");
        instructor.until("it is said",
                () -> instructor.sees("#text-outcome").contains("1 to choose"));

        instructor.presses(KeyCode.ENTER, KeyCode.CONTROL);
        assertThat(instructor.plan()).isEqualTo(before);
        assertThat(text()).contains("press 10");

        instructor.presses(KeyCode.TAB).presses(KeyCode.DIGIT2).until("it is chosen",
                () -> !instructor.sees("#text-outcome").contains("to choose"));
        instructor.presses(KeyCode.ENTER, KeyCode.CONTROL);
        assertThat(toning().entries().getLast().name()).as("one of its readings")
                .containsIgnoringCase("press");
        assertThat(toning().note()).as("it is no note any more").isEmpty();
    }

    @Test
    void whatChangesBesideTheTextIsNotOverwrittenUnasked() {
        append("wide squat\n");
        Instructor.onFx(() -> {
            instructor.content().planning().open().edit("Beside",
                    plan -> plan.with(plan.brief().withTitle("Beside")));
            return true;
        });

        instructor.presses(KeyCode.ENTER, KeyCode.CONTROL);
        assertThat(instructor.sees("#text-outcome")).contains("has changed beside this text");
        assertThat(toning().entries()).extracting(Entry::name).doesNotContain("Wide squat");
        instructor.presses(KeyCode.ENTER, KeyCode.CONTROL);

        assertThat(toning().entries()).extracting(Entry::name).contains("Wide squat");
        assertThat(instructor.plan().brief().title()).isEqualTo("Beside");
    }

    @Test
    void aTextThatNobodyTouchedFollowsTheClass() {
        Instructor.onFx(() -> {
            instructor.content().planning().open().edit("Beside", plan -> plan
                    .with(plan.segments().get(4).withName("Renamed")));
            return true;
        });

        instructor.until("it follows", () -> text().startsWith("## Renamed"));
    }

    @Test
    void escapeAsksOnceBeforeItDropsWhatWasWritten() {
        ClassPlan before = instructor.plan();
        append("wide squat\n");

        instructor.presses(KeyCode.ESCAPE);
        assertThat(instructor.canSee("#class-text")).isTrue();
        assertThat(instructor.sees("#text-outcome")).contains("Escape again drops it");
        instructor.presses(KeyCode.ESCAPE);

        assertThat(instructor.canSee("#class-text")).isFalse();
        assertThat(instructor.plan()).isEqualTo(before);
    }

    @Test
    void ofTenThousandLinesNoneIsLostAndWhatHasNoRoomIsSaid() {
        append("mystery\n".repeat(10_000));

        instructor.until("it is said",
                () -> instructor.sees("#text-outcome").contains("The note of this part is full"));
        assertThat(text().lines().filter("mystery"::equals)).hasSize(10_000);
    }
}
