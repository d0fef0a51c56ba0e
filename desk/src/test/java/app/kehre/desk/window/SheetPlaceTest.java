package app.kehre.desk.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Segment;
import app.kehre.desk.Instructor;
import app.kehre.formats.sheet.SheetKind;

import static org.assertj.core.api.Assertions.assertThat;

/** The pages as they will be printed: each kind is looked at, made larger, chosen from, saved, or it is said why there is none. */
class SheetPlaceTest extends DemoWindow {

    @BeforeEach
    void goThere() {
        instructor.presses(KeyCode.DIGIT5, KeyCode.CONTROL);
        isMade();
    }

    private void isMade() {
        instructor.until("the sheet is made", instructor.content()::sheetReady);
    }

    private void shows(SheetKind kind) {
        instructor.clicks("#sheet-" + kind.key());
        isMade();
    }

    private List<ImageView> pages() {
        return Instructor.onFx(() -> instructor.find("#pages").lookupAll("*").stream()
                .filter(ImageView.class::isInstance).map(ImageView.class::cast).filter(Node::isVisible)
                .toList());
    }

    private String saved() throws IOException {
        Path file = folder.resolve("sheet.pdf");
        Files.deleteIfExists(file);
        instructor.answers(file).clicks("#save-sheet").until("it is written", () -> Files.exists(file));
        try (PDDocument pdf = Loader.loadPDF(Files.readAllBytes(file))) {
            return new PDFTextStripper().getText(pdf).replace('\u00a0', ' ').replaceAll("\\s+", " ");
        }
    }

    private boolean canSave() {
        return Instructor.onFx(() -> !instructor.find("#save-sheet").isDisabled());
    }

    @ParameterizedTest
    @EnumSource(SheetKind.class)
    void eachKindIsShownPageByPageAndSavedAsItIsShown(SheetKind kind) throws IOException {
        shows(kind);

        String about = instructor.sees("#sheet-about");
        assertThat(about).startsWith(kind.paper() + ", ");
        int pages = about.endsWith("one page")
                ? 1
                : Integer.parseInt(about.replaceAll(".*, (\\d+) pages", "$1"));
        assertThat(pages()).hasSize(pages);
        assertThat(saved()).isNotBlank();
        try (PDDocument pdf = Loader.loadPDF(Files.readAllBytes(folder.resolve("sheet.pdf")))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(pages);
        }
    }

    @Test
    void whereThereIsNothingOfAKindItIsSaidAndNothingCanBeSaved() {
        ClassPlan without = instructor.plan();
        for (Entry line : instructor.plan().entries().toList()) {
            without = line instanceof Circuit ? without.remove(line.id()) : without;
        }
        ClassPlan plan = without;
        instructor.close();
        instructor = Instructor.with(plan, folder.resolve("other"), disk);
        goThere();

        instructor.clicks("#sheet-" + SheetKind.STATIONS.key()).until("it is said",
                () -> instructor.sees("#sheet-about").equals("Nothing to print yet"));

        assertThat(instructor.words())
                .contains("This class has no circuit, so there are no stations to print cards for.");
        assertThat(canSave()).isFalse();
        shows(SheetKind.FLOOR);
        assertThat(canSave()).isTrue();
    }

    @Test
    void whatIsTakenHomeIsChosenPieceByPiece() throws IOException {
        assertThat(instructor.canSee("#for-home")).as("only for the hand-out").isFalse();
        shows(SheetKind.HAND_OUT);
        List<ToggleButton> chips = Instructor
                .onFx(() -> instructor.find("#for-home").lookupAll(".chip").stream()
                        .map(ToggleButton.class::cast).toList());
        assertThat(chips).isNotEmpty().allMatch(ToggleButton::isSelected);
        String first = chips.getFirst().getText();
        assertThat(saved()).contains(first);

        instructor.clicks("#for-home .chip");
        isMade();

        assertThat(saved()).doesNotContain(first).contains(chips.getLast().getText());
    }

    @Test
    void pagesAreMadeLargerInStepsAndNoFurther() {
        double before = pages().getFirst().getFitHeight();
        instructor.clicks("#larger");
        double once = pages().getFirst().getFitHeight();
        assertThat(once).isGreaterThan(1.2 * before);
        for (int i = 0; i < 5; i++) {
            instructor.clicks("#larger");
        }
        double most = pages().getFirst().getFitHeight();
        instructor.clicks("#larger");

        assertThat(pages().getFirst().getFitHeight()).isEqualTo(most).isLessThan(3 * before);
    }

    @Test
    void anEditOfTheClassIsOnTheSheetWhenItIsLookedAtAgain() throws IOException {
        Segment first = instructor.plan().segments().getFirst();
        assertThat(saved()).contains("Warm-up");
        instructor.presses(KeyCode.DIGIT2, KeyCode.CONTROL).clicksOnRoad(2).presses(KeyCode.ENTER)
                .writes("9 eights").presses(KeyCode.ENTER).presses(KeyCode.DIGIT5, KeyCode.CONTROL);
        isMade();

        assertThat(saved()).contains("9 x 8");
        assertThat(instructor.plan().segments().getFirst()).isEqualTo(first);
    }

    @Test
    void aFullDiskIsSaidAndTheSheetStays() {
        disk.full(true);

        instructor.answers(folder.resolve("sheet.pdf")).clicks("#save-sheet")
                .until("it is said", () -> instructor.notices().contains("the disk is full"));

        assertThat(folder.resolve("sheet.pdf")).doesNotExist();
        assertThat(canSave()).isTrue();
    }
}
