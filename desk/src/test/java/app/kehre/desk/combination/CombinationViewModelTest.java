package app.kehre.desk.combination;

import java.util.List;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.choreography.DancedMove;
import app.kehre.core.choreography.Fit;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.testing.Plans;
import app.kehre.desk.Instructor;
import app.kehre.desk.control.Commit;
import app.kehre.desk.session.OpenPlan;
import app.kehre.formats.plan.PlanDocument;

import static org.assertj.core.api.Assertions.assertThat;

/** A combination is put together move by move, each as one step that undo takes back by its name, without a window. */
class CombinationViewModelTest {

    private final ClassPlan empty = Plans.of(30).segment("Warm-up", Role.WARM_UP, 126)
            .segment("Dance", Role.AEROBIC, 128).segment("Toning", Role.TONING, 120).bare();
    private final OpenPlan open = new OpenPlan(PlanDocument.of(empty, Instructor.LIBRARY));
    private final CombinationViewModel model = new CombinationViewModel(open, () -> Instructor.LIBRARY);

    @BeforeEach
    void aDanceIsBegun() {
        model.addBuildUp();
    }

    private List<String> moves() {
        return model.combination().orElseThrow().moves().stream().map(each -> each.move().name()).toList();
    }

    private Fit fit(String name) {
        return model.fits().orElseThrow().moves().stream()
                .filter(each -> each.danced().move().name().equals(name)).findFirst().orElseThrow();
    }

    @Test
    void theFirstDanceGoesIntoTheAerobicPartAndTheNextIntoWhatIsLeft() {
        assertThat(model.segment()).hasValueSatisfying(each -> assertThat(each.name()).isEqualTo("Dance"));
        assertThat(open.undoName().get()).isEqualTo("Add a build-up");
        assertThat(model.bpm().value()).isEqualTo(128);

        model.addBuildUp();

        assertThat(model.segment()).hasValueSatisfying(each -> assertThat(each.name()).isEqualTo("Warm-up"));
        assertThat(model.buildUps()).hasSize(2);
        model.addBuildUp();
        assertThat(model.buildUps()).as("there is no third place for one").hasSize(2);
    }

    @Test
    void movesAreWrittenInOneLineOrRefusedWithTheWordThatIsNone() {
        assertThat(model.making().reads("grapevine, 2 x step touch"))
                .isEqualTo("Enter adds Grapevine, Step touch x2");
        assertThat(model.making().write("grapevine, step touch 2")).isEmpty();
        assertThat(moves()).containsExactly("Grapevine", "Step touch");
        assertThat(model.chosen().get()).as("the last one that was written").isEqualTo(1);
        assertThat(open.undoName().get()).isEqualTo("Write moves");

        assertThat(model.making().write("xyzzy")).contains("xyzzy");
        assertThat(moves()).hasSize(2);
    }

    @Test
    void whatFitsIsAddedAfterTheSelectedMoveOnTheFootThatIsFree() {
        model.making().write("grapevine, step touch 2");
        model.select(0);
        Fit fits = fit("Knee lift");

        model.add(fits);

        assertThat(moves()).containsExactly("Grapevine", "Knee lift", "Step touch");
        assertThat(model.selected()).hasValueSatisfying(
                move -> assertThat(move.lead()).isEqualTo(model.combination().orElseThrow().moves().getFirst()
                        .mirrored().lead()));
        assertThat(open.undoName().get()).isEqualTo("Add Knee lift");
    }

    @Test
    void aMoveOfTheLibraryIsDroppedWhereItFitsAndOneThatIsUnknownChangesNothing() {
        model.making().write("grapevine, step touch 2");

        model.addAt("march", 0);
        assertThat(moves()).startsWith("March on the spot");
        model.addAt("no-such-move", 0);

        assertThat(moves()).hasSize(3);
    }

    @Test
    void movesChangePlacesStopAtTheEndsAndAreRemovedWithTheNeighbourSelected() {
        model.making().write("grapevine, step touch 2, march 4");
        model.select(0);
        model.nudge(1);
        assertThat(moves()).containsExactly("Step touch", "Grapevine", "March on the spot");
        model.nudge(5);
        assertThat(moves()).endsWith("Grapevine");
        assertThat(model.chosen().get()).isEqualTo(2);

        model.remove();

        assertThat(moves()).containsExactly("Step touch", "March on the spot");
        assertThat(model.chosen().get()).isEqualTo(1);
        assertThat(open.undoName().get()).isEqualTo("Remove Grapevine");
        open.undo();
        assertThat(moves()).hasSize(3);
    }

    @Test
    void aChangeThatChangesNothingIsNoStepAndOneThatCannotBeIsSaid() {
        model.making().write("grapevine");
        String before = open.undoName().get();

        model.change("Times", move -> move.withTimes(move.times()));
        assertThat(open.undoName().get()).isEqualTo(before);

        model.change("Times", move -> move.withTimes(99));
        assertThat(model.said().get()).isEqualTo("How often a move is done must be from 1 to 16, not 99.");
        model.change("Times", move -> move.withTimes(4));
        assertThat(model.said().get()).isEmpty();
        assertThat(open.undoName().get()).isEqualTo("Times of Grapevine");
    }

    @Test
    void theWholeCombinationIsMirroredAndMirroredBack() {
        model.making().write("grapevine, step touch 2");
        List<DancedMove> before = model.combination().orElseThrow().moves();

        model.mirrorAll();
        assertThat(model.combination().orElseThrow().moves()).isNotEqualTo(before)
                .isEqualTo(before.stream().map(DancedMove::mirrored).toList());
        model.mirrorAll();

        assertThat(model.combination().orElseThrow().moves()).isEqualTo(before);
    }

    @Test
    void anotherCombinationIsShownWhenItIsAddedAndTheOneBeforeItWhenItIsRemoved() {
        model.making().write("grapevine");
        model.addCombination();
        assertThat(model.combination()).hasValueSatisfying(each -> {
            assertThat(each.name()).isEqualTo("Combination B");
            assertThat(each.moves()).isEmpty();
        });

        model.removeCombination();
        assertThat(moves()).containsExactly("Grapevine");
        model.removeCombination();

        assertThat(moves()).as("the only one stays").containsExactly("Grapevine");
    }

    @Test
    void aCombinationIsInProgressUntilItIsLeftOrAFootIsWrong() {
        model.making().write("grapevine");
        List<Finding> missteps = model.missteps();
        assertThat(missteps).isNotEmpty();
        assertThat(model.making().inProgress(missteps)).isTrue();

        model.making().leave();
        assertThat(model.making().inProgress(missteps)).as("it was left like this").isFalse();

        model.making().write("knee lift right, knee lift right");
        model.making().leave();
        assertThat(model.making().inProgress(model.missteps())).isFalse();
    }

    @Test
    void anEasierMoveIsOfferedOfTheSameKindFirstAndNoneIsHarder() {
        model.making().write(Instructor.LIBRARY.find("grapevine-turn").orElseThrow().name());
        DancedMove turned = model.selected().orElseThrow();

        assertThat(model.plainer(turned)).isNotEmpty()
                .allSatisfy(each -> assertThat(each.work().mets().value())
                        .isLessThanOrEqualTo(turned.move().work().mets().value()))
                .extracting(each -> each.id()).contains("grapevine").doesNotContain("grapevine-turn");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            132   | true
            5     | false
            quick | false
            """)
    void aTypedTempoIsTakenForThePartOrRefusedAndNothingIsChanged(String typed, boolean taken) {
        Commit tempo = model.ofTempo();

        assertThat(tempo.take(typed).isEmpty()).isEqualTo(taken);

        assertThat(model.bpm().value()).isEqualTo(taken ? 132 : 128);
        assertThat(open.undoName().get()).isEqualTo(taken ? "Tempo of Dance" : "Add a build-up");
    }

    @Test
    void withTheDanceGoneNothingIsShownAndNothingFails() {
        open.undo();

        assertThat(model.combination()).isEmpty();
        assertThat(model.fits()).isEmpty();
        assertThat(model.missteps()).isEmpty();
        model.remove();
        model.nudge(1);
        model.addCombination();
        model.removeCombination();
        assertThat(open.plan()).isEqualTo(empty);
    }
}
