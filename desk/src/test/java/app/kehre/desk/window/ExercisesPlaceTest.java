package app.kehre.desk.window;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Position;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.desk.FaultyDisk;
import app.kehre.desk.Instructor;
import app.kehre.desk.session.OwnLibrary;
import app.kehre.store.StudioFile;

import static org.assertj.core.api.Assertions.assertThat;

/** The library: searched, filtered, and made one's own. */
class ExercisesPlaceTest {

    private final FaultyDisk disk = new FaultyDisk();
    @TempDir
    private Path folder = Path.of("");
    private Instructor instructor;

    @BeforeEach
    void openTheLibrary() {
        instructor = Instructor.withDemo(folder, disk);
        instructor.presses(KeyCode.DIGIT8, KeyCode.CONTROL);
    }

    @AfterEach
    void closeIt() {
        instructor.close();
    }

    @SuppressWarnings("unchecked")
    private List<Exercise> listed() {
        return Instructor.onFx(
                () -> List.copyOf(((ListView<Exercise>) instructor.find("#exercises")).getItems()));
    }

    private List<String> names() {
        return listed().stream().map(Exercise::name).toList();
    }

    private void search(String words) {
        instructor.clicks("#search").writes(words);
    }

    private List<String> page() {
        return Instructor.onFx(() -> instructor.find("#detail").lookupAll(".label").stream()
                .map(each -> ((Label) each).getText()).toList());
    }

    @Test
    void theSearchForgivesSlipsAndReadsDescriptions() {
        search("squta");
        assertThat(names()).first().isEqualTo("Squat");
        search("clamshell");
        assertThat(names()).containsExactly("Clam");
        search("picking apples");
        assertThat(names()).containsExactly("Seated reach up", "Reach up tall");
        search("xylophone");
        assertThat(names()).isEmpty();
        assertThat(instructor.sees("#count")).isEqualTo("0 of 526, 0 of them your own");
    }

    @Test
    void theFiltersLeaveWhatSuitsThisGroupAndThisKit() {
        int all = listed().size();
        instructor.clicks("#filter-caution-free");
        assertThat(listed()).hasSizeLessThan(all).allMatch(
                each -> each.cautions().stream().noneMatch(
                        caution -> instructor.plan().brief().group().with(caution.limit()) > 0));
        Instructor.onFx(() -> {
            ((javafx.scene.control.MenuButton) instructor.find("#filter-position")).getItems().get(
                    1 + Position.SEATED_CHAIR.ordinal()).fire();
            return all;
        });
        assertThat(listed()).isNotEmpty().allMatch(each -> each.position() == Position.SEATED_CHAIR);
    }

    private double width() {
        return Instructor.onFx(() -> ((ListView<?>) instructor.find("#exercises")).getWidth());
    }

    @Test
    void theListIsAsWideWhateverIsSaidOfTheExerciseBesideIt() {
        search("half stand");
        double beside = width();
        search("neck turn");

        assertThat(width()).isEqualTo(beside).isGreaterThan(400);
    }

    @Test
    void thePageSaysWhatItWorksAgainstAndHowHardASetFeels() {
        search("squat with curl");

        assertThat(page()).contains("body weight", "front of the arm, forearm and grip",
                "5.5 of 10 in a usual set, Kehre's estimate");
    }

    @Test
    void thePageSaysAllAnInstructorNeeds() {
        search("forearm plank");

        assertThat(instructor.sees("#exercise-name")).isEqualTo("Forearm plank");
        assertThat(page()).contains("also: plank, elbow plank", "2 x hold 25 s, rest 15 s",
                "3.3 METs, Kehre's estimate, after 02022", "front of the trunk",
                "The belly sags: knees down, or stop and start again.",
                "on hands and knees: opposite arm and leg");
        search("split squat");
        assertThat(page()).contains("depth to comfort, or hinge from the hips instead (2 in this group)");
    }

    @Test
    void enterAddsTheExerciseToTheClass() {
        search("clam");
        instructor.presses(KeyCode.DOWN).presses(KeyCode.ENTER);

        assertThat(instructor.sees("#undo")).isEqualTo("Undo: add Clam");
        assertThat(instructor.sees("#hint")).startsWith("Clam was added to ");
    }

    @Test
    void anOwnExerciseIsLikeAnotherOneAndOnlyWhatDiffersIsPointedAt() throws IOException {
        instructor.clicks("#new-exercise").types("Platform squat").presses(KeyCode.ENTER, KeyCode.CONTROL);
        assertThat(instructor.sees("#card-trouble"))
                .isEqualTo("Say which exercise it is like, or fill in its texts.");

        instructor.clicks("#like").types("split squat").presses(KeyCode.ENTER);
        assertThat(instructor.reads("#card-follows .label"))
                .anyMatch(said -> said.startsWith("The usual dose takes "))
                .contains("Wants to be ready before: hip, knee, ankle.");
        instructor.clicks("#share-calf-full").presses(KeyCode.ENTER, KeyCode.CONTROL);

        assertThat(instructor.sees("#exercise-name")).isEqualTo("Platform squat");
        Exercise own = listed().stream().filter(each -> each.name().equals("Platform squat")).findFirst()
                .orElseThrow();
        Exercise split = Instructor.LIBRARY.find("split-squat").orElseThrow();
        assertThat(own.work().share(Muscle.CALF)).isEqualTo(1);
        assertThat(own.work().share(Muscle.FRONT_THIGH)).isEqualTo(split.work().share(Muscle.FRONT_THIGH));
        assertThat(own.cautions()).isEqualTo(split.cautions());
        assertThat(own.coaching().cues()).isEqualTo(split.coaching().cues());
    }

    @Test
    void whatIsDoneInSeveralLinesKeepsThem() {
        instructor.clicks("#new-exercise").types("Platform squat").clicks("#like").types("split squat")
                .presses(KeyCode.ENTER).clicks("#point-how").writes("Sit down.").presses(KeyCode.ENTER)
                .types("Stand up.").presses(KeyCode.ENTER, KeyCode.CONTROL);

        assertThat(listed().stream().filter(each -> each.name().equals("Platform squat")).findFirst()
                .orElseThrow().coaching().action()).containsExactly("Sit down.", "Stand up.");
    }

    private String own() throws StudioTrouble {
        try (StudioFile studio = StudioFile.open(folder.resolve(StudioFile.NAME))) {
            return studio.shelf().read(OwnLibrary.FILE)
                    .map(bytes -> new String(bytes, StandardCharsets.UTF_8)).orElse("");
        }
    }

    @Test
    void anOwnExerciseIsWrittenKeptUsedChangedAndRemoved() throws StudioTrouble {
        search("calf raise");
        instructor.clicks("#copy-exercise").clicks("#field-name").writes("Platform rise")
                .clicks("#point-dose")
                .writes("12").clicks("#keep-exercise");
        assertThat(instructor.canSee("#field-name")).isTrue();
        assertThat(Instructor.onFx(() -> instructor.content().scene().getRoot().lookupAll(".over").stream()
                .map(each -> ((Label) each).getText()).toList()))
                .contains("usual dose: 12 has no unit: write 12 reps, 12 counts or hold 12 s.");

        instructor.clicks("#point-dose").writes("2 x 14 reps, rest 10 s").clicks("#keep-exercise");
        assertThat(instructor.sees("#exercise-name")).isEqualTo("Platform rise");
        assertThat(own()).contains("\"platform-rise\"");
        instructor.clicks("#add-to-class").clicks("#change-exercise").clicks("#field-name")
                .writes("Signal rise").clicks("#keep-exercise");

        assertThat(instructor.plan().items().map(item -> item.exercise().name())).contains("Signal rise")
                .doesNotContain("Platform rise");
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: signal rise as changed");
        instructor.clicks("#remove-exercise");
        assertThat(own()).doesNotContain("platform-rise");
        assertThat(instructor.plan().items().map(item -> item.exercise().name())).contains("Signal rise");
    }

    @Test
    void aShippedExerciseIsHiddenAndShownAgainAndStaysAfterARestart() {
        search("jumping jack");
        instructor.clicks("#hide-exercise");
        assertThat(names()).doesNotContain("Jumping jack");

        instructor.close();
        instructor = Instructor.withDemo(folder, disk);
        instructor.presses(KeyCode.DIGIT8, KeyCode.CONTROL);
        search("jumping jack");
        assertThat(names()).doesNotContain("Jumping jack");
        instructor.clicks("#show-hidden");
        assertThat(names()).containsExactly("Jumping jack");
        instructor.clicks("#hide-exercise").clicks("#show-hidden");
        assertThat(names()).contains("Jumping jack");
    }

    @Test
    void badLinesOfATableAreNamedAndTheGoodOnesTakenOnlyWhenAsked() throws IOException {
        Path table = folder.resolve("mine.csv");
        Files.writeString(table,
                """
                        name,family,roles,pattern,impact,METs,position,facing,usual dose,set up,do,easier,harder
                        Ticket punch,push,toning,push,none,"3.0, Kehre's estimate",standing,front,12 reps,Stand.,Punch.,a: b,c: d
                        Broken,push,toning,push,loud,"3.0, Kehre's estimate",standing,front,12 reps,Stand.,Punch.,a: b,c: d
                        """);
        instructor.answers(table).clicks("#import-exercises");
        assertThat(instructor.sees("#import-outcome")).isEqualTo("1 understood, 1 not.");
        assertThat(instructor.sees("#count")).isEqualTo("526 of 526, 0 of them your own");

        instructor.clicks("#import-good");
        assertThat(instructor.sees("#count")).isEqualTo("527 of 527, 1 of them your own");
        instructor.clicks("#filter-own-only");
        assertThat(names()).containsExactly("Ticket punch");
        Path out = folder.resolve("out.csv");
        instructor.answers(out).clicks("#export-exercises");
        assertThat(Files.readString(out)).contains("ticket-punch,Ticket punch").hasLineCount(2);
    }

    @Test
    void whenTheStudioCannotBeWrittenNothingChangesAndItIsSaid() throws SQLException {
        search("jumping jack");
        try (Connection other = DriverManager
                .getConnection("jdbc:sqlite:" + folder.resolve(StudioFile.NAME))) {
            other.createStatement().execute("begin immediate");
            instructor.clicks("#hide-exercise");
            other.createStatement().execute("rollback");
        }

        assertThat(instructor.notices()).contains("another window is writing in it; try again");
        assertThat(names()).contains("Jumping jack");
    }

    @Test
    void aFileOfOwnExercisesThatCannotBeReadIsLeftAlone() throws IOException {
        instructor.close();
        Files.writeString(folder.resolve(OwnLibrary.FILE), "{\"format\": \"kehre-exercises\", broken");
        instructor = Instructor.withDemo(folder, disk);

        assertThat(instructor.notices()).startsWith("exercises.json was not opened. Line 1, column ")
                .endsWith("Your own exercises are not offered; the file stays as it is.");
        instructor.presses(KeyCode.DIGIT8, KeyCode.CONTROL);
        search("jumping jack");
        instructor.clicks("#hide-exercise");
        assertThat(instructor.notices())
                .contains("Nothing is written over it. Mend it or move it away first.");
        assertThat(Files.readString(folder.resolve(OwnLibrary.FILE))).endsWith("broken");
    }
}
