package app.kehre.desk.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.typing.EntryText;
import app.kehre.core.value.Lengths;
import app.kehre.desk.Instructor;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.store.StudioFile;

import static app.kehre.core.testing.Ids.line;
import static org.assertj.core.api.Assertions.assertThat;

/** What was being done when the program broke off is there again. */
class CrashTest extends DemoWindow {

    private List<Path> kept() {
        try {
            return disk.list(folder.resolve("data/recovery"), ".recovery");
        } catch (DiskTrouble trouble) {
            throw new AssertionError(trouble);
        }
    }

    @Test
    void everyEditIsOnDiskWithinASecondAndIsOfferedAfterACrash() throws IOException {
        edit();
        ClassPlan edited = instructor.plan();
        long begun = System.nanoTime();
        instructor.until("the edit is kept", () -> !kept().isEmpty());
        assertThat(System.nanoTime() - begun).isLessThan(1_000_000_000L);

        breakOff();

        assertThat(instructor.notices()).isEqualTo(
                "Kehre broke off before \u201cTuesday Evening Climb\u201d was saved. Its last state was kept.");
        instructor.clicksButton("Open it");
        assertThat(instructor.plan()).isEqualTo(edited);
        assertThat(instructor.unsaved()).isTrue();
        instructor.until("the old copy goes once there is a new one",
                () -> !Files.exists(folder.resolve("data/recovery/999999999-1.recovery")));
        assertThat(kept()).hasSize(1);
    }

    @Test
    void afterARescueTheClassGoesBackToItsFile() throws IOException {
        Path file = folder.resolve("evening.kehre.json");
        edit();
        instructor.answers(file).presses(KeyCode.S, KeyCode.CONTROL, KeyCode.SHIFT);
        String before = Files.readString(file);
        instructor.clicksOnRoad(2).presses(KeyCode.ENTER).writes("10 eights").presses(KeyCode.ENTER)
                .until("the edit is kept", () -> !kept().isEmpty());
        breakOff();

        assertThat(instructor.notices()).endsWith("It belongs to evening.kehre.json.");
        instructor.clicksButton("Open it");
        assertThat(instructor.sees("#hint")).isEqualTo("evening.kehre.json \u00b7 changes not saved yet");
        instructor.presses(KeyCode.S, KeyCode.CONTROL);

        assertThat(Files.readString(file)).isNotEqualTo(before).contains("\"10 eights\"");
        assertThat(instructor.unsaved()).isFalse();
    }

    @Test
    void whatIsOnlyBeingTypedIsRescuedToo() throws IOException {
        instructor.clicksOnRoad(2).presses(KeyCode.ENTER).writes("10 eights")
                .until("the text is kept", () -> !kept().isEmpty());
        breakOff();
        instructor.clicksButton("Open it");

        assertThat(EntryText.dose(instructor.plan().entry(line(2)))).isEqualTo("10 eights");
    }

    /** The process ends at once; what it kept is found by the next one. */
    private void breakOff() throws IOException {
        Path kept = Files.copy(kept().getFirst(), folder.resolve("data/recovery/999999999-1.recovery"));
        instructor.close();
        assertThat(kept).exists();
        instructor = Instructor.withDemo(folder.resolve("data"), disk);
    }

    @Test
    void aDamagedCopyAndDamagedExercisesAreBothToldAndHideNoRescue() throws IOException {
        edit();
        instructor.until("the edit is kept", () -> !kept().isEmpty());
        Files.writeString(folder.resolve("data/recovery/999999998-1.recovery"), "{ damaged");
        Files.writeString(folder.resolve("data/exercises.json"), "{ damaged");
        breakOff();

        assertThat(instructor.notices()).contains(
                "A class that was kept when Kehre broke off cannot be read: ",
                "Its last state was kept.", "exercises.json was not opened.");
        instructor.clicksButton("Open it");
        assertThat(instructor.unsaved()).isTrue();
        instructor.clicksButton("Throw it away");
        assertThat(folder.resolve("data/recovery/999999998-1.recovery")).doesNotExist();
    }

    @Test
    void savingMakesTheKeptCopyNeedless() {
        edit();
        instructor.until("the edit is kept", () -> !kept().isEmpty());
        instructor.answers(folder.resolve("evening.kehre.json"))
                .presses(KeyCode.S, KeyCode.CONTROL, KeyCode.SHIFT)
                .until("the copy is gone", () -> kept().isEmpty());

        assertThat(kept()).isEmpty();
    }

    @Test
    void anEditThatCannotBeKeptIsSaidAtOnce() {
        disk.full(true);
        edit();

        instructor.until("it is said", () -> !instructor.content().scene().getRoot().lookupAll(".notice")
                .isEmpty());
        assertThat(instructor.notices()).startsWith("The class is not being kept for recovery: ")
                .endsWith("Save it soon.");
    }

    @Test
    void whoIsTypingGoesOnTypingWhenSomethingHasToBeSaid() {
        disk.full(true);
        instructor.clicksOnRoad(2).presses(KeyCode.ENTER).writes("9 eights").until("it is said",
                () -> instructor.content().scene().getRoot().lookup(".notice") != null);
        instructor.types(", half time").presses(KeyCode.ENTER);

        assertThat(EntryText.dose(instructor.plan().entry(line(2)))).isEqualTo("9 eights, half time");
    }

    @Test
    void thePlaceInAClassThatIsBeingTaughtSurvivesACrash() throws IOException {
        Path teaching = folder.resolve("data/teaching");
        instructor.clicks("#teach").presses(KeyCode.SPACE).waits(Duration.ofMinutes(24)).until("it is kept",
                () -> holds(teaching, ".pulse", "18:54:00"));
        Path kept = copied(teaching, ".teaching");
        copied(teaching, ".teaching.pulse");
        ClassPlan taught = instructor.plan();
        instructor.close();
        instructor = Instructor.withDemo(folder.resolve("data"), disk);

        assertThat(instructor.notices()).isEqualTo(
                "Kehre broke off while \u201cTuesday Evening Climb\u201d was being taught, at 24:00.");
        instructor.clicksButton("Go on at 24:00");
        assertThat(instructor.place()).isEqualTo(Place.TEACH);
        assertThat(instructor.plan()).isEqualTo(taught);
        assertThat(instructor.sees("#class-line")).contains("ends 19:04");
        assertThat(kept).doesNotExist();
    }

    @Test
    void aClassThatIsTaughtIsNeverKeptForTheFileOfAnotherThatIsOpenedMeanwhile() throws IOException {
        Path teaching = folder.resolve("data/teaching");
        Path other = Files.write(folder.resolve("friday.kehre.json"),
                DemoPlan.bytes("friday-strong-and-steady"));
        instructor.clicks("#teach").presses(KeyCode.SPACE).presses(KeyCode.ESCAPE);
        Instructor.onFx(() -> {
            instructor.content().open(other);
            return 0;
        });
        instructor.clicks("#teach").waits(Duration.ofMinutes(3)).presses(KeyCode.T).until("it is kept",
                () -> holds(teaching, ".teaching", "PT3M\""));

        assertThat(holds(teaching, ".teaching", "Tuesday Evening Climb")).isTrue();
        assertThat(holds(teaching, ".teaching", "friday")).isFalse();
    }

    @Test
    void aClassThatWasMadeShorterGoesOnShorterWithWhatWasPressed() throws IOException {
        Path teaching = folder.resolve("data/teaching");
        instructor.clicks("#teach").presses(KeyCode.SPACE).waits(Duration.ofMinutes(3)).presses(KeyCode.F)
                .until("it is kept", () -> holds(teaching, ".teaching", "finish-now"));
        String words = instructor.sees("#now");
        Duration goneTo = Instructor.onFx(() -> instructor.content().teaching().moment().get().place());
        copied(teaching, ".teaching");
        instructor.close();
        instructor = Instructor.withDemo(folder.resolve("data"), disk);

        instructor.clicksButton("Go on at " + Lengths.clock(goneTo));
        assertThat(instructor.sees("#now")).isEqualTo(words);
        instructor.presses(KeyCode.ESCAPE).presses(KeyCode.ESCAPE);
        assertThat(instructor.plan().segments()).as("the plan itself is whole")
                .noneMatch(segment -> segment.entries().isEmpty());
    }

    @Test
    void aClassThatWasTaughtToItsEndIsInTheStudioAndOneThatWasBegunByMistakeIsNot() throws StudioTrouble {
        Path studio = folder.resolve("data").resolve(StudioFile.NAME);
        instructor.clicks("#teach").presses(KeyCode.SPACE).waits(Duration.ofSeconds(20)).presses(KeyCode.F)
                .presses(KeyCode.R).presses(KeyCode.SPACE).waits(Duration.ofMinutes(62))
                .until("it is kept", () -> taught(studio) == 1);

        try (StudioFile open = StudioFile.open(studio)) {
            ClassRecord kept = open.records().find(open.records().list("", 1).getFirst().heading().key())
                    .orElseThrow();
            assertThat(kept.heading().title()).isEqualTo("Tuesday Evening Climb");
            assertThat(kept.times().taught()).isEqualTo(kept.times().planned())
                    .isEqualTo(kept.times().predicted());
            assertThat(kept.ranOtherwise()).isEmpty();
        }
    }

    private static int taught(Path studio) {
        if (!Files.exists(studio)) {
            return 0;
        }
        try (StudioFile open = StudioFile.open(studio)) {
            return open.records().list("", 9).size();
        } catch (StudioTrouble notYet) {
            return 0;
        }
    }

    /** What a Kehre that is no longer there has kept. */
    private static Path copied(Path folder, String ending) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return Files.copy(
                    files.filter(each -> each.toString().endsWith(ending)).findFirst().orElseThrow(),
                    folder.resolve("999999999-1" + ending));
        }
    }

    private static boolean holds(Path folder, String ending, String text) {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(each -> each.toString().endsWith(ending)).anyMatch(each -> {
                try {
                    return Files.readString(each).contains(text);
                } catch (IOException gone) {
                    return false;
                }
            });
        } catch (IOException notYet) {
            return false;
        }
    }

    @Test
    void theHallShowsTheNoteOfTheClassThatIsTaught() {
        instructor.clicks("#teach");
        assertThat(instructor.reads(".option")).as("of the first line, on the first visit")
                .contains("Who is new? Knees, back, pregnancy: come and see me.");
        instructor.presses(KeyCode.ESCAPE);
        Instructor.onFx(() -> {
            instructor.content().planning().open().edit("Note",
                    plan -> plan.with(plan.entry(line(1)).withNote("Doors!")));
            return 0;
        });
        instructor.clicks("#teach");
        assertThat(instructor.reads(".option")).containsExactly("Doors!");
    }

    @Test
    void whatALimitForbidsIsSaidAtTheFoot() {
        instructor.close();
        Plans many = Plans.of(60).segment("Toning", Role.TONING, 120);
        for (int line = 0; line < 40; line++) {
            many.item(Exercises.SQUAT, "10 reps");
        }
        instructor = Instructor.with(many.circuit(40, 1, 0).plan(), folder.resolve("data"), disk);
        ClassPlan full = instructor.plan();
        instructor.clicksOnRoad(full.items().findFirst().orElseThrow().id()).presses(KeyCode.D,
                KeyCode.CONTROL);

        assertThat(instructor.plan()).isEqualTo(full);
        assertThat(instructor.sees("#hint")).isEqualTo(
                "The lines of a circuit must be from 1 to 40, not 41. Nothing was changed.");
    }
}
