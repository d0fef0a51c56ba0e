package app.kehre.desk.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Set;
import javafx.scene.input.KeyCode;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Pause;
import app.kehre.desk.Instructor;
import app.kehre.formats.disk.LocalDisk;

import static org.assertj.core.api.Assertions.assertThat;

/** From the demo class to its end in the hall, all by key. */
class WholeJobTest {

    @TempDir
    private Path folder = Path.of("");

    private static Instructor atLine(Instructor instructor, String name) {
        Entry line = instructor.plan().entries().filter(each -> each.name().equals(name)).findFirst()
                .orElseThrow();
        return instructor.clicksOnRoad(line.id()).presses(KeyCode.ENTER);
    }

    @Test
    void theDemoClassIsFittedToItsHourSavedReopenedPrintedAndTaught() throws IOException {
        Path file = folder.resolve("evening.kehre.json");
        Path pdf = folder.resolve("evening.pdf");
        try (Instructor instructor = Instructor.withDemo(folder.resolve("data"), new LocalDisk())) {
            assertThat(instructor.sees("#spare")).isEqualTo("1:09 to spare");

            atLine(instructor, "Calf raise").writes("3 x 16 reps, rest 10 s").presses(KeyCode.ENTER);
            atLine(instructor, "Quiet breathing").writes("12 breaths").presses(KeyCode.ENTER);
            assertThat(instructor.sees("#spare")).isEqualTo("0:10 to spare");
            ClassPlan fitted = instructor.plan();
            instructor.presses(KeyCode.Z, KeyCode.CONTROL).presses(KeyCode.Z, KeyCode.CONTROL);
            assertThat(instructor.sees("#spare")).isEqualTo("1:09 to spare");
            instructor.presses(KeyCode.Z, KeyCode.CONTROL, KeyCode.SHIFT).presses(KeyCode.Z, KeyCode.CONTROL,
                    KeyCode.SHIFT);

            instructor.answers(file).presses(KeyCode.S, KeyCode.CONTROL, KeyCode.SHIFT);
            assertThat(instructor.unsaved()).isFalse();
            instructor.presses(KeyCode.N, KeyCode.CONTROL).presses(KeyCode.ENTER);
            assertThat(instructor.plan()).isNotEqualTo(fitted);
            instructor.answers(file).presses(KeyCode.O, KeyCode.CONTROL);
            assertThat(instructor.plan()).isEqualTo(fitted);

            printSheet(instructor, pdf);
            teach(instructor, fitted);
        }
    }

    private static void printSheet(Instructor instructor, Path pdf) throws IOException {
        instructor.presses(KeyCode.DIGIT5, KeyCode.CONTROL);
        assertThat(pagesSaved(instructor, pdf)).as("the floor sheet").isOne();
        instructor.clicks("#sheet-preparation");
        assertThat(pagesSaved(instructor, pdf)).as("all there is to know").isEqualTo(3);
    }

    private static int pagesSaved(Instructor instructor, Path pdf) throws IOException {
        instructor.until("the sheet is made", instructor.content()::sheetReady).answers(pdf)
                .clicks("#save-sheet");
        try (PDDocument printed = Loader.loadPDF(Files.readAllBytes(pdf))) {
            return printed.getNumberOfPages();
        }
    }

    /** An hour passes in steps of five seconds; every line, and every move built up, must have stood on the wall. */
    private static void teach(Instructor instructor, ClassPlan plan) {
        instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL).presses(KeyCode.SPACE);
        Set<String> seen = instructor.watches("#now", Duration.ofHours(1), Duration.ofSeconds(5));

        assertThat(seen).containsAll(plan.lines().filter(line -> !(line instanceof BuildUp))
                .map(Entry::name).toList());
        assertThat(seen).containsAll(plan.buildUps().flatMap(build -> build.exercises().stream())
                .map(Exercise::name).toList());
        assertThat(instructor.sees("#now")).isEqualTo("The class is over");
        assertThat(instructor.sees("#class-line")).isEqualTo("ended 19:29, 0:10 to spare");
    }

    @Test
    void inTheHallKeysAndButtonsStartPauseSkipAndGoBack() {
        try (Instructor instructor = Instructor.withDemo(folder, new LocalDisk())) {
            instructor.clicks("#teach");
            assertThat(instructor.place()).isEqualTo(Place.TEACH);
            instructor.clicks("#start").waits(Duration.ofSeconds(70));
            assertThat(instructor.sees("#now")).isEqualTo("March on the spot");
            assertThat(instructor.sees("#left")).isEqualTo("1:02");

            instructor.presses(KeyCode.RIGHT);
            assertThat(instructor.sees("#now")).isEqualTo("Step touch");
            instructor.presses(KeyCode.LEFT);
            assertThat(instructor.sees("#now")).isEqualTo("March on the spot");
            instructor.presses(KeyCode.ENTER).waits(Duration.ofMinutes(3));
            assertThat(instructor.sees("#left")).isEqualTo("1:02");
            assertThat(instructor.sees("#class-line")).endsWith("over by 1:51");

            // Escape leaves what stands there first: the way to end on time, then the hall.
            instructor.until("a way stands ready", () -> instructor.canSee("#offer"))
                    .presses(KeyCode.ESCAPE);
            assertThat(instructor.place()).isEqualTo(Place.TEACH);
            instructor.presses(KeyCode.ESCAPE);
            assertThat(instructor.place()).isEqualTo(Place.PLAN);
        }
    }

    @Test
    void aClassBeingTaughtStaysWhatItWasUntilItIsOver() {
        try (Instructor instructor = Instructor.withDemo(folder, new LocalDisk())) {
            instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL).presses(KeyCode.ENTER)
                    .waits(Duration.ofSeconds(5)).presses(KeyCode.ESCAPE);
            instructor.clicksOnRoad(1).presses(KeyCode.ENTER).presses(KeyCode.ESCAPE)
                    .presses(KeyCode.DELETE);

            instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL);

            assertThat(instructor.sees("#now")).isEqualTo("Welcome and briefing");
            instructor.presses(KeyCode.R).presses(KeyCode.ESCAPE).presses(KeyCode.DIGIT6, KeyCode.CONTROL);
            assertThat(instructor.sees("#now")).isEqualTo("March on the spot");
        }
    }

    @Test
    void aSheetThatCannotBePrintedSaysWhichTextIsToBlame() {
        try (Instructor instructor = Instructor.withDemo(folder, new LocalDisk())) {
            instructor.clicksOnRoad(2).presses(KeyCode.ENTER).presses(KeyCode.TAB).presses(KeyCode.TAB)
                    .writes("Arms \u2191").presses(KeyCode.ENTER).presses(KeyCode.DIGIT5, KeyCode.CONTROL)
                    .until("the sheet is refused",
                            () -> instructor.find("#pages").lookup(".over") != null);

            assertThat(instructor.sees("#pages .over")).contains("\"Arms \u2191\"", "U+2191");
        }
    }

    @Test
    void aPauseIsNoExerciseAndIsTaughtAllTheSame() {
        try (Instructor instructor = Instructor.withDemo(folder, new LocalDisk())) {
            Entry water = instructor.plan().entries().filter(Pause.class::isInstance)
                    .filter(each -> each.name().equals("Water")).findFirst().orElseThrow();
            instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL).presses(KeyCode.ENTER);
            instructor.goesOnTo("Water");

            assertThat(instructor.sees("#dose")).isEqualTo("water");
            assertThat(water.name()).isEqualTo("Water");
        }
    }
}
