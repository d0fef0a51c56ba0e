package app.kehre.desk.exercises;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.card.Card;
import app.kehre.core.card.Field;
import app.kehre.core.choosing.Filter;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.testing.Plans;
import app.kehre.desk.FaultyDisk;
import app.kehre.desk.Instructor;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.OwnLibrary;
import app.kehre.formats.library.ImportedExercises;
import app.kehre.formats.plan.PlanDocument;

import static org.assertj.core.api.Assertions.assertThat;

/** Exercises are found, written, changed, hidden, exported and taken in as a table; without a window. */
class ExercisesViewModelTest {

    private final FaultyDisk disk = new FaultyDisk();
    private final ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120).item(squat(), "12 reps")
            .item(squat(), "8 reps").plan();
    private final OpenPlan open = new OpenPlan(PlanDocument.of(plan, Instructor.LIBRARY));
    private final List<String> trouble = new ArrayList<>();

    @TempDir
    private Path folder = Path.of("");
    private Optional<ExercisesViewModel> made = Optional.empty();

    private static Exercise squat() {
        return Instructor.LIBRARY.find("squat").orElseThrow();
    }

    @BeforeEach
    void openTheLibrary() {
        made = Optional
                .of(new ExercisesViewModel(new OwnLibrary(Instructor.LIBRARY, folder, disk), open, disk,
                        trouble::add));
    }

    private ExercisesViewModel model() {
        return made.orElseThrow();
    }

    private List<String> found() {
        return model().found().stream().map(Exercise::name).toList();
    }

    private Exercise taken(Card card) {
        Card.Outcome outcome = model().take(card);
        assertThat(outcome.problems()).isEmpty();
        return outcome.exercise().orElseThrow();
    }

    private Exercise copied(String name) {
        model().startCopy(squat());
        return taken(model().edited().get().orElseThrow().with(Field.NAME, name));
    }

    @Test
    void whatIsTypedFindsAndAFilterLeavesWhatSuits() {
        model().typed().set("squat");
        assertThat(found()).startsWith("Squat").hasSizeGreaterThan(2);

        model().filter().set(new Filter(Optional.of(Role.STRETCH), Optional.empty(), Optional.empty(),
                Optional.empty(), Optional.empty(), false, false, false));
        assertThat(model().found()).allSatisfy(each -> assertThat(each.suits(Role.STRETCH)).isTrue());
        model().typed().set("xyzzy");

        assertThat(found()).isEmpty();
    }

    @Test
    void howOftenTheClassUsesOneIsSaid() {
        assertThat(model().used(squat())).isEqualTo("in this class 2 times");
        assertThat(model().used(Instructor.LIBRARY.find("push-up").orElseThrow())).isEmpty();
        open.edit("Remove", now -> now.remove(now.items().findFirst().orElseThrow().id()));
        assertThat(model().used(squat())).isEqualTo("in this class");
    }

    @Test
    void aCopyIsOnesOwnHasAnIdOfItsOwnAndIsShown() {
        model().startCopy(squat());
        assertThat(model().edited().get()).hasValueSatisfying(
                card -> assertThat(card.text(Field.NAME)).isEqualTo("Squat, my way"));

        Exercise own = copied("Hall squat");
        Exercise second = copied("Hall squat");

        assertThat(own.id()).isEqualTo("hall-squat");
        assertThat(second.id()).as("a second one of the name").isNotEqualTo(own.id())
                .startsWith("hall-squat");
        assertThat(model().isOwn(own)).isTrue();
        assertThat(model().isOwn(squat())).isFalse();
        assertThat(model().selected().get()).contains(second);
        assertThat(model().edited().get()).isEmpty();
    }

    @Test
    void aCardWithAFaultStaysOpenAndNothingIsTaken() {
        model().startNew();
        Card.Outcome outcome = model().take(
                model().edited().get().orElseThrow().with(Field.NAME, "Half").with(Field.DOSE, "12 rups"));

        assertThat(outcome.exercise()).isEmpty();
        assertThat(outcome.problems()).containsKey(Field.DOSE);
        assertThat(model().edited().get()).isPresent();
        assertThat(model().library().own().exercises()).isEmpty();
        model().stopWriting();
        assertThat(model().edited().get()).isEmpty();
    }

    @Test
    void aChangedExerciseIsChangedInTheOpenClassTooAsOneStep() {
        model().startChange(squat());
        taken(model().edited().get().orElseThrow().with(Field.NAME, "Deep squat"));

        assertThat(open.plan().items().map(Item::name)).containsOnly("Deep squat");
        assertThat(open.undoName().get()).isEqualTo("Deep squat as changed");
        open.undo();
        assertThat(open.plan().items().map(Item::name)).containsOnly("Squat");
    }

    @Test
    void whatIsHiddenIsOutOfTheListUntilTheHiddenOnesAreShown() {
        model().hide(squat(), true);
        model().typed().set("squat");
        assertThat(found()).doesNotContain("Squat");
        assertThat(model().isHidden(squat())).isTrue();

        model().setShowHidden(true);
        assertThat(found()).containsExactly("Squat");
        model().setShowHidden(false);
        model().hide(squat(), false);

        assertThat(found()).startsWith("Squat");
    }

    @Test
    void anOwnExerciseIsRemovedAndItsPageWithIt() {
        Exercise own = copied("Hall squat");

        model().remove(own);

        assertThat(model().find(own.id())).isEmpty();
        assertThat(model().selected().get()).isEmpty();
    }

    @Test
    void theFoundOnesGoIntoATableAndComeBackFromIt() throws Exception {
        Exercise own = copied("Hall squat");
        model().typed().set("hall squat");
        Path table = folder.resolve("found.csv");
        model().export(table);
        model().remove(own);
        assertThat(Files.readString(table)).contains("Hall squat");

        ImportedExercises read = model().read(table).orElseThrow();
        assertThat(read.good()).extracting(Exercise::id).contains("hall-squat");
        assertThat(model().find("hall-squat")).as("nothing is taken yet").isEmpty();
        model().takeTable();

        assertThat(model().find("hall-squat")).contains(own);
    }

    @Test
    void aFullDiskAndAFileThatIsNotThereAreSaidAndChangeNothing() {
        disk.full(true);
        model().hide(squat(), true);
        model().startCopy(squat());
        model().take(model().edited().get().orElseThrow().with(Field.NAME, "Hall squat"));
        model().export(folder.resolve("found.csv"));

        assertThat(trouble).hasSize(3).allMatch(each -> each.contains("the disk is full"));
        assertThat(model().isHidden(squat())).isFalse();
        assertThat(model().find("hall-squat")).isEmpty();
        assertThat(model().edited().get()).as("what was written is not lost").isPresent();
        assertThat(model().read(folder.resolve("none.csv"))).isEmpty();
        assertThat(trouble).hasSize(4).last().asString().contains("none.csv");
    }
}
