package app.kehre.core.edit;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Reps;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.RoundChange;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.typing.EntryText;

import static app.kehre.core.testing.Exercises.PLANK;
import static app.kehre.core.testing.Exercises.ROW;
import static app.kehre.core.testing.Exercises.SIDE_PLANK;
import static app.kehre.core.testing.Exercises.SQUAT;
import static app.kehre.core.testing.Ids.line;
import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Circuits, sides, cuts, and moving lines among them. */
class StructuresTest {

    private final ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120).item(SQUAT, "12 reps")
            .item(ROW, "10 reps").item(SIDE_PLANK, "hold 20 s, each side").segment("Core", Role.CORE, 110)
            .item(PLANK, "hold 30 s").pause(Pause.Kind.WATER).plan();
    private final ClassPlan withCircuit = Structures.makeCircuit(plan, List.of(line(1), line(2)));

    private static List<String> told(ClassPlan plan) {
        return plan.segments().stream().map(segment -> segment.entries().stream()
                .map(entry -> entry instanceof Circuit circuit
                        ? "(" + String.join(" ", circuit.inside().stream().map(Entry::name).toList()) + ")"
                        : entry.name())
                .toList().toString()).toList();
    }

    @Test
    void aCircuitStandsWhereItsFirstExerciseStood() {
        assertThat(told(withCircuit)).containsExactly("[(Squat Bent-over row), Side plank]",
                "[Forearm plank, Water]");
        assertThat(withCircuit.circuitOf(line(2))).hasValueSatisfying(
                circuit -> assertThat(circuit.rounds()).isEqualTo(2));
        assertThat(withCircuit.circuitOf(line(3))).isEmpty();
    }

    @Test
    void onlyExercisesOfOneSegmentMakeACircuit() {
        assertThat(Structures.makeCircuit(plan, List.of(line(3), line(4)))).isEqualTo(plan);
        assertThat(Structures.makeCircuit(plan, List.of(line(4), line(5)))).isEqualTo(plan);
        assertThat(Structures.makeCircuit(plan, List.of())).isEqualTo(plan);
        assertThat(Structures.makeCircuit(withCircuit, List.of(line(1)))).isEqualTo(withCircuit);
    }

    @Test
    void dissolvingACircuitGivesItsExercisesBackWithoutWhatChangedByTheRound() {
        Item changed = ((Item) withCircuit.entry(line(1))).withChange(2,
                RoundChange.NONE.withDose(Optional.of(Reps.of(9))));
        EntryId circuit = withCircuit.circuitOf(line(1)).orElseThrow().id();

        assertThat(Structures.dissolve(withCircuit.with(changed), circuit)).isEqualTo(plan);
        assertThat(Structures.dissolve(plan, line(1))).isEqualTo(plan);
    }

    @Test
    void aCircuitGoesWithItsLastExercise() {
        assertThat(told(withCircuit.remove(line(1)))).first().isEqualTo("[(Bent-over row), Side plank]");
        assertThat(told(withCircuit.remove(line(1)).remove(line(2)))).first().isEqualTo("[Side plank]");
    }

    @Test
    void aCircuitIsCopiedWithNumbersOfItsOwn() {
        EntryId circuit = withCircuit.circuitOf(line(1)).orElseThrow().id();

        ClassPlan copied = Moves.duplicate(withCircuit, circuit);

        assertThat(told(copied)).first()
                .isEqualTo("[(Squat Bent-over row), (Squat Bent-over row), Side plank]");
        assertThat(copied.lines().map(Entry::id)).doesNotHaveDuplicates();
        assertThat(Moves.duplicate(withCircuit, line(2)).circuitOf(line(2)).orElseThrow().items()).hasSize(3);
    }

    @Test
    void anExerciseMovesThroughTheEdgesOfACircuit() {
        assertThat(told(Moves.nudge(withCircuit, line(2), 1))).first()
                .isEqualTo("[(Squat), Bent-over row, Side plank]");
        assertThat(told(Moves.nudge(withCircuit, line(3), -1))).first()
                .isEqualTo("[(Squat Bent-over row Side plank)]");
        assertThat(told(Moves.nudge(withCircuit, line(1), -1))).first()
                .isEqualTo("[Squat, (Bent-over row), Side plank]");
        assertThat(told(Moves.nudge(withCircuit, line(1), 1))).first()
                .isEqualTo("[(Bent-over row Squat), Side plank]");
    }

    @Test
    void aPauseGoesIntoACircuitAndACircuitJumpsOverALine() {
        ClassPlan water = Moves.move(withCircuit, line(5), part(1), 0);
        EntryId circuit = withCircuit.circuitOf(line(1)).orElseThrow().id();

        assertThat(told(Moves.nudge(water, line(5), 1))).first()
                .isEqualTo("[(Water Squat Bent-over row), Side plank]");
        assertThat(told(Moves.nudge(withCircuit, circuit, 1))).first()
                .isEqualTo("[(Side plank Squat Bent-over row)]".replace("(Side plank Squat",
                        "Side plank, (Squat"));
    }

    @Test
    void draggingOnALineOfACircuitDropsIntoItAndElsewhereOutOfIt() {
        assertThat(told(Moves.moveTo(withCircuit, line(3), part(1), Optional.of(line(2))))).first()
                .isEqualTo("[(Squat Side plank Bent-over row)]");
        assertThat(told(Moves.moveTo(withCircuit, line(1), part(2), Optional.of(line(4))))).containsExactly(
                "[(Bent-over row), Side plank]", "[Squat, Forearm plank, Water]");
        assertThat(told(Moves.moveTo(withCircuit, line(5), part(1), Optional.of(line(1))))).first()
                .isEqualTo("[(Water Squat Bent-over row), Side plank]");
        assertThat(Moves.moveTo(plan, line(1), part(1), Optional.of(line(1)))).isEqualTo(plan);
    }

    @Property
    void noMoveEverLosesOrDoublesALine(@ForAll("plans") ClassPlan any) {
        List<EntryId> ids = any.lines().map(Entry::id).sorted().toList();
        for (EntryId id : ids) {
            for (int by : List.of(-1, 1)) {
                boolean lastOfCircuit = any.circuitOf(id).filter(each -> each.items().size() == 1)
                        .isPresent();
                List<EntryId> after = Moves.nudge(any, id, by).lines().map(Entry::id).sorted().toList();
                if (lastOfCircuit) {
                    assertThat(ids).containsAll(after).contains(id);
                } else {
                    assertThat(after).isEqualTo(ids);
                }
            }
        }
    }

    @Property
    void cuttingAndMakingWholeAgainLosesNothing(@ForAll("plans") ClassPlan any) {
        ClassPlan whole = Structures.whole(any);

        assertThat(Structures.whole(Structures.cutToMarked(whole))).isEqualTo(whole);
        assertThat(Structures.whole(Structures.cutTo(whole, Set.of(part(1))))).isEqualTo(whole);
    }

    @Property(tries = 150, seed = "20261127")
    void everyStructureCanBeAskedOfAnyLine(@ForAll("plans") ClassPlan any) {
        List<EntryId> ids = any.lines().map(Entry::id).toList();
        for (Entry line : any.lines().toList()) {
            for (ClassPlan changed : List.of(Structures.splitSides(any, line.id()),
                    Structures.addSecondSide(any, line.id()), Structures.secondSideAfterNext(any, line.id()),
                    Structures.makeCircuit(any, List.of(line.id())), Moves.duplicate(any, line.id()))) {
                assertThat(changed.lines().map(Entry::id)).doesNotHaveDuplicates();
                assertThat(Timeline.of(changed).total()).isGreaterThanOrEqualTo(Duration.ZERO);
            }
            if (line instanceof Circuit) {
                assertThat(Structures.dissolve(any, line.id()).lines().map(Entry::id))
                        .containsExactlyElementsOf(ids.stream().filter(id -> !id.equals(line.id())).toList());
            }
        }
    }

    @Test
    void aCutSaysHowMuchOfTheClassIsLeft() {
        assertThat(Structures.cutWords(plan)).isEqualTo("whole class");
        assertThat(Structures.cutWords(Structures.cutTo(plan, Set.of(part(2)))))
                .isEqualTo("cut to 1 of 2 parts");
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Test
    void sidesAreSplitIntoLinesOfTheirOwn() {
        ClassPlan split = Structures.splitSides(plan, line(3));

        assertThat(split.segment(part(1)).entries()).extracting(EntryText::dose).containsExactly("12 reps",
                "10 reps", "hold 20 s, right side", "hold 20 s, left side");
        assertThat(Structures.splitSides(plan, line(1))).isEqualTo(plan);
        assertThat(Structures.splitSides(plan, line(5))).isEqualTo(plan);
    }

    @Test
    void theOtherSideIsAddedBehind() {
        ClassPlan left = plan
                .with(EntryText.withDose(plan.entry(line(2)), "10 reps, left side").value().orElseThrow());

        assertThat(Structures.addSecondSide(left, line(2)).segment(part(1)).entries())
                .extracting(EntryText::dose)
                .containsExactly("12 reps", "10 reps, left side", "10 reps, right side",
                        "hold 20 s, each side");
        assertThat(Structures.addSecondSide(plan, line(3))).isEqualTo(plan);
    }

    @Test
    void pairsAreDoneInTurnAndHaveNoSecondSide() {
        ClassPlan pairs = Plans.of(30).segment("Toning", Role.TONING, 120)
                .item(Exercises.SQUAT, "10 pairs, alternating")
                .plan();

        assertThat(Structures.addSecondSide(pairs, line(1))).isEqualTo(pairs);
    }

    @Test
    void firstSideAnotherExerciseSecondSide() {
        ClassPlan both = plan
                .with(EntryText.withDose(plan.entry(line(1)), "8 reps, each side").value().orElseThrow());

        assertThat(Structures.secondSideAfterNext(both, line(1)).segment(part(1)).entries())
                .extracting(EntryText::dose)
                .startsWith("8 reps, right side", "10 reps", "8 reps, left side");
        assertThat(Structures.secondSideAfterNext(plan, line(2))).isEqualTo(plan);
    }

    @Test
    void anExerciseIsAddedIntoTheCircuitOfTheLineBeforeItAndAPauseBehindIt() {
        Addables.Addable plank = new Addables.Addable.OfExercise(PLANK);
        Addables.Addable water = new Addables.Addable.OfPause(Pause.Kind.WATER);

        assertThat(told(Addables.add(withCircuit, part(1), Optional.of(line(1)), plank))).first()
                .isEqualTo("[(Squat Forearm plank Bent-over row), Side plank]");
        assertThat(told(Addables.add(withCircuit, part(1), Optional.of(line(1)), water))).first()
                .isEqualTo("[(Squat Bent-over row), Water, Side plank]");
        assertThat(Addables.replace(withCircuit, line(1), water)).isEqualTo(withCircuit);
    }

    @Test
    void aScreenAndACircuitAreRenamedAndAScreenIsFoundByName() {
        Library library = Library.of(Exercises.all());
        Circuit circuit = withCircuit.circuitOf(line(1)).orElseThrow();

        assertThat(Addables.replacements(library, " Legs and back ", circuit, Role.TONING)).singleElement()
                .satisfies(each -> assertThat(Addables.replace(withCircuit, circuit.id(), each)
                        .entry(circuit.id()).name()).isEqualTo("Legs and back"));
        assertThat(Addables.addables(library, "screen", Role.TONING)).singleElement()
                .isInstanceOf(Addables.Addable.OfScreen.class);
    }

    @Test
    void aPauseIsMovedIntoACircuitAndOutOfItAndKeepsItsPlaceAmongReorderedStations() {
        Circuit circuit = withCircuit.circuitOf(line(1)).orElseThrow();
        EntryId water = withCircuit.nextEntryId();
        SegmentId segment = withCircuit.segmentOf(circuit.id()).orElseThrow().id();
        ClassPlan beside = withCircuit.add(segment, Integer.MAX_VALUE, Pause.of(water, Pause.Kind.WATER));
        ClassPlan inside = Moves.moveInto(beside, water, circuit.id(), 1);
        Circuit now = (Circuit) inside.entry(circuit.id());

        assertThat(now.inside().get(1).id()).isEqualTo(water);
        assertThat(now.withItems(now.items().reversed()).inside().get(1).id()).isEqualTo(water);
        assertThat(Moves.move(inside, water, segment, Integer.MAX_VALUE)).isEqualTo(beside);
        assertThat(inside.remove(line(1)).remove(line(2)).entry(water))
                .as("the last exercise leaves it there")
                .isEqualTo(beside.entry(water));
        assertThatThrownBy(() -> now.withInside(List.of(Pause.of(water, Pause.Kind.WATER))))
                .hasMessage("A circuit has one exercise at least.");
    }

    @Test
    void nonsenseIsRefusedInWords() {
        assertThatThrownBy(() -> new Circuit(line(1), "Legs", 2, Duration.ZERO, 0, List.of(), ""))
                .hasMessage("The lines of a circuit must be from 1 to 40, not 0.");
        assertThatThrownBy(
                () -> new Circuit(line(1), " ", 2, Duration.ZERO, 0, List.of(Item.of(line(2), SQUAT)), ""))
                .hasMessage("A circuit's name must have from 1 to 80 characters, not 1.");
        assertThatThrownBy(() -> withCircuit.addInto(line(3), 0, Item.of(line(9), SQUAT)))
                .hasMessage("Entry 3 is no circuit.");
        assertThatThrownBy(() -> Item.of(line(1), SQUAT).withChange(21, RoundChange.NONE.withOut(true)))
                .hasMessage("Rounds must be from 1 to 20, not 21.");
        assertThatThrownBy(
                () -> new Screen(line(1), "Screen", Hold.of(Duration.ofSeconds(10)), "x".repeat(301),
                        Map.of(), ""))
                .hasMessage("A note must have at most 300 characters, not 301.");
    }
}
