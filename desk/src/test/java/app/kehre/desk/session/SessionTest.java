package app.kehre.desk.session;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.dose.Reps;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.plan.PlanDocument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoMoreInteractions;

/** The open class, its copy for a crash, and what the window remembers. */
class SessionTest {

    private final ClassPlan plan = Plans.one(Exercises.SQUAT, "12 reps");
    private final ClassPlan longer = plan.with(Item.of(1, Exercises.SQUAT).withDose(Reps.of(20)));
    private final OpenPlan open = new OpenPlan(PlanDocument.of(plan, Library.of(Exercises.all())));

    @TempDir
    private Path folder = Path.of("");

    @Test
    void undoingBackToTheSavedPlanMeansNothingIsUnsaved() {
        open.edit("Dose of Squat", _ -> longer);
        assertThat(open.unsaved().get()).isTrue();

        open.undo();

        assertThat(open.unsaved().get()).isFalse();
        assertThat(open.redoName().get()).isEqualTo("Dose of Squat");
    }

    @Test
    void whatIsOnlyTypedIsShownAndNothingMore() {
        open.preview(longer);
        assertThat(open.shown().get().plan()).isEqualTo(longer);
        assertThat(open.settled().get().plan()).isEqualTo(plan);
        assertThat(open.unsaved().get()).isFalse();

        open.endPreview();
        assertThat(open.shown().get()).isSameAs(open.settled().get());
    }

    @Test
    void aSaveThatFailsLeavesTheClassUnsavedAndInItsOldFile() throws DiskTrouble {
        Disk disk = mock(Disk.class);
        doThrow(new DiskTrouble("full")).when(disk).replace(any(), any());
        open.edit("Dose of Squat", _ -> longer);

        assertThatThrownBy(() -> open.save(Path.of("x"), disk)).hasMessage("full");

        assertThat(open.unsaved().get()).isTrue();
        assertThat(open.file().get()).isEmpty();
    }

    @Test
    void aRescuedClassCountsAsUnsavedUntilItIsSaved() throws DiskTrouble {
        open.openRescued(open.document().with(longer), Optional.empty());
        assertThat(open.unsaved().get()).isTrue();
        assertThat(open.undoName().get()).isEmpty();

        open.save(folder.resolve("rescued.kehre.json"), new LocalDisk());
        assertThat(open.unsaved().get()).isFalse();
    }

    @Test
    void onlyTheNewestOfManyQuickEditsIsWritten() throws DiskTrouble {
        Disk disk = mock(Disk.class);
        try (Recovery recovery = new Recovery(folder, disk, _ -> {})) {
            for (int edit = 1; edit <= 50; edit++) {
                byte[] state = {(byte) edit};
                recovery.keep(() -> state);
            }
            verify(disk, timeout(900)).replace(any(), org.mockito.AdditionalMatchers.aryEq(new byte[]{50}));
            verifyNoMoreInteractions(disk);
        }
    }

    @Test
    void theFileOfARunningKehreIsNobodysLeftover() throws DiskTrouble, InterruptedException {
        LocalDisk disk = new LocalDisk();
        List<DiskTrouble> troubles = new ArrayList<>();
        try (Recovery recovery = new Recovery(folder, disk, troubles::add)) {
            recovery.keep(() -> new byte[]{1});
            disk.replace(folder.resolve("1-1.recovery.json"), new byte[]{2});
            disk.replace(folder.resolve("notes.txt"), new byte[]{3});
            Thread.sleep(Recovery.DELAY.toMillis() * 2);

            assertThat(disk.list(folder, ".recovery.json")).hasSize(2);
            assertThat(recovery.left()).containsExactly(folder.resolve("1-1.recovery.json"));
            recovery.discard(folder.resolve("1-1.recovery.json"));
            assertThat(recovery.left()).isEmpty();
        }
        assertThat(troubles).isEmpty();
    }

    @Test
    void settingsComeBackAndNonsenseInThemIsForgotten() throws DiskTrouble {
        Settings settings = new Settings(folder, new LocalDisk());
        settings.set("width", 1111.0);
        settings.set("height", "tall");
        settings.save();

        Settings again = new Settings(folder, new LocalDisk());
        assertThat(again.number("width", 900, 5000, 1280)).isEqualTo(1111);
        assertThat(again.number("width", 2000, 5000, 1280)).isEqualTo(1280);
        assertThat(again.number("height", 600, 5000, 800)).isEqualTo(800);
        assertThat(again.text("theme", "light")).isEqualTo("light");
    }

    @Test
    void unreadableSettingsDoNotKeepTheWindowShut() throws DiskTrouble {
        new LocalDisk().replace(folder.resolve("window.properties"), "x=\\u00zz".getBytes(
                java.nio.charset.StandardCharsets.UTF_8));

        assertThat(new Settings(folder, new LocalDisk()).text("x", "unset")).isEqualTo("unset");
    }

    @Test
    void patternsOfSavedClassesAreKeptForOthers() throws DiskTrouble {
        LocalDisk disk = new LocalDisk();
        new Patterns(folder, disk)
                .keep(Plans.one(Exercises.BASIC, "2 x [singles 16, repeater 8], each side"));
        new Patterns(folder, disk).keep(plan);
        new Patterns(folder, disk).keep(Plans.one(Exercises.BASIC, "[doubles 16]"));

        assertThat(new Patterns(folder, disk).all()).containsExactly("2 x [singles 16, repeater 8]",
                "[doubles 16]");
    }

    @Test
    void theDataFolderIsWhereTheSystemKeepsSuchThings() {
        Path home = Path.of("/home/i");
        assertThat(Folders.data(Map.of(), "Linux", home)).isEqualTo(Path.of("/home/i/.local/share/kehre"));
        assertThat(Folders.data(Map.of("XDG_DATA_HOME", "/d"), "Linux", home)).isEqualTo(Path.of("/d/kehre"));
        assertThat(Folders.data(Map.of(), "Mac OS X", home))
                .isEqualTo(Path.of("/home/i/Library/Application Support/Kehre"));
        assertThat(Folders.data(Map.of("APPDATA", "/r"), "Windows 11", home)).isEqualTo(Path.of("/r/Kehre"));
        assertThat(Folders.data(Map.of("KEHRE_DATA", "/own"), "Linux", home)).isEqualTo(Path.of("/own"));
    }
}
