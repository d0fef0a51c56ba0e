package app.kehre.desk.window;

import java.util.List;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.Test;

import app.kehre.core.brief.Format;
import app.kehre.core.kit.Equipment;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.desk.Instructor;
import app.kehre.store.StudioFile;

import static org.assertj.core.api.Assertions.assertThat;

/** The first minutes of a class: one line says what it shall be, and nothing that was begun before is lost. */
class NewClassTest extends DemoWindow {

    private List<String> kept() throws StudioTrouble {
        try (StudioFile studio = StudioFile.open(folder.resolve("data").resolve(StudioFile.NAME))) {
            return studio.plans().list("", 50).stream()
                    .map(each -> "%s, %s".formatted(each.title(), each.date()))
                    .toList();
        }
    }

    private int cards() {
        return Instructor.onFx(() -> instructor.content().scene().getRoot().lookupAll(".class-card").size());
    }

    @Test
    void twelveLinesAreWrittenInFourteenKeySequencesBeyondTheirWords() {
        List<String> lines = List.of("warm-up 8 min:", "march 8 eights", "step touch 16 eights",
                "hip hinge 12 reps", "toning 20 min:", "squat 3 x 12, rest 20 s", "bent-over row 2 x 12 reps",
                "push-up 8 reps", "curl-up 12 reps", "forearm plank hold 30 s", "calf stretch 25 s each side",
                "chest stretch 25 s");
        int sequences = 2;
        instructor.presses(KeyCode.N, KeyCode.CONTROL).presses(KeyCode.ENTER);
        for (String line : lines) {
            instructor.types(line).presses(KeyCode.ENTER);
            sequences++;
        }

        assertThat(sequences).isLessThanOrEqualTo(14);
        assertThat(instructor.plan().items()).hasSize(10);
        assertThat(instructor.plan().segments()).filteredOn(each -> each.items().findAny().isPresent())
                .extracting(each -> each.name()).containsExactly("Warm-up", "Toning");
        assertThat(instructor.plan().segments()).extracting(each -> each.name()).doesNotHaveDuplicates();
    }

    @Test
    void theLineSaysWhatItShallBeAndWhatCannotBeReadIsRefusedAtOnce() {
        instructor.presses(KeyCode.N, KeyCode.CONTROL).types("circuit 45 min 14 people mats quickly");
        assertThat(instructor.sees("#new-reads")).startsWith("\"quickly\" is no kind of class");
        instructor.presses(KeyCode.ENTER);
        assertThat(instructor.content().place()).isEqualTo(Place.CLASSES);

        instructor.writes("circuit 45 min 14 people mats");
        assertThat(instructor.sees("#new-reads")).contains("timed circuit, 45 min, 14 people");
        instructor.presses(KeyCode.ENTER);

        assertThat(instructor.content().place()).isEqualTo(Place.PLAN);
        assertThat(instructor.plan().brief().format()).isEqualTo(Format.CIRCUIT);
        assertThat(instructor.plan().brief().room().has(Equipment.WEIGHT)).isFalse();
        assertThat(instructor.plan().segments()).extracting(each -> each.name()).contains("Circuit");
        assertThat(instructor.plan().items()).isEmpty();
        assertThat(Instructor.onFx(() -> instructor.content().scene().getFocusOwner()))
                .isInstanceOf(TextInputControl.class);
    }

    @Test
    void aDraftTheLastClassAndATextAreWaysToBegin() {
        var climb = instructor.plan();
        instructor.presses(KeyCode.S, KeyCode.CONTROL);
        assertThat(instructor.sees("#hint")).isEqualTo("In the studio \u00b7 all changes saved");

        instructor.presses(KeyCode.N, KeyCode.CONTROL).clicks("#new-again")
                .until("the last class is open",
                        () -> !instructor.plan().identity().equals(climb.identity()));
        assertThat(instructor.plan().items().map(each -> each.name()).toList())
                .isEqualTo(climb.items().map(each -> each.name()).toList());
        assertThat(instructor.plan().identity().plan()).isNotEqualTo(climb.identity().plan());
        assertThat(instructor.unsaved()).isFalse();

        instructor.presses(KeyCode.N, KeyCode.CONTROL).types("floor 30 min").clicks("#new-draft")
                .until("a draft is open", () -> instructor.plan().brief().format() == Format.FLOOR);
        assertThat(instructor.plan().items().count()).isGreaterThan(5);

        instructor.presses(KeyCode.N, KeyCode.CONTROL).clicks("#new-text");
        assertThat(instructor.canSee("#text-take")).isTrue();
    }

    @Test
    void aClassThatLiesInNoFileIsKeptWhenAnotherIsBegun() throws StudioTrouble {
        edit();
        var edited = instructor.plan();
        instructor.presses(KeyCode.N, KeyCode.CONTROL).presses(KeyCode.ENTER);

        assertThat(instructor.notices()).isEqualTo("\u201cTuesday Evening Climb\u201d is kept in Classes.");
        assertThat(kept()).containsExactly("Tuesday Evening Climb, 2026-11-24");
        instructor.clicksButton("All right").presses(KeyCode.DIGIT0, KeyCode.CONTROL)
                .until("it is shown", () -> instructor.canSee(".class-card")).clicks(".class-card")
                .until("it is open", () -> instructor.plan().equals(edited));
    }

    @Test
    void classesAreFoundDuplicatedDeletedAndHadBack() throws StudioTrouble {
        edit();
        instructor.presses(KeyCode.N, KeyCode.CONTROL).presses(KeyCode.ENTER).clicksButton("All right")
                .presses(KeyCode.DIGIT0, KeyCode.CONTROL)
                .until("it is shown", () -> instructor.canSee(".class-card"));

        instructor.clicksButton("Duplicate").until("there are two",
                () -> cards() == 2);
        assertThat(kept()).containsExactly("Tuesday Evening Climb, 2026-12-01",
                "Tuesday Evening Climb, 2026-11-24");

        instructor.clicksButton("Delete").until("there is one",
                () -> cards() == 1);
        instructor.clicksButton("Have it back").until("there are two again",
                () -> cards() == 2);

        instructor.clicks("#class-search").types("chair");
        instructor.until("none is found", () -> !instructor.canSee(".class-card")).writes("tue climb")
                .until("both are found", () -> cards() == 2);
    }

    @Test
    void everyVersionIsHeldAgainstTheLatestAndHadBackAsOneStep() {
        var first = instructor.plan();
        instructor.presses(KeyCode.S, KeyCode.CONTROL);
        edit();
        instructor.presses(KeyCode.S, KeyCode.CONTROL).presses(KeyCode.DIGIT0, KeyCode.CONTROL)
                .until("it is shown", () -> instructor.canSee(".class-card")).clicksButton("Versions")
                .until("they are compared",
                        () -> instructor.words().stream().anyMatch(each -> each.startsWith("then, ")));

        assertThat(instructor.words())
                .contains("March on the spot 9 eights; Find the beat, roll through the foot");
        instructor.clicks("#bring-back").until("it is back", () -> instructor.plan().equals(first));
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: bring back a version");
        assertThat(instructor.unsaved()).isTrue();
    }
}
