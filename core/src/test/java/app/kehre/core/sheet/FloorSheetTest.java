package app.kehre.core.sheet;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;

import static org.assertj.core.api.Assertions.assertThat;

/** What lies on the floor and is read standing, what lies at the stations, what is taken home. */
class FloorSheetTest {

    private static FloorSheet sheet(Plans plans) {
        return FloorSheet.of(Timeline.of(plans.plan()));
    }

    private static List<FloorSheet.Row.Line> lines(FloorSheet sheet) {
        return sheet.blocks().stream().flatMap(block -> block.rows().stream())
                .filter(FloorSheet.Row.Line.class::isInstance).map(FloorSheet.Row.Line.class::cast).toList();
    }

    @Test
    void theHeadSaysWhenWithHowManyAndWhoHasToBeLookedAfter() {
        FloorSheet sheet = sheet(
                Plans.of(45).segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, "12 reps")
                        .brief(brief -> brief
                                .with(brief.group().withLimit(Limit.WRIST, 1).withLimit(Limit.KNEE, 2))));

        assertThat(sheet.when()).isEqualTo("18:30 to 19:15");
        assertThat(sheet.who()).isEqualTo("12 people \u00b7 2 knee \u00b7 1 wrist");
        assertThat(sheet.stop()).contains("chest pain", "dizziness", "Local rules and professionals decide");
    }

    @Test
    void aWelcomeIsNotReadFromTheFloorAndWaterBetweenPartsStandsBehindTheOneBefore() {
        FloorSheet sheet = sheet(Plans.of(45).segment("Welcome", Role.TALK, 100).pause(Pause.Kind.TALK)
                .segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, "12 reps")
                .segment("Water", Role.PAUSE, 100).pause(Pause.Kind.WATER)
                .segment("Core", Role.CORE, 110).item(Exercises.PLANK, "hold 30 s"));

        assertThat(sheet.blocks()).extracting(FloorSheet.Block::name).containsExactly("Toning", "Core");
        assertThat(sheet.blocks().getFirst().rows().getLast()).isInstanceOf(FloorSheet.Row.Change.class)
                .extracting(row -> ((FloorSheet.Row.Change) row).words()).asString().contains("Water");
        assertThat(sheet.blocks()).extracting(FloorSheet.Block::tempo).containsExactly("120", "110");
        assertThat(sheet.blocks().getFirst().start()).as("by the clock of the hall, behind the welcome")
                .isEqualTo("18:31");
    }

    @Test
    void aLineSaysHowMuchOnWhichSideAndTheInstructorsOwnFewWords() {
        List<FloorSheet.Row.Line> lines = lines(sheet(Plans.of(45).segment("Toning", Role.TONING, 120)
                .item(Exercises.SQUAT, "2 x 12 reps, rest 20 s")
                .note("Heels down. And this is far too long to be read")
                .item(Exercises.SIDE_PLANK, "hold 20 s, each side")
                .item(Exercises.ROW, "10 reps").note("This note has many more words than anybody reads")));

        assertThat(lines).extracting(FloorSheet.Row.Line::dose).containsExactly("2 x 12", "20 s", "10");
        assertThat(lines).extracting(FloorSheet.Row.Line::sides).containsExactly("", "RL", "");
        assertThat(lines.get(0).cue()).containsExactly("Heels down");
        assertThat(lines.get(0).own()).isTrue();
        assertThat(lines.get(2).cue()).as("what must be in line, where the note is too long")
                .containsExactly("tall");
        assertThat(lines.get(2).own()).isFalse();
    }

    @Test
    void whatPeopleWithALimitDoStandsBesideTheLine() {
        ClassPlan plan = Plans.of(45).segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, "12 reps")
                .plan();
        Item squat = plan.items().findFirst().orElseThrow();
        FloorSheet sheet = FloorSheet
                .of(Timeline.of(plan.with(squat.withInstead(Map.of(Limit.KNEE, Exercises.ROW)))));

        assertThat(lines(sheet).getFirst().cue()).containsExactly("knee: Bent-over row");
    }

    @Test
    void aCircuitIsAWordWithItsRoundsAndItsStationsStandInside() {
        FloorSheet sheet = sheet(Plans.of(45).segment("Toning", Role.TONING, 120)
                .item(Exercises.SQUAT, "40 s on, 20 s off").item(Exercises.ROW, "40 s on, 20 s off")
                .circuit(2, 3, 30));

        assertThat(sheet.blocks().getFirst().rows()).contains(new FloorSheet.Row.Word("Circuit, 3 rounds"));
        assertThat(lines(sheet)).allMatch(FloorSheet.Row.Line::inside);
    }

    @Test
    void aCardHasOneBlockAndOnlyTheFirstSaysWhatGoesWhenLate() {
        FloorSheet sheet = sheet(
                Plans.of(20).segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, "3 x 20 reps")
                        .item(Exercises.ROW, "3 x 20 reps").segment("Core", Role.CORE, 110)
                        .item(Exercises.PLANK, "10 x hold 60 s, rest 10 s"));

        assertThat(sheet.late()).isNotEmpty();
        assertThat(sheet.only(sheet.blocks().getFirst()).late()).isEqualTo(sheet.late());
        assertThat(sheet.only(sheet.blocks().getLast()).late()).isEmpty();
        assertThat(sheet.only(sheet.blocks().getLast()).blocks()).hasSize(1);
    }

    @Test
    void whoIsLateForACircuitReadsTheClockOfAllItsStations() {
        Plans plans = Plans.of(10).segment("Circuit", Role.TONING, 120);
        for (int station = 0; station < 4; station++) {
            plans.item(Exercises.SQUAT, "40 s on, 12 s off").item(Exercises.ROW, "40 s on, 12 s off");
        }
        FloorSheet sheet = sheet(plans.circuit(8, 1, 10));

        assertThat(sheet.late()).isNotEmpty().first().asString().startsWith("5 min late: ");
        assertThat(sheet.late())
                .noneMatch(line -> line.contains("Squat 25 s") || line.contains("instead of"));
    }

    /** Nothing that is taught may be missing on the floor, whatever a class is made of. */
    @Property(tries = 100)
    void everyExerciseThatIsTaughtStandsOnTheFloor(@ForAll("plans") ClassPlan plan) {
        Set<String> there = lines(FloorSheet.of(Timeline.of(plan))).stream().map(FloorSheet.Row.Line::name)
                .collect(Collectors.toSet());

        plan.segments().stream().filter(segment -> !segment.leftOut()).flatMap(segment -> segment.items())
                .map(Item::name).map(name -> name.replaceFirst("(?<=\\w) stretch\\b", ""))
                .forEach(name -> assertThat(there).anyMatch(each -> each.startsWith(name)));
    }

    @Property(tries = 50)
    void whoBeginsLateNeverPaysWithTheWarmUpOrTheWayDown(@ForAll("plans") ClassPlan plan) {
        Set<String> ends = plan.segments().stream()
                .filter(segment -> Set.of(Role.WARM_UP, Role.STRETCH, Role.COOL_DOWN)
                        .contains(segment.role()))
                .flatMap(segment -> segment.items()).map(Item::name).collect(Collectors.toSet());
        Set<String> others = plan.segments().stream()
                .filter(segment -> !Set.of(Role.WARM_UP, Role.STRETCH, Role.COOL_DOWN)
                        .contains(segment.role()))
                .flatMap(segment -> segment.items()).map(Item::name).collect(Collectors.toSet());
        ends.removeAll(others);

        FloorSheet.of(Timeline.of(plan)).late().forEach(line -> ends.forEach(
                name -> assertThat(line).doesNotContain("without " + name)
                        .doesNotContain("late: " + name + " ")));
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Test
    void eachStationHasACardWithItsNumberItsOptionsAndItsSides() {
        List<StationCard> cards = StationCard.of(Plans.of(45).segment("Toning", Role.TONING, 120)
                .item(Exercises.SQUAT, "40 s on, 20 s off", "2 light weights")
                .item(Exercises.ROW, "40 s on, 20 s off, each side").circuit(2, 2, 30)
                .item(Exercises.PLANK, "hold 30 s").plan());

        assertThat(cards).hasSize(2);
        assertThat(cards.get(0))
                .isEqualTo(new StationCard("Circuit", 1, "Squat", "40 / 20 s", "2 light weights",
                        List.of("easier: smaller", "harder: slower"), ""));
        assertThat(cards.get(1).number()).isEqualTo(2);
        assertThat(cards.get(1).sides()).isEqualTo("right, then left");
        assertThat(StationCard.of(Plans.of(45).segment("Toning", Role.TONING, 120).plan())).isEmpty();
    }

    @Test
    void whatNeedsSomebodyWhoLooksOnIsNotTakenHome() {
        HandOut sheet = HandOut.of(Timeline.of(Plans.of(45).segment("Stretch", Role.STRETCH, 90)
                .item(Exercises.SQUAT, "12 reps").plan()));

        assertThat(sheet.pieces()).isEmpty();
        assertThat(sheet.day()).isEqualTo("24 November 2026");
        assertThat(sheet.caution()).contains("must not hurt", "ask your doctor");
    }
}
