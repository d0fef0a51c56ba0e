package app.kehre.desk.window;

import java.nio.file.Path;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Resistance;
import app.kehre.core.people.Limit;
import app.kehre.desk.FaultyDisk;
import app.kehre.desk.Instructor;

import static org.assertj.core.api.Assertions.assertThat;

/** An exercise of one's own: what differs is pointed at, or all of its texts are written. */
class OwnExercisePlaceTest {

    @TempDir
    private Path folder = Path.of("");
    private Instructor instructor;

    @BeforeEach
    void beginsOneLikeASplitSquat() {
        instructor = Instructor.withDemo(folder, new FaultyDisk());
        instructor.presses(KeyCode.DIGIT8, KeyCode.CONTROL).clicks("#new-exercise").types("Platform lunge")
                .clicks("#like").types("split squat").presses(KeyCode.ENTER);
    }

    @AfterEach
    void closeIt() {
        instructor.close();
    }

    private Exercise kept() {
        instructor.presses(KeyCode.ENTER, KeyCode.CONTROL);
        return listed("Platform lunge");
    }

    @SuppressWarnings("unchecked")
    private Exercise listed(String name) {
        return Instructor.onFx(() -> ((ListView<Exercise>) instructor.find("#exercises")).getItems().stream()
                .filter(each -> each.name().equals(name)).findFirst()
                .orElseThrow(() -> new AssertionError("not kept: " + instructor.reads("#card-trouble"))));
    }

    @SuppressWarnings("unchecked")
    private void chooses(String box, String words) {
        Instructor.onFx(() -> {
            ((ComboBox<String>) instructor.find(box)).setValue(words);
            return box;
        });
        instructor.settle();
    }

    @Test
    void aMuscleIsGivenAShareAnotherOneAndTakenAway() {
        instructor.clicks("#share-chest-a-little").clicks("#share-buttocks-half")
                .clicks("#share-back-arm-full")
                .clicks("#share-back-arm-full");

        Exercise own = kept();

        assertThat(own.work().share(Muscle.CHEST)).isEqualTo(0.25);
        assertThat(own.work().share(Muscle.BUTTOCKS)).isEqualTo(0.5);
        assertThat(own.work().share(Muscle.BACK_ARM)).as("pressed twice").isZero();
    }

    @Test
    void jointsAreAddedAndTakenAwayByOnePress() {
        Exercise split = Instructor.LIBRARY.find("split-squat").orElseThrow();
        assertThat(split.work().loads()).contains(Joint.KNEE).doesNotContain(Joint.WRIST);

        instructor.clicksCalled("wrist carry load").clicksCalled("knee carry load")
                .clicksCalled("spine are made ready");
        Exercise own = kept();

        assertThat(own.work().loads()).contains(Joint.WRIST).doesNotContain(Joint.KNEE);
        assertThat(own.work().prepares()).contains(Joint.SPINE);
    }

    @Test
    void somebodyElseWhoShouldWatchGetsAdviceAndAnotherExerciseAndMayBeTakenOffAgain() {
        instructor.chooses("#more-cautions", "wrist").clicksCalled("What to do with wrist")
                .writes("fists, not flat hands").clicksCalled("Instead with wrist").types("wall sit")
                .presses(KeyCode.ENTER).clicksCalled("Remove the caution for knee");

        Exercise own = kept();

        assertThat(own.cautionFor(Limit.KNEE)).isEmpty();
        assertThat(own.cautionFor(Limit.WRIST))
                .contains(new Caution(Limit.WRIST, "fists, not flat hands", "wall-sit"));
    }

    @Test
    void placeAndResistanceAreChosenAndTheOtherTextsStay() {
        chooses("#point-position", Position.STANDING.words());
        chooses("#point-resistance", Resistance.BODY.words());
        instructor.clicks("#point-set-up").writes("One foot behind the line.").clicks("#point-dose")
                .writes("2 x 8 reps, rest 20 s, each side");

        Exercise own = kept();

        assertThat(own.position()).isEqualTo(Position.STANDING);
        assertThat(own.work().resistance()).isEqualTo(Resistance.BODY);
        assertThat(own.coaching().setUp()).isEqualTo("One foot behind the line.");
        assertThat(own.coaching().breathing())
                .isEqualTo(Instructor.LIBRARY.find("split-squat").orElseThrow().coaching().breathing());
    }

    @Test
    void allItsTextsAreThereForWhoeverWantsThemAndEachFaultStandsBelowItsField() {
        instructor.clicks("#card-texts");
        assertThat(instructor.canSee("#point-dose")).isFalse();

        instructor.clicks("#field-mets").writes("many").clicks("#field-do").writes("Sink straight down.");
        chooses("#field-impact", "low");
        instructor.presses(KeyCode.ENTER, KeyCode.CONTROL);
        assertThat(instructor.readsSeen(".over")).singleElement().asString().contains("many");

        instructor.clicks("#field-mets").writes("4.0, Kehre's estimate");
        assertThat(instructor.readsSeen(".over")).as("what was wrong is typed anew").isEmpty();
        Exercise own = kept();
        assertThat(own.work().mets().value()).isEqualTo(4.0);
        assertThat(own.coaching().action()).containsExactly("Sink straight down.");
        assertThat(own.coaching().staple()).isEqualTo(
                Instructor.LIBRARY.find("split-squat").orElseThrow().coaching().staple());
    }

    @Test
    void whatIsDroppedLeavesNoTrace() {
        instructor.clicks("#share-calf-full").clicks("#drop-exercise");

        assertThat(instructor.canSee("#card-trouble")).isFalse();
        instructor.clicks("#search").writes("platform lunge");
        assertThat(instructor.reads("#exercise-name")).doesNotContain("Platform lunge");
    }
}
