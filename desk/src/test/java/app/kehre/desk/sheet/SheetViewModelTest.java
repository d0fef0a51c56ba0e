package app.kehre.desk.sheet;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.exercise.Role;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.FaultyDisk;
import app.kehre.desk.Instructor;
import app.kehre.desk.command.FxThread;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.sheet.SheetKind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** The sheet is made away from the window's thread, and only the newest counts. */
class SheetViewModelTest {

    private final List<Runnable> work = new ArrayList<>();
    private final FaultyDisk disk = new FaultyDisk();
    private final SheetViewModel model = new SheetViewModel(work::add, disk, () -> Instructor.LIBRARY);
    private final Timeline squats = Timeline.of(Plans.one(Exercises.SQUAT, "12 reps"));
    private final Timeline arrow = Timeline.of(Plans.of(30).segment("Toning", Role.TONING, 120)
            .item(Exercises.SQUAT, "12 reps").note("\u2191").plan());

    @TempDir
    private Path folder = Path.of("");

    @BeforeEach
    void startJavaFx() {
        Instructor.withDemo(folder.resolve("data"), new LocalDisk()).close();
    }

    private void finish(int piece) {
        work.get(piece).run();
        FxThread.settle();
    }

    @Test
    void untilItIsMadeThereIsNothingToSave() {
        model.show(squats);

        assertThat(model.ready()).isFalse();
        assertThatThrownBy(() -> model.save(folder.resolve("s.pdf")))
                .hasMessage("The sheet is still being made. Try again in a moment.");
    }

    @Test
    void aSheetThatWasOvertakenIsDropped() {
        model.show(arrow);
        model.show(squats);
        finish(1);
        assertThat(model.ready()).isTrue();
        finish(0);

        assertThat(model.ready()).isTrue();
    }

    @Test
    void whatStaysHereIsNotInTheHandOut() throws Exception {
        Path file = folder.resolve("home.pdf");
        model.show(Timeline.of(DemoPlan.load(Instructor.LIBRARY).plan()));
        model.kind().set(SheetKind.HAND_OUT);
        assertThat(model.forHome()).contains("Calf stretch", "Figure-four stretch");

        model.takeHome("Calf stretch", false);
        finish(2);
        model.save(file);

        try (PDDocument pdf = Loader.loadPDF(Files.readAllBytes(file))) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Figure-four stretch")
                    .doesNotContain("Calf stretch");
        }
    }

    @Test
    void aRefusedSheetSaysWhyInsteadOfBeingSaved() {
        model.show(arrow);
        finish(0);

        assertThatThrownBy(() -> model.save(folder.resolve("s.pdf"))).isInstanceOf(DiskTrouble.class)
                .hasMessageContaining("U+2191");
        assertThat(folder.resolve("s.pdf")).doesNotExist();
    }

    @Test
    void aFullDiskLeavesTheOldSheetAlone() throws Exception {
        Path file = Files.writeString(folder.resolve("s.pdf"), "old");
        model.show(squats);
        finish(0);
        disk.full(true);

        assertThatThrownBy(() -> model.save(file)).hasMessageContaining("the disk is full");
        assertThat(file).hasContent("old");
        disk.full(false);
        model.save(file);
        assertThat(Files.readString(file, java.nio.charset.StandardCharsets.ISO_8859_1)).startsWith("%PDF");
    }
}
