package app.kehre.desk.window;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.Test;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.typing.EntryText;
import app.kehre.desk.Instructor;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;
import app.kehre.store.StudioFile;

import static app.kehre.core.testing.Ids.line;
import static org.assertj.core.api.Assertions.assertThat;

/** Nothing that was planned is ever lost without being asked for. */
class FilesTest extends DemoWindow {

    private Path write(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    @Test
    void aForeignOrDamagedFileIsNamedAndTheOpenClassStays() throws IOException {
        edit();
        ClassPlan before = instructor.plan();
        instructor.answers(folder.resolve("evening.kehre.json")).presses(KeyCode.S, KeyCode.CONTROL,
                KeyCode.SHIFT);

        instructor.answers(write("broken.kehre.json", "{\"format\": ")).presses(KeyCode.O, KeyCode.CONTROL);
        assertThat(instructor.notices()).startsWith("broken.kehre.json was not opened. Line 1, column 12:")
                .endsWith("The open class is unchanged.");
        instructor.answers(write("list.json", "{\"format\": \"list\"}")).presses(KeyCode.O, KeyCode.CONTROL);
        assertThat(instructor.notices()).contains("list.json was not opened. It is no class plan");
        instructor.answers(folder.resolve("gone.kehre.json")).presses(KeyCode.O, KeyCode.CONTROL);
        assertThat(instructor.notices()).contains("there is no such file or folder");
        Instructor.onFx(() -> {
            instructor.content().open(Path.of("/"));
            return 0;
        });
        assertThat(instructor.notices())
                .contains("/ could not be read: it is a folder, a file was expected.");
        assertThat(instructor.plan()).isEqualTo(before);
        assertThat(instructor.sees("#hint")).isEqualTo("evening.kehre.json \u00b7 all changes saved");
    }

    @Test
    void aFullDiskIsSaidAndTheClassCanBeSavedElsewhere() throws IOException, DiskTrouble, UnreadableFile {
        edit();
        Path file = folder.resolve("evening.kehre.json");
        disk.full(true);
        instructor.answers(file).presses(KeyCode.S, KeyCode.CONTROL, KeyCode.SHIFT);

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
        instructor.answers(folder.resolve("evening.kehre.json")).presses(KeyCode.S, KeyCode.CONTROL,
                KeyCode.SHIFT);
        edit();
        ClassPlan edited = instructor.plan();
        instructor.presses(KeyCode.N, KeyCode.CONTROL).presses(KeyCode.ENTER);
        assertThat(instructor.notices())
                .isEqualTo("\u201cTuesday Evening Climb\u201d has changes that no file has yet.");
        instructor.clicksButton("Stay");
        assertThat(instructor.plan()).isEqualTo(edited);

        instructor.presses(KeyCode.N, KeyCode.CONTROL).presses(KeyCode.ENTER)
                .clicksButton("Drop the changes");
        assertThat(instructor.plan().brief().title()).isEqualTo("New class");
        assertThat(instructor.notices()).isEmpty();
    }

    @Test
    void theWindowAsksBeforeItCloses() throws DiskTrouble, UnreadableFile {
        instructor.closesWindow();
        assertThat(instructor.isThere()).isFalse();
        instructor = Instructor.withDemo(folder.resolve("data"), disk);
        Path file = folder.resolve("evening.kehre.json");
        instructor.answers(file).presses(KeyCode.S, KeyCode.CONTROL, KeyCode.SHIFT);
        edit();

        instructor.closesWindow();
        assertThat(instructor.isThere()).isTrue();
        ClassPlan edited = instructor.plan();
        instructor.clicksButton("Save");
        assertThat(instructor.isThere()).isFalse();
        assertThat(PlanDocument.read("saved", disk.read(file), Instructor.LIBRARY).plan()).isEqualTo(edited);
    }

    @Test
    void aClassThatLiesInNoFileIsKeptWhenTheWindowIsClosed() throws StudioTrouble {
        edit();

        instructor.closesWindow();

        assertThat(instructor.isThere()).isFalse();
        try (StudioFile studio = StudioFile.open(folder.resolve("data").resolve(StudioFile.NAME))) {
            assertThat(studio.plans().list("tuesday", 5)).hasSize(1);
        }
    }

    @Test
    void whatIsBeingTypedIsSavedToo() {
        instructor.clicksOnRoad(2).presses(KeyCode.ENTER).writes("9 eights")
                .answers(folder.resolve("evening.kehre.json"))
                .presses(KeyCode.S, KeyCode.CONTROL, KeyCode.SHIFT);

        assertThat(instructor.unsaved()).isFalse();
        assertThat(folder.resolve("evening.kehre.json")).content(StandardCharsets.UTF_8)
                .contains("\"9 eights\"");
    }

    @Test
    void aNameThatGetsItsEndingIsAskedAboutBeforeAFileIsReplaced() throws IOException {
        Path there = write("tuesday.v2.kehre.json", "precious");
        edit();
        instructor.answers(folder.resolve("tuesday.v2")).presses(KeyCode.S, KeyCode.CONTROL, KeyCode.SHIFT);

        assertThat(instructor.notices())
                .isEqualTo("There is a file tuesday.v2.kehre.json in this folder already.");
        instructor.clicksButton("Leave it");
        assertThat(there).hasContent("precious");
        assertThat(instructor.unsaved()).isTrue();

        instructor.answers(folder.resolve("tuesday.v2")).presses(KeyCode.S, KeyCode.CONTROL, KeyCode.SHIFT)
                .answers(folder.resolve("tuesday.v3")).clicksButton("Another name\u2026");
        assertThat(there).hasContent("precious");
        assertThat(folder.resolve("tuesday.v3.kehre.json")).exists();
        assertThat(instructor.sees("#hint")).isEqualTo("tuesday.v3.kehre.json \u00b7 all changes saved");
    }

    private Path saved() {
        Path file = folder.resolve("evening.kehre.json");
        edit();
        instructor.answers(file).presses(KeyCode.S, KeyCode.CONTROL, KeyCode.SHIFT);
        return file;
    }

    private byte[] theirs(Path file) throws IOException {
        byte[] changed = Files.readString(file).replace("\"9 eights\"", "\"11 eights\"")
                .getBytes(StandardCharsets.UTF_8);
        Files.write(file, changed);
        return changed;
    }

    @Test
    void whatSomebodyElseMadeOfTheFileIsNotWrittenOver() throws IOException {
        Path file = saved();
        byte[] theirs = theirs(file);
        instructor.presses(KeyCode.S, KeyCode.CONTROL);

        assertThat(instructor.notices())
                .isEqualTo("Somebody else has changed evening.kehre.json since it was opened here.");
        assertThat(instructor.sees("#hint")).isEqualTo("evening.kehre.json \u00b7 changed by somebody else");
        assertThat(file).hasBinaryContent(theirs);
        instructor.clicksButton("Take theirs");
        assertThat(EntryText.dose(instructor.plan().entry(line(2)))).isEqualTo("11 eights");
        assertThat(instructor.unsaved()).isFalse();
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(EntryText.dose(instructor.plan().entry(line(2)))).isEqualTo("9 eights");
    }

    @Test
    void aChangeElsewhereIsSeenWhenTheWindowComesToTheFrontAndMineCanBeSavedBeside() throws IOException {
        Path file = saved();
        byte[] theirs = theirs(file);
        instructor.clicksOnRoad(2).presses(KeyCode.ENTER).writes("12 eights").presses(KeyCode.ENTER);
        Instructor.onFx(() -> {
            instructor.content().lookAgain();
            return 0;
        });
        instructor.until("it is noticed", () -> !instructor.content().scene().getRoot().lookupAll(".notice")
                .isEmpty());

        assertThat(instructor.notices()).isEqualTo(
                "Somebody else has changed evening.kehre.json since it was opened here, and so have you.");
        instructor.clicksButton("Save mine beside it").until("it lies beside",
                () -> Files.exists(folder.resolve("evening-mine.kehre.json")));
        assertThat(file).hasBinaryContent(theirs);
        assertThat(Files.readString(folder.resolve("evening-mine.kehre.json"))).contains("\"12 eights\"");
        assertThat(instructor.sees("#hint")).isEqualTo("evening-mine.kehre.json \u00b7 all changes saved");
    }

    @Test
    void aFileThatHasGoneIsNotCalledSavedAndItsFolderIsMadeOnlyWhenAsked() throws IOException {
        Path gone = Files.createDirectory(folder.resolve("stick"));
        edit();
        instructor.answers(gone.resolve("evening.kehre.json")).presses(KeyCode.S, KeyCode.CONTROL,
                KeyCode.SHIFT);
        Files.delete(gone.resolve("evening.kehre.json"));
        Files.delete(gone);
        Instructor.onFx(() -> {
            instructor.content().lookAgain();
            return 0;
        });
        instructor.until("it is noticed", instructor::unsaved);

        assertThat(instructor.sees("#hint"))
                .isEqualTo("evening.kehre.json \u00b7 no longer there, not saved");
        instructor.presses(KeyCode.S, KeyCode.CONTROL);
        assertThat(instructor.notices()).contains("its folder is not there");
        assertThat(gone).doesNotExist();
        instructor.clicksButton("Make the folder");
        assertThat(gone.resolve("evening.kehre.json")).exists();
        assertThat(instructor.unsaved()).isFalse();
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
