package app.kehre.core.fitting;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Sides;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Change;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.SideTotals;
import app.kehre.core.timeline.Timeline;

import static org.assertj.core.api.Assertions.assertThat;

/** What must hold of every way in which any class is made to fit. */
class AnyClassTest {

    private static final Duration JUST_UNDER = Duration.ofSeconds(15);

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    private static Proposal fitted(ClassPlan plan, int percent) {
        Duration asked = Timeline.of(plan).total().multipliedBy(percent).dividedBy(100);
        return Fitting.of(plan, new Fitting.Asked(asked, Optional.empty()));
    }

    @Property(tries = 80, seed = "20261127")
    void aWayEndsInTimeAndIsWhatItsChangesMakeOrTheReasonIsSaid(@ForAll("plans") ClassPlan plan,
            @ForAll @IntRange(min = 60, max = 130) int percent) {
        Duration asked = Timeline.of(plan).total().multipliedBy(percent).dividedBy(100);
        Proposal found = fitted(plan, percent);

        assertThat(found.ways().isEmpty()).isEqualTo(!found.reason().isEmpty());
        assertThat(found.ways()).hasSizeLessThanOrEqualTo(3).allSatisfy(way -> {
            assertThat(asked.minus(Timeline.of(way.after()).total())).isBetween(Duration.ZERO, JUST_UNDER);
            assertThat(way.after()).isEqualTo(Change.all(plan, way.changes()));
            assertThat(way.words()).isNotBlank();
        });
    }

    @Property(tries = 80, seed = "20261127")
    void whatIsLockedLeftOutOrSaidStaysAsItIs(@ForAll("plans") ClassPlan plan,
            @ForAll @IntRange(min = 60, max = 130) int percent) {
        for (Way way : fitted(plan, percent).ways()) {
            ClassPlan after = way.after();
            assertThat(plan.items().filter(item -> item.delivery().locked()))
                    .allSatisfy(item -> assertThat(after.find(item.id())).contains(item));
            assertThat(plan.segments()).filteredOn(Segment::leftOut)
                    .allSatisfy(segment -> assertThat(after.segment(segment.id())).isEqualTo(segment));
            assertThat(plan.lines().filter(Pause.class::isInstance))
                    .allSatisfy(pause -> assertThat(after.find(pause.id())).contains(pause));
            assertThat(after.brief()).isEqualTo(plan.brief());
        }
    }

    @Property(tries = 80, seed = "20261127")
    void bothSidesOfAnExerciseAreChangedAlike(@ForAll("plans") ClassPlan plan,
            @ForAll @IntRange(min = 60, max = 130) int percent) {
        Set<String> even = even(Timeline.of(plan));

        for (Way way : fitted(plan, percent).ways()) {
            assertThat(SideTotals.of(Timeline.of(way.after())))
                    .filteredOn(total -> even.contains(total.exercise()))
                    .allMatch(SideTotals::even);
        }
    }

    private static Set<String> even(Timeline timeline) {
        return SideTotals.of(timeline).stream()
                .filter(total -> total.right().equals(total.left()))
                .map(SideTotals::exercise).collect(Collectors.toSet());
    }

    @Property(tries = 80, seed = "20261127")
    void aScreenGoesWithTheLastLineThatItAsksFor(@ForAll("plans") ClassPlan plan,
            @ForAll @IntRange(min = 60, max = 95) int percent) {
        for (Way way : fitted(plan, percent).ways()) {
            assertThat(way.after().entries().filter(Screen.class::isInstance).map(Screen.class::cast)
                    .filter(screen -> screen.instead().keySet().stream()
                            .anyMatch(id -> plan.find(id).isPresent())))
                    .allMatch(screen -> screen.instead().keySet().stream()
                            .anyMatch(id -> way.after().find(id).isPresent()));
        }
    }

    /** The clock that calls one station calls all of them. */
    @Property(tries = 80, seed = "20261127")
    void allStationsOfOneClockAreChangedAlike(@ForAll("plans") ClassPlan plan,
            @ForAll @IntRange(min = 60, max = 130) int percent) {
        for (Way way : fitted(plan, percent).ways()) {
            plan.circuits().filter(circuit -> way.after().find(circuit.id()).isPresent())
                    .forEach(circuit -> clocks(circuit).forEach((_, stations) -> assertThat(
                            stations.stream().map(way.after()::findItem).flatMap(Optional::stream)
                                    .map(AnyClassTest::clock).distinct())
                            .hasSizeLessThanOrEqualTo(1)));
        }
    }

    private static Map<Dose, List<EntryId>> clocks(Circuit circuit) {
        return circuit.items().stream().filter(item -> item.dose() instanceof Interval)
                .collect(Collectors.groupingBy(AnyClassTest::clock,
                        Collectors.mapping(Item::id, Collectors.toList())));
    }

    private static Dose clock(Item item) {
        return item.dose().withSides(Sides.TOGETHER);
    }

    /** The right side goes by the clock of the circuit, the left one by another: neither clock is changed. */
    @Test
    void aClockThatServesOneSideOnlyStays() {
        ClassPlan plan = Plans.of(20).segment("Circuit", Role.TONING, 120)
                .item(Exercises.SQUAT, "40 s on, 20 s off")
                .item(Exercises.SIDE_PLANK, "40 s on, 20 s off, right side")
                .item(Exercises.ROW, "40 s on, 20 s off").circuit(3, 2, 20)
                .item(Exercises.SIDE_PLANK, "2 x hold 40 s, rest 20 s, left side").bare();

        assertThat(fitted(plan, 80).ways()).allSatisfy(way -> assertThat(way.after().items().limit(3)
                .map(item -> item.dose().toString())).allMatch(dose -> dose.contains("PT40S")));
    }

    @Property(tries = 80, seed = "20261127")
    void aClassGoesOnEndingOnWhatItEndsOn(@ForAll("plans") ClassPlan plan,
            @ForAll @IntRange(min = 60, max = 130) int percent) {
        Optional<EntryId> last = plan.items().reduce((_, later) -> later).map(Item::id);

        for (Way way : fitted(plan, percent).ways()) {
            assertThat(way.after().items().reduce((_, later) -> later).map(Item::id)).isEqualTo(last);
        }
    }
}
