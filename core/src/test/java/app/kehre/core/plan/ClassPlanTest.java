package app.kehre.core.plan;

import java.util.List;
import java.util.Optional;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

import app.kehre.core.dose.Reps;
import app.kehre.core.edit.Addables;
import app.kehre.core.edit.Edit;
import app.kehre.core.edit.History;
import app.kehre.core.edit.Moves;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;

import static app.kehre.core.testing.Exercises.PLANK;
import static app.kehre.core.testing.Exercises.ROW;
import static app.kehre.core.testing.Exercises.SQUAT;
import static app.kehre.core.testing.Ids.line;
import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class ClassPlanTest {

    private final ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120).item(SQUAT, "12 reps")
            .item(ROW, "10 reps").segment("Core", Role.CORE, 112).item(PLANK, "hold 30 s").plan();

    private static final Addables.Addable WATER = new Addables.Addable.OfPause(Pause.Kind.WATER);

    private static List<String> names(ClassPlan plan) {
        return plan.segments().stream()
                .map(segment -> segment.name() + " " + segment.entries().stream().map(Entry::name).toList())
                .toList();
    }

    @Test
    void movingALineDownPastTheEndTakesItIntoTheNextSegment() {
        assertThat(names(Moves.nudge(plan, line(2), 1))).containsExactly("Toning [Squat]",
                "Core [Bent-over row, Forearm plank]");
        assertThat(Moves.nudge(plan, line(3), 1)).isEqualTo(plan);
    }

    @Test
    void aNumberIsNeverGivenAgainWhateverBecomesOfItsLine() {
        History history = new History(plan);
        history.make(new Edit("Add water", Addables.add(plan, part(2), Optional.empty(), WATER)));
        EntryId water = history.current().nextEntryId();
        history.undo();

        assertThat(history.current()).isEqualTo(plan);
        assertThat(history.current().nextEntryId()).isEqualTo(water);
        assertThat(plan.remove(line(3)).nextEntryId()).isEqualTo(line(4));
        assertThat(Moves.removeSegment(plan, part(2)).nextSegmentId()).isEqualTo(part(3));
    }

    @Test
    void aCopyIsAnotherPlanOfTheSameClass() {
        assertThat(plan.copy()).isEqualTo(plan);
        assertThat(plan.copy().identity().plan()).isNotEqualTo(plan.identity().plan());
        assertThat(plan.remove(line(1)).identity().plan()).isEqualTo(plan.identity().plan());
    }

    @Property
    void movingALineDownAndUpAgainChangesNothing(@ForAll("plans") ClassPlan any) {
        any.lines().forEach(entry -> {
            ClassPlan down = Moves.nudge(any, entry.id(), 1);
            boolean dissolves = any.circuitOf(entry.id()).filter(each -> each.items().size() == 1)
                    .isPresent();
            if (!down.equals(any) && !dissolves) {
                assertThat(order(Moves.nudge(down, entry.id(), -1))).isEqualTo(order(any));
            }
        });
    }

    private static List<String> order(ClassPlan plan) {
        return plan.lines().map(each -> plan.segmentOf(each.id()).orElseThrow().id() + "/"
                + plan.circuitOf(each.id()).map(circuit -> circuit.id().toString()).orElse("none") + "/"
                + each.id()).toList();
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Test
    void aCopyStandsBehindItsOriginalUnderANumberOfItsOwn() {
        ClassPlan copied = Moves.duplicate(plan, line(1));

        assertThat(names(copied)).containsExactly("Toning [Squat, Squat, Bent-over row]",
                "Core [Forearm plank]");
        assertThat(copied.segments().getFirst().entries().get(1).id()).isEqualTo(line(4));
    }

    @Test
    void draggingALineElsewhereCountsThePlaceWithoutIt() {
        assertThat(names(Moves.move(plan, line(1), part(1), 1))).first()
                .isEqualTo("Toning [Bent-over row, Squat]");
        assertThat(names(Moves.move(plan, line(1), part(2), 1))).containsExactly("Toning [Bent-over row]",
                "Core [Forearm plank, Squat]");
    }

    @Test
    void twoLinesMayNotHaveOneNumber() {
        assertThatThrownBy(() -> plan.add(part(1), 0, Item.of(line(3), SQUAT)))
                .hasMessage("Each entry must have an id of its own, and 3 is used twice.");
    }

    @Test
    void anotherExerciseComesWithItsOwnDoseAndKeepsTheNote() {
        ClassPlan noted = plan.with(plan.find(line(1)).orElseThrow().withNote("Smile"));

        Entry swapped = Addables.replace(noted, line(1), new Addables.Addable.OfExercise(PLANK)).find(line(1))
                .orElseThrow();

        assertThat(swapped).isEqualTo(Item.of(line(1), PLANK).withNote("Smile"));
    }

    @Test
    void segmentsAreAddedMovedAndRemovedAsAWhole() {
        ClassPlan more = Addables.addSegment(plan, Optional.of(part(1)), Role.PAUSE);

        assertThat(names(more)).containsExactly("Toning [Squat, Bent-over row]", "Water []",
                "Core [Forearm plank]");
        assertThat(names(Moves.moveSegment(more, part(1), 5)).getLast()).startsWith("Toning");
        assertThat(names(Moves.removeSegment(more, part(1)))).containsExactly("Water []",
                "Core [Forearm plank]");
    }

    @Test
    void undoTakesBackEveryStepByNameAndRedoMakesItAgain() {
        History history = new History(plan);
        ClassPlan changed = plan.with(Item.of(line(1), SQUAT).withDose(Reps.of(8)));
        history.make(new Edit("Dose of Squat", changed));
        history.make(new Edit("Remove Squat", changed.remove(line(1))));
        assertThat(history.make(new Edit("Nothing", changed.remove(line(1))))).isFalse();

        assertThat(history.nextUndo()).contains("Remove Squat");
        assertThat(history.undo()).contains("Remove Squat");
        assertThat(history.current()).isEqualTo(changed);
        assertThat(history.undo()).contains("Dose of Squat");
        assertThat(history.current()).isEqualTo(plan);
        assertThat(history.undo()).isEmpty();
        assertThat(history.redo()).contains("Dose of Squat");
        history.make(new Edit("Duplicate Squat", Moves.duplicate(changed, line(1))));
        assertThat(history.nextRedo()).isEqualTo(Optional.empty());
    }

    @Test
    void whatSuitsTheSegmentIsOfferedFirstAndPausesAreFoundByName() {
        Library library = Library.of(Exercises.all());

        assertThat(Addables.addables(library, "wat", Role.TONING)).extracting(Addables.Addable::name)
                .containsExactly("Water");
        assertThat(Addables.addables(library, "plank", Role.CORE)).extracting(Addables.Addable::name)
                .containsExactly("Forearm plank", "Side plank");
        assertThat(Addables.addables(library, "", Role.PAUSE)).first()
                .isInstanceOf(Addables.Addable.OfPause.class);
    }
}
