package app.kehre.desk.session;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Reps;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.PlanId;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.desk.FaultyDisk;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

import static app.kehre.core.testing.Ids.line;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoMoreInteractions;

/** The open class, its copy for a crash, and what the window remembers. */
class SessionTest {

    private final ClassPlan plan = Plans.one(Exercises.SQUAT, "12 reps");
    private final ClassPlan longer = plan.with(Item.of(line(1), Exercises.SQUAT).withDose(Reps.of(20)));
    private final OpenPlan open = new OpenPlan(PlanDocument.of(plan, Library.of(Exercises.all())));

    @TempDir
    private Path folder = Path.of("");

    @Test
    void theFileNamedAtTheStartIsOpenWithNothingUnsavedOrAnotherClassAndTheReason() throws IOException {
        Library library = Library.of(Exercises.all());
        PlanDocument bare = PlanDocument.of(plan, library);
        Path file = Files.write(folder.resolve("longer.kehre.json"),
                PlanDocument.of(longer, library).bytes());
        Path bad = Files.writeString(folder.resolve("bad.kehre.json"), "[");

        FirstPlan first = FirstPlan.of(Optional.of(file), new LocalDisk(), library, bare);
        FirstPlan other = FirstPlan.of(Optional.of(bad), new LocalDisk(), library, bare);

        assertThat(first.trouble()).isEmpty();
        assertThat(first.open().plan().segments()).isEqualTo(longer.segments());
        assertThat(first.open().file().get()).contains(file);
        assertThat(first.open().unsaved().get()).isFalse();
        assertThat(other.open().plan()).isEqualTo(plan);
        assertThat(other.open().file().get()).isEmpty();
        assertThat(other.trouble()).startsWith("bad.kehre.json was not opened. ")
                .endsWith(" A new class is open instead.");
    }

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
    void savedBesideItsFileItIsAnotherPlanAndUndoGoesOnInThatOne() throws DiskTrouble {
        Disk disk = new LocalDisk();
        Path monday = folder.resolve("monday.kehre.json");
        open.save(monday, disk);
        PlanId first = open.plan().identity().plan();
        open.edit("Longer slot", plan -> plan.with(plan.brief().withSlot(Duration.ofMinutes(45))));
        open.save(monday, disk);
        assertThat(open.plan().identity().plan()).isEqualTo(first);

        open.save(folder.resolve("tuesday.kehre.json"), disk);
        PlanId copy = open.plan().identity().plan();
        open.undo();
        open.save(folder.resolve("tuesday.kehre.json"), disk);

        assertThat(copy).isNotEqualTo(first);
        assertThat(open.plan().identity().plan()).isEqualTo(copy);
        assertThat(open.unsaved().get()).isFalse();
    }

    @Test
    void aRescuedClassCountsAsUnsavedUntilItIsSaved() throws DiskTrouble {
        open.openRescued(open.document().with(longer), Home.NOWHERE);
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
            verify(disk).makeFolder(folder);
            verifyNoMoreInteractions(disk);
        }
    }

    @Test
    void whoeverEditsWithoutAPauseIsKeptAllTheSame() throws DiskTrouble, InterruptedException {
        AtomicInteger written = new AtomicInteger();
        Disk disk = mock(Disk.class);
        doAnswer(call -> {
            written.set(((byte[]) call.getArgument(1))[0]);
            return null;
        }).when(disk).replace(any(), any());
        try (Recovery recovery = new Recovery(folder, disk, _ -> {})) {
            for (int edit = 1; edit <= 30; edit++) {
                byte[] state = {(byte) edit};
                recovery.keep(() -> state);
                Thread.sleep(50);
                assertThat(written.get()).as("kept a second after edit %d", edit).isGreaterThan(edit - 20);
            }
        }
        assertThat(written.get()).isEqualTo(30);
    }

    @Test
    void whatWasRescuedGoesOnlyOnceItLiesSafelyElsewhere() throws DiskTrouble, InterruptedException {
        FaultyDisk disk = new FaultyDisk();
        Path left = folder.resolve("1-1.recovery");
        disk.replace(left, new byte[]{2});
        try (Recovery recovery = new Recovery(folder, disk, _ -> {})) {
            disk.full(true);
            recovery.take(left);
            recovery.keep(() -> new byte[]{2});
            Thread.sleep(Recovery.DELAY.toMillis() * 3);
            assertThat(left).exists();
            assertThat(recovery.left()).as("it is not offered again").isEmpty();

            disk.full(false);
            recovery.keep(() -> new byte[]{3});
        }
        assertThat(left).doesNotExist();
    }

    @Test
    void aRescuedClassKnowsItsFileAndWhatThatHeld() throws UnreadableFile {
        PlanInFile file = new PlanInFile(folder.resolve("tuesday \u00fc.kehre.json"), new byte[]{1});
        Library library = Library.of(Exercises.all());
        Rescued kept = new Rescued(PlanDocument.of(plan, library), new Home.InFile(file));

        Rescued read = Rescued.read("1-1.recovery", kept.bytes(), library);

        assertThat(read.from().inFile()).contains(file);
        assertThat(read.document().plan()).isEqualTo(plan);
        Home.InStudio stored = new Home.InStudio(17);
        assertThat(Rescued.read("1-1.recovery", new Rescued(kept.document(), stored).bytes(), library).from())
                .isEqualTo(stored);
        assertThat(Rescued.read("1-1.recovery.json", kept.document().bytes(), library).from())
                .isEqualTo(Home.NOWHERE);
    }

    @Test
    void anEditThatALimitForbidsIsNotMadeAndSaysWhy() {
        ClassPlan before = open.plan();

        assertThat(open.edit("Much", now -> now.with(Item.of(line(1), Exercises.SQUAT)
                .withDose(DoseNotation.parse("60 x (1800 s on, 600 s off)").value()
                        .or(() -> DoseNotation.parse("1800 s on, 600 s off, x60").value()).orElseThrow()))))
                .isFalse();

        assertThat(open.refusal().get()).isEqualTo(
                "A class may last 12 hours at most; this one is longer than that in \"Toning\".");
        assertThat(open.plan()).isEqualTo(before);
        assertThat(open.edit("Dose of Squat", _ -> longer)).isTrue();
        assertThat(open.refusal().get()).isEmpty();
    }

    @Test
    void theFileOfARunningKehreIsNobodysLeftover() throws DiskTrouble, InterruptedException {
        LocalDisk disk = new LocalDisk();
        List<DiskTrouble> troubles = new ArrayList<>();
        try (Recovery recovery = new Recovery(folder, disk, troubles::add)) {
            recovery.keep(() -> new byte[]{1});
            disk.replace(folder.resolve("1-1.recovery.json"), new byte[]{2});
            disk.replace(folder.resolve("2-2.recovery"), new byte[]{2});
            disk.replace(folder.resolve("notes.txt"), new byte[]{3});
            Thread.sleep(Recovery.DELAY.toMillis() * 3);

            assertThat(disk.list(folder, ".recovery")).hasSize(2);
            assertThat(recovery.left()).containsExactly(folder.resolve("1-1.recovery.json"),
                    folder.resolve("2-2.recovery"));
            recovery.discard(folder.resolve("1-1.recovery.json"));
            recovery.discard(folder.resolve("2-2.recovery"));
            assertThat(recovery.left()).isEmpty();
        }
        assertThat(troubles).isEmpty();
    }

    @Test
    void settingsComeBackAndNonsenseInThemIsForgotten() throws DiskTrouble {
        Settings settings = new Settings(Kept.inFile(folder, Settings.FILE, new LocalDisk()));
        settings.set("width", 1111.0);
        settings.set("height", "tall");
        settings.save();

        Settings again = new Settings(Kept.inFile(folder, Settings.FILE, new LocalDisk()));
        assertThat(again.number("width", 900, 5000, 1280)).isEqualTo(1111);
        assertThat(again.number("width", 2000, 5000, 1280)).isEqualTo(1280);
        assertThat(again.number("height", 600, 5000, 800)).isEqualTo(800);
        assertThat(again.text("theme", "light")).isEqualTo("light");
    }

    @Test
    void unreadableSettingsDoNotKeepTheWindowShut() throws DiskTrouble {
        new LocalDisk().replace(folder.resolve("window.properties"), "x=\\u00zz".getBytes(
                java.nio.charset.StandardCharsets.UTF_8));

        assertThat(new Settings(Kept.inFile(folder, Settings.FILE, new LocalDisk())).text("x", "unset"))
                .isEqualTo("unset");
    }

    @Test
    void patternsOfSavedClassesAreKeptForOthers() throws DiskTrouble {
        LocalDisk disk = new LocalDisk();
        new Patterns(Kept.inFile(folder, Patterns.FILE, disk))
                .keep(Plans.one(Exercises.BASIC, "2 x [singles 16, repeater 8], each side"));
        new Patterns(Kept.inFile(folder, Patterns.FILE, disk)).keep(plan);
        new Patterns(Kept.inFile(folder, Patterns.FILE, disk))
                .keep(Plans.one(Exercises.BASIC, "[doubles 16]"));

        assertThat(new Patterns(Kept.inFile(folder, Patterns.FILE, disk)).all()).containsExactly(
                "2 x [singles 16, repeater 8]",
                "[doubles 16]");
    }

    @Test
    void patternsOfTwoWindowsAreAllKeptAndAFileThatCannotBeReadIsNotWrittenOver()
            throws DiskTrouble, IOException {
        LocalDisk disk = new LocalDisk();
        Patterns one = new Patterns(Kept.inFile(folder, Patterns.FILE, disk));
        Patterns other = new Patterns(Kept.inFile(folder, Patterns.FILE, disk));
        one.keep(Plans.one(Exercises.BASIC, "[singles 16]"));
        other.keep(Plans.one(Exercises.BASIC, "[doubles 16]"));
        assertThat(new Patterns(Kept.inFile(folder, Patterns.FILE, disk)).all())
                .containsExactly("[singles 16]", "[doubles 16]");

        Files.delete(folder.resolve("patterns.txt"));
        Files.createDirectory(folder.resolve("patterns.txt"));
        assertThatThrownBy(() -> one.keep(Plans.one(Exercises.BASIC, "[repeater 8]")))
                .hasMessageContaining("it is a folder");
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

    /** A window that closes while something is being kept asks its studio nothing any more. */
    @Test
    void whatIsClosedIsNotReadAnew() {
        List<String> told = new ArrayList<>();
        OpenStudio studio = OpenStudio.open(folder.resolve("closed").resolve(OpenStudio.NAME));
        Learning learning = new Learning(studio, told::add);
        assertThat(studio.isOpen()).isTrue();

        studio.close();
        learning.refresh();

        assertThat(studio.isOpen()).isFalse();
        assertThat(told).isEmpty();
        assertThat(learning.classes()).isZero();
    }
}
