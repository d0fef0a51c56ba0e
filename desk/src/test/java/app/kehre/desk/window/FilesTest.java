package app.kehre.desk.window;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.plan.ClassPlan;
import app.kehre.desk.FaultyDisk;
import app.kehre.desk.Instructor;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

import static org.assertj.core.api.Assertions.assertThat;

/** Nothing that was planned is ever lost without being asked for. */
class FilesTest {

    private final FaultyDisk disk = new FaultyDisk();

    @TempDir
    private Path folder = Path.of("");
    private Instructor instructor;

    @BeforeEach
    void openTheWindow() {
        instructor = Instructor.withDemo(folder.resolve("data"), disk);
    }

    @AfterEach
    void closeIt() {
        instructor.close();
    }

    private Path write(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    private void edit() {
        instructor.clicksOnRoad(2).presses(KeyCode.ENTER).writes("9 eights").presses(KeyCode.ENTER);
    }

    private List<Path> kept() {
        try {
            return disk.list(folder.resolve("data/recovery"), ".recovery.json");
        } catch (DiskTrouble trouble) {
            throw new AssertionError(trouble);
        }
    }

    @Test
    void aForeignOrDamagedFileIsNamedAndTheOpenClassStays() throws IOException {
        edit();
        ClassPlan before = instructor.plan();
        instructor.answers(folder.resolve("evening.kehre.json")).presses(KeyCode.S, KeyCode.CONTROL);

        instructor.answers(write("broken.kehre.json", "{\"format\": ")).presses(KeyCode.O, KeyCode.CONTROL);
        assertThat(instructor.notices()).startsWith("broken.kehre.json was not opened. Line 1, column 12:")
                .endsWith("The open class is unchanged.");
        instructor.answers(write("list.json", "{\"format\": \"list\"}")).presses(KeyCode.O, KeyCode.CONTROL);
        assertThat(instructor.notices()).contains("list.json was not opened. It is no class plan");
        instructor.answers(folder.resolve("gone.kehre.json")).presses(KeyCode.O, KeyCode.CONTROL);
        assertThat(instructor.notices()).contains("there is no such file or folder");
        assertThat(instructor.plan()).isEqualTo(before);
        assertThat(instructor.sees("#hint")).isEqualTo("evening.kehre.json \u00b7 all changes saved");
    }

    @Test
    void aFullDiskIsSaidAndTheClassCanBeSavedElsewhere() throws IOException, DiskTrouble, UnreadableFile {
        edit();
        Path file = folder.resolve("evening.kehre.json");
        disk.full(true);
        instructor.answers(file).presses(KeyCode.S, KeyCode.CONTROL);

        assertThat(instructor.notices().lines()).contains(file + " could not be written: the disk is full."
                + " What it held before is unchanged. The class is still open.");
        assertThat(instructor.unsaved()).isTrue();
        assertThat(Files.exists(file)).isFalse();

        disk.full(false);
        instructor.answers(file).clicksButton("Save elsewhere\u2026");
        assertThat(instructor.unsaved()).isFalse();
        assertThat(instructor.notices()).isEmpty();
        assertThat(PlanDocument.read("saved", disk.read(file), Instructor.LIBRARY).plan())
                .isEqualTo(instructor.plan());
    }

    @Test
    void aNewClassWaitsUntilTheChangesAreSavedOrGivenUp() {
        edit();
        ClassPlan edited = instructor.plan();
        instructor.presses(KeyCode.N, KeyCode.CONTROL);
        assertThat(instructor.notices())
                .isEqualTo("\u201cTuesday Evening Climb\u201d has changes that no file has yet.");
        instructor.clicksButton("Stay");
        assertThat(instructor.plan()).isEqualTo(edited);

        instructor.presses(KeyCode.N, KeyCode.CONTROL).clicksButton("Drop the changes");
        assertThat(instructor.plan().brief().title()).isEqualTo("New class");
        assertThat(instructor.notices()).isEmpty();
    }

    @Test
    void theWindowAsksBeforeItCloses() {
        instructor.closesWindow();
        assertThat(instructor.isThere()).isFalse();
        instructor = Instructor.withDemo(folder.resolve("data"), disk);
        edit();

        instructor.closesWindow();
        assertThat(instructor.isThere()).isTrue();
        instructor.answers(folder.resolve("evening.kehre.json")).clicksButton("Save");
        assertThat(instructor.isThere()).isFalse();
        assertThat(folder.resolve("evening.kehre.json")).exists();
    }

    @Test
    void whatIsBeingTypedIsSavedToo() {
        instructor.clicksOnRoad(2).presses(KeyCode.ENTER).writes("9 eights")
                .answers(folder.resolve("evening.kehre.json")).presses(KeyCode.S, KeyCode.CONTROL);

        assertThat(instructor.unsaved()).isFalse();
        assertThat(folder.resolve("evening.kehre.json")).content(StandardCharsets.UTF_8)
                .contains("\"9 eights\"");
    }

    @Test
    void everyEditIsOnDiskWithinASecondAndIsOfferedAfterACrash() throws IOException {
        edit();
        ClassPlan edited = instructor.plan();
        long begun = System.nanoTime();
        instructor.until("the edit is kept", () -> !kept().isEmpty());
        assertThat(System.nanoTime() - begun).isLessThan(1_000_000_000L);

        Files.move(kept().getFirst(), folder.resolve("data/recovery/999999999-1.recovery.json"));
        instructor.close();
        instructor = Instructor.withDemo(folder.resolve("data"), disk);

        assertThat(instructor.notices()).isEqualTo(
                "Kehre broke off before \u201cTuesday Evening Climb\u201d was saved. Its last state was kept.");
        instructor.clicksButton("Open it");
        assertThat(instructor.plan()).isEqualTo(edited);
        assertThat(instructor.unsaved()).isTrue();
        assertThat(folder.resolve("data/recovery/999999999-1.recovery.json")).doesNotExist();
    }

    @Test
    void savingMakesTheKeptCopyNeedless() {
        edit();
        instructor.until("the edit is kept", () -> !kept().isEmpty());
        instructor.answers(folder.resolve("evening.kehre.json")).presses(KeyCode.S, KeyCode.CONTROL)
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
    void theWindowRemembersItsThemeAndItsSize() {
        instructor.clicks("#theme");
        Instructor.onFx(() -> {
            instructor.stage().setWidth(1111);
            return instructor.stage();
        });
        instructor.closesWindow();
        instructor = Instructor.withDemo(folder.resolve("data"), disk);

        assertThat(Instructor.onFx(instructor.content()::theme)).isEqualTo(app.kehre.desk.look.Theme.DARK);
        assertThat(Instructor.onFx(() -> instructor.stage().getWidth())).isEqualTo(1111);
    }
}
