package app.kehre.desk.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.plan.ClassPlan;
import app.kehre.desk.FaultyDisk;
import app.kehre.desk.Instructor;
import app.kehre.desk.look.Theme;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;
import app.kehre.store.StudioFile;

import static org.assertj.core.api.Assertions.assertThat;

/** All classes, those of a folder of before among them, seen and opened. */
class ClassesPlaceTest {

    @TempDir
    private Path folder = Path.of("");
    private Instructor instructor;

    @BeforeEach
    void openTheWindow() throws IOException {
        Path classes = Files.createDirectories(folder.resolve("classes"));
        for (String name : DemoPlan.NAMES) {
            Files.write(classes.resolve(name + PlanDocument.ENDING), DemoPlan.bytes(name));
        }
        Files.writeString(classes.resolve("broken" + PlanDocument.ENDING), "{}");
        instructor = Instructor.withDemo(folder, new FaultyDisk());
        instructor.presses(KeyCode.DIGIT0, KeyCode.CONTROL).until("the classes are read",
                () -> instructor.canSee(".class-card") && words().contains("Tuesday Evening Climb"));
    }

    @AfterEach
    void closeIt() {
        instructor.close();
    }

    private List<String> words() {
        return Instructor.onFx(() -> instructor.find("#classes").lookupAll(".label").stream()
                .map(each -> ((Label) each).getText()).toList());
    }

    @Test
    void eachSaysHowLongItIsHowHardAndWhatIsOpenAndOneThatCannotBeReadSaysWhy() {
        assertThat(words())
                .contains("Tuesday Evening Climb", "58:51, 1:09 to spare", "Saturday Core and Stretch")
                .anyMatch(text -> text.matches("\\d+ min moderate or harder.*"))
                .anyMatch(text -> text.matches("Fix \\d+.*"));
        assertThat(instructor.notices()).contains("5 classes were taken over into the studio")
                .contains("broken.kehre.json was not opened").contains("It was not taken over");
    }

    @Test
    void theKeyboardStaysOnItsClassWhenTheFolderIsReadAgain() {
        Instructor.onFx(() -> {
            instructor.find("#classes").lookupAll(".class-card").stream().skip(2).findFirst().orElseThrow()
                    .requestFocus();
            return instructor;
        });
        Instructor.onFx(() -> {
            instructor.content().dress(Theme.DARK);
            return instructor;
        });

        instructor.until("it has the keyboard again", () -> instructor.find("#classes")
                .lookupAll(".class-card").stream().skip(2).findFirst().orElseThrow().isFocused());
    }

    @Test
    void enterOpensTheOneWithTheKeyboardAndItsFolderIsShownFromThenOn() {
        Instructor.onFx(() -> {
            instructor.find("#classes").lookupAll(".class-card").stream().skip(3).findFirst().orElseThrow()
                    .requestFocus();
            return instructor;
        });
        instructor.presses(KeyCode.ENTER);

        assertThat(instructor.content().place()).isEqualTo(Place.PLAN);
        assertThat(instructor.plan().brief().title()).isEqualTo("Friday Strong and Steady");
        instructor.presses(KeyCode.DIGIT0, KeyCode.CONTROL).until("it is marked",
                () -> instructor.canSee(".class-card.open"));
    }

    private void focusOn(String title) {
        Instructor.onFx(() -> {
            instructor.find("#classes").lookupAll(".class-card").stream()
                    .filter(card -> ("Open " + title).equals(card.getAccessibleText())).findFirst()
                    .orElseThrow()
                    .requestFocus();
            return instructor;
        });
    }

    private long cards(String title) {
        return Instructor.onFx(() -> instructor.find("#classes").lookupAll(".class-card").stream()
                .filter(card -> ("Open " + title).equals(card.getAccessibleText())).count());
    }

    @Test
    void aClassIsDuplicatedAWeekLaterWithTheKeyboard() {
        focusOn("Friday Strong and Steady");
        instructor.presses(KeyCode.D, KeyCode.CONTROL).until("there are two",
                () -> cards("Friday Strong and Steady") == 2);

        assertThat(words().stream().filter(text -> text.startsWith("Fri 27 Nov 2026"))).hasSize(1);
        assertThat(words().stream().filter(text -> text.startsWith("Fri 4 Dec 2026"))).hasSize(1);
    }

    /** It was opened anew from the studio, and nothing could be undone any more. */
    @Test
    void theOpenClassIsGoneToWithAllItsSteps() {
        focusOn("Friday Strong and Steady");
        instructor.presses(KeyCode.ENTER).until("it is open", () -> instructor.place() == Place.PLAN);
        instructor.clicksOnRoad(2).presses(KeyCode.ENTER).writes("9 eights").presses(KeyCode.ENTER)
                .presses(KeyCode.S, KeyCode.CONTROL);
        ClassPlan edited = instructor.plan();
        String undo = instructor.sees("#undo");
        instructor.presses(KeyCode.DIGIT0, KeyCode.CONTROL).until("it is the open one",
                () -> instructor.canSee(".class-card.open"));

        instructor.clicks(".class-card.open").until("it is gone to", () -> instructor.place() == Place.PLAN);

        assertThat(instructor.plan()).isEqualTo(edited);
        assertThat(instructor.sees("#undo")).isEqualTo(undo).startsWith("Undo: ");
    }

    /** The keyboard stayed on the fourth class, and that was another one by then. */
    @Test
    void theKeyboardStaysOnItsClassWhenAnotherGoes() throws Exception {
        focusOn("Friday Strong and Steady");
        try (StudioFile studio = StudioFile.open(folder.resolve(StudioFile.NAME))) {
            studio.plans().delete(studio.plans().list("Wednesday", 1).getFirst().plan(), true);
        }
        instructor.presses(KeyCode.D, KeyCode.CONTROL).until("there are two, and one is gone",
                () -> cards("Friday Strong and Steady") == 2 && cards("Wednesday Morning Ease") == 0);

        instructor.presses(KeyCode.DELETE).until("one is deleted",
                () -> cards("Friday Strong and Steady") == 1);

        assertThat(words().stream().filter(text -> text.startsWith("Fri 4 Dec 2026"))).hasSize(1);
        assertThat(cards("Saturday Core and Stretch")).isEqualTo(1);
    }

    @Test
    void aClassIsDeletedAndHadBackAtOnce() {
        focusOn("Saturday Core and Stretch");
        instructor.presses(KeyCode.DELETE).until("it is gone", () -> cards("Saturday Core and Stretch") == 0);
        assertThat(instructor.notices()).contains("\u201cSaturday Core and Stretch\u201d is deleted.");

        instructor.clicksButton("Have it back").until("it is back",
                () -> cards("Saturday Core and Stretch") == 1);
    }

    @Test
    void theClassThatIsOpenIsNotDeletedUnderOnesHands() {
        focusOn("Friday Strong and Steady");
        instructor.presses(KeyCode.ENTER).presses(KeyCode.DIGIT0, KeyCode.CONTROL).until("it is marked",
                () -> instructor.canSee(".class-card.open"));
        focusOn("Friday Strong and Steady");
        instructor.presses(KeyCode.DELETE);

        assertThat(instructor.notices()).contains(
                "\u201cFriday Strong and Steady\u201d is open: open another class before you delete it.");
        assertThat(cards("Friday Strong and Steady")).isEqualTo(1);
    }

    @Test
    void whatIsLookedForIsFoundByTheBeginningsOfItsWordsOrItIsSaid() {
        instructor.clicks("#class-search").types("stead").until("two are left",
                () -> cards("Tuesday Evening Climb") == 0 && cards("Friday Strong and Steady") == 1);
        instructor.clicks("#class-search").writes("xyzzy").until("none is",
                () -> words().isEmpty() || instructor.words().contains("No class has these words."));
        assertThat(instructor.words()).contains("No class has these words.");
    }
}
