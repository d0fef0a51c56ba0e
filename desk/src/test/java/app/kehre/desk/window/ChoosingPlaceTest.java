package app.kehre.desk.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.balance.Assessment;
import app.kehre.core.choosing.Suggestion;
import app.kehre.core.choosing.Swap;
import app.kehre.core.choosing.Unanswered;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.people.Group;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Variant;
import app.kehre.desk.Instructor;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.plan.DemoPlan;

import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;

/** The brief, and choosing for it beside the lines, by keyboard and by mouse. */
class ChoosingPlaceTest {

    @TempDir
    private Path folder = Path.of("");
    private Instructor instructor;

    @BeforeEach
    void openTheWindowForAGroupWithoutLimits() {
        ClassPlan demo = DemoPlan.load(Instructor.LIBRARY).plan();
        instructor = Instructor.with(demo.with(demo.brief().with(Group.of(18))), folder, new LocalDisk());
    }

    @AfterEach
    void closeIt() {
        instructor.close();
    }

    private String findings() {
        return instructor.sees("#side-findings");
    }

    @SuppressWarnings("unchecked")
    private <T> List<T> listed(String selector) {
        return Instructor.onFx(() -> List.copyOf(((ListView<T>) instructor.find(selector)).getItems()));
    }

    private Optional<Button> mend(String words) {
        return Instructor.onFx(() -> instructor.find("#findings").lookupAll(".mend").stream()
                .map(Button.class::cast).filter(each -> each.getText().startsWith(words + "   "))
                .findFirst());
    }

    private static String judged(ClassPlan plan) {
        return "Findings " + Assessment.of(plan, Instructor.LIBRARY).facts().size();
    }

    private void writeBrief(String field, String text) {
        instructor.presses(KeyCode.DIGIT1, KeyCode.CONTROL).clicks(field).writes(text).presses(KeyCode.ENTER)
                .presses(KeyCode.DIGIT2, KeyCode.CONTROL);
    }

    @Test
    void aClassForSoreKneesAndOnePregnantNewcomerEndsWithNoCautionUnanswered() {
        int others = Assessment.of(instructor.plan(), Instructor.LIBRARY).facts().size();
        assertThat(findings()).isEqualTo("Findings " + others);
        writeBrief("#limit-knee", "3");
        writeBrief("#limit-pregnancy", "1");
        ClassPlan before = instructor.plan();
        assertThat(findings()).isEqualTo(judged(before));

        instructor.presses(KeyCode.DIGIT4, KeyCode.ALT).clicks("#fit-group")
                .until("it is proposed", () -> instructor.canSee("#accept-fit")).presses(KeyCode.SPACE);

        assertThat(Unanswered.of(instructor.plan())).isEmpty();
        assertThat(findings()).isEqualTo("Findings " + others);
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: fit to the group");
        assertThat(instructor.sees("#class-length")).isEqualTo("58:51");
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(instructor.plan()).isEqualTo(before);
    }

    @Test
    void whatIsNotTickedIsNotDone() {
        writeBrief("#limit-neck", "2");
        instructor.presses(KeyCode.DIGIT4, KeyCode.ALT).clicks("#fit-group").until("it is proposed",
                () -> instructor.canSee("#accept-fit"));
        assertThat(instructor.sees("#accept-fit")).isEqualTo("Do the 1 ticked");
        ClassPlan before = instructor.plan();

        Instructor.onFx(() -> {
            ((CheckBox) instructor.find("#findings .check-box")).fire();
            return before;
        });
        instructor.clicks("#accept-fit");

        assertThat(instructor.plan()).isEqualTo(before);
    }

    @Test
    void aFindingIsMendedByItsButtonAsOneStep() {
        writeBrief("#limit-neck", "1");
        instructor.clicks("#side-findings").until("the mends are there", () -> instructor.canSee(".mend"));
        Item curl = Unanswered.of(instructor.plan()).getFirst().item();
        int before = Assessment.of(instructor.plan(), Instructor.LIBRARY).facts().size();

        instructor.until("its own mend is there", () -> mend("Dead bug for neck (1)").isPresent());
        Button deadBug = mend("Dead bug for neck (1)").orElseThrow();
        Instructor.onFx(() -> {
            deadBug.fire();
            return deadBug;
        });
        instructor.settle();

        assertThat(((Item) instructor.plan().find(curl.id()).orElseThrow()).instead())
                .containsEntry(Limit.NECK, Instructor.LIBRARY.find("dead-bug").orElseThrow());
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: dead bug for neck (1)");
        assertThat(findings()).isEqualTo("Findings " + (before - 1));
        instructor.clicks("#side-line");
        assertThat(instructor.plan().find(curl.id())).isPresent();
    }

    @Test
    void aSuggestionIsAddedByEnterAfterTheSelectedLineAndSaysWhy() {
        instructor.presses(KeyCode.DIGIT1, KeyCode.CONTROL).clicks("#area-inner-thigh")
                .presses(KeyCode.DIGIT2, KeyCode.CONTROL).clicks("#segment-5").clicks("#side-suggest");
        Suggestion first = this.<Suggestion>listed("#suggestions").getFirst();
        assertThat(first.why()).startsWith("inner thigh promised, not served yet");
        assertThat(first.exercise().main()).contains(Muscle.INNER_THIGH);

        instructor.presses(KeyCode.DIGIT2, KeyCode.ALT).presses(KeyCode.ENTER);

        assertThat(instructor.sees("#undo")).isEqualTo("Undo: add " + first.exercise().name());
        assertThat(instructor.plan().segment(part(5)).entries().get(1).name())
                .isEqualTo(first.exercise().name());
        assertThat(this.<Suggestion>listed("#suggestions").getFirst().why())
                .doesNotContain("inner thigh promised");
    }

    @Test
    void aSwapSaysWhatWouldChangeAndIsDoneByEnter() {
        instructor.clicks("#segment-5").presses(KeyCode.DIGIT3, KeyCode.ALT).until("swaps are offered",
                () -> !((ListView<?>) instructor.find("#swaps")).getItems().isEmpty());
        Swap first = this.<Swap>listed("#swaps").getFirst();
        EntryId line = instructor.plan().segment(part(5)).entries().getFirst().id();
        assertThat(first.words()).endsWith(first.longer().isZero()
                ? "same length"
                : app.kehre.core.value.Lengths.signed(first.longer()));

        instructor.presses(KeyCode.ENTER);

        assertThat(instructor.plan().find(line)).contains(first.item());
        assertThat(instructor.sees("#undo")).endsWith(" for Squat");
    }

    @Test
    void theBaseOfAnExerciseIsChosenAmongItsThreeOptions() {
        instructor.clicks("#segment-5").clicks("#side-line").clicks("#option-easier");

        Item squat = (Item) instructor.plan().segment(part(5)).entries().getFirst();
        assertThat(squat.delivery().variant()).isEqualTo(Variant.EASIER);
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: base of Squat");
    }

    @Test
    void theBriefSaysHowManyTheClassCanTakeAndWhatRunsOutFirst() {
        instructor.presses(KeyCode.DIGIT1, KeyCode.CONTROL).clicks("#floor").writes("60 m2")
                .presses(KeyCode.ENTER);
        assertThat(instructor.sees("#capacity"))
                .isEqualTo("room for 15: the floor runs out first (60 m\u00b2, 4 m\u00b2 each)");
        instructor.clicks("#kit-step").writes("12").presses(KeyCode.ENTER);
        assertThat(instructor.sees("#capacity"))
                .isEqualTo("room for 12: the steps run out first (12, 1 each)");

        instructor.clicks("#limit-knee").writes("19").presses(KeyCode.ENTER);
        assertThat(instructor.sees("#hint")).isEqualTo("19 with a limit of the knee, but 18 in the group.");
        instructor.presses(KeyCode.ESCAPE).presses(KeyCode.DIGIT2, KeyCode.CONTROL);
        assertThat(instructor.sees("#group-menu")).isEqualTo("25 to 60 \u00b7 room for 12");
    }

    @Test
    void savingTakesOverWhatIsBeingTypedInTheBrief() throws java.io.IOException {
        Path file = folder.resolve("evening.kehre.json");
        instructor.presses(KeyCode.DIGIT1, KeyCode.CONTROL).clicks("#limit-wrist").writes("2").answers(file)
                .presses(KeyCode.S, KeyCode.CONTROL, KeyCode.SHIFT);

        assertThat(java.nio.file.Files.readString(file)).containsPattern("\"wrist\" : 2");
        assertThat(instructor.place()).isEqualTo(Place.BRIEF);
        assertThat(instructor.unsaved()).isFalse();
    }

    @Test
    void promisesAndSchoolsAreKeptWithThePlan() {
        instructor.presses(KeyCode.DIGIT1, KeyCode.CONTROL).clicks("#quality-balance").clicks("#hard-floor");
        Instructor.onFx(() -> {
            ((javafx.scene.control.MenuButton) instructor.find("#school-rest")).getItems().getLast().fire();
            ((javafx.scene.control.MenuButton) instructor.find("#format")).getItems().get(1).fire();
            return instructor;
        });

        assertThat(instructor.plan().brief().goal().qualities())
                .contains(app.kehre.core.brief.Quality.BALANCE);
        assertThat(instructor.plan().brief().room().hardFloor()).isTrue();
        assertThat(instructor.plan().brief().schools().of(app.kehre.core.brief.Question.REST))
                .isEqualTo(app.kehre.core.brief.School.Rest.FULL_REST);
        assertThat(instructor.plan().brief().format()).isEqualTo(app.kehre.core.brief.Format.STEP);
        for (int i = 0; i < 4; i++) {
            instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        }
        assertThat(instructor.plan().brief().schools()).isEqualTo(app.kehre.core.brief.Schools.USUAL);
        assertThat(instructor.sees("#format")).isEqualTo("mixture");
    }

    @Test
    void theHallShowsWhatIsDoneInstead() {
        writeBrief("#limit-neck", "1");
        instructor.presses(KeyCode.DIGIT4, KeyCode.ALT).clicks("#fit-group")
                .until("it is proposed", () -> instructor.canSee("#accept-fit")).clicks("#accept-fit");

        instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL).presses(KeyCode.ENTER).goesOnTo("Curl-up");

        assertThat(Instructor.onFx(() -> instructor.content().scene().getRoot().lookupAll(".option").stream()
                .map(each -> ((Label) each).getText()).toList())).contains("neck: Dead bug");
    }
}
