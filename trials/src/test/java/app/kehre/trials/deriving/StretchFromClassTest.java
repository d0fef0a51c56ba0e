package app.kehre.trials.deriving;

import java.time.Duration;
import java.util.List;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import app.kehre.core.balance.Assessment;
import app.kehre.core.deriving.StretchFromClass;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.SideTotals;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** Demo classes get the stretch that follows from them. */
class StretchFromClassTest {

    private static final Library LIBRARY = BuiltInLibrary.load();

    private static StretchFromClass derived(String name, int minutes) {
        return StretchFromClass.of(DemoPlan.load(name, LIBRARY).plan(), LIBRARY, Duration.ofMinutes(minutes))
                .value()
                .orElseThrow();
    }

    private static Duration length(StretchFromClass derived) {
        Segment last = derived.plan().segments().stream().filter(each -> each.role() == Role.STRETCH)
                .reduce((_, later) -> later).orElseThrow();
        return Timeline.of(derived.plan()).ofSegment(last.id()).length();
    }

    /** How often people go down or up in it. */
    static long changes(List<Item> items) {
        List<Position.Level> levels = items.stream().map(item -> item.exercise().position().level()).toList();
        return IntStream.range(1, levels.size()).filter(i -> levels.get(i) != levels.get(i - 1)).count();
    }

    @Test
    void itBeginsWhereTheWorkEndedAndAfterTheFloorPeopleStandAtTheEnd() {
        List<Item> afterTheFloor = derived("saturday-core-and-stretch", 6).items();
        List<Item> afterStanding = derived("thursday-express-circuit", 6).items();

        assertThat(afterTheFloor.getFirst().exercise().position().level()).isEqualTo(Position.Level.FLOOR);
        assertThat(afterStanding.getFirst().exercise().position().level()).isEqualTo(Position.Level.STANDING);
    }

    @ParameterizedTest
    @ValueSource(strings = {"tuesday-evening-climb", "wednesday-morning-ease", "thursday-express-circuit",
            "friday-strong-and-steady", "saturday-core-and-stretch"})
    void itFitsGoesDownOnceHoldsLongEnoughAndServesBothSides(String name) {
        StretchFromClass derived = derived(name, 6);

        assertThat(length(derived)).isBetween(Duration.ofMinutes(3), Duration.ofMinutes(6));
        assertThat(changes(derived.items())).isLessThanOrEqualTo(1);
        assertThat(derived.covered()).isBetween(0.4, 1.0);
        assertThat(derived.items()).extracting(Item::id)
                .noneMatch(id -> DemoPlan.load(name, LIBRARY).plan().find(id).isPresent());
        assertThat(SideTotals.of(Timeline.of(derived.plan()))).allMatch(SideTotals::even);
        assertThat(Assessment.of(derived.plan(), LIBRARY).findings()).extracting(Finding::check)
                .doesNotContain("short-hold");
    }

    /** People wait for it, and it is no stretch. */
    @ParameterizedTest
    @ValueSource(strings = {"tuesday-evening-climb", "wednesday-morning-ease", "friday-strong-and-steady",
            "saturday-core-and-stretch"})
    void theQuietBreathingOnWhichTheClassEndsStaysTheLastAndIsNotCounted(String name) {
        ClassPlan before = DemoPlan.load(name, LIBRARY).plan();
        Item breathing = before.items().reduce((_, last) -> last).orElseThrow();
        StretchFromClass derived = derived(name, 6);

        assertThat(breathing.exercise().pattern()).isEqualTo(Pattern.BREATHING);
        assertThat(derived.plan().items().reduce((_, last) -> last)).contains(breathing);
        assertThat(derived.items()).doesNotContain(breathing);
        assertThat(derived.takeHome()).hasSizeLessThanOrEqualTo(4);
    }

    /** Neck and forearm, which are quick, were stretched in the place of the thighs that had squatted. */
    @ParameterizedTest
    @ValueSource(ints = {6, 7, 8, 9})
    void afterSquatsTheFrontOfTheThighIsStretchedBeforeWhatMerelyTookPart(int minutes) {
        assertThat(derived("friday-strong-and-steady", minutes).items()).extracting(Item::exercise)
                .anyMatch(each -> each.main().contains(Muscle.FRONT_THIGH));
    }

    @Test
    void moreMinutesReleaseMoreAndWhatDoesNotFitIsTakenHome() {
        StretchFromClass three = derived("friday-strong-and-steady", 3);
        StretchFromClass nine = derived("friday-strong-and-steady", 9);

        assertThat(nine.covered()).isGreaterThan(three.covered());
        assertThat(three.takeHome()).isNotEmpty();
        assertThat(three.plan().items().map(Item::note)).anyMatch(note -> note.startsWith("Take home: "));
        assertThat(three.takeHome())
                .doesNotContainAnyElementsOf(three.items().stream().map(Item::exercise).toList());
    }

    @Test
    void whatNothingStretchesIsSaidAndWhatIsForHomeNeedsNoKitOfTheHall() {
        ClassPlan plan = DemoPlan.load("friday-strong-and-steady", LIBRARY).plan();
        Library few = Library.of(LIBRARY.all().stream()
                .filter(each -> !each.suits(Role.STRETCH) || each.id().equals("hamstring-stretch")).toList());
        StretchFromClass derived = StretchFromClass.of(plan, few, Duration.ofMinutes(4)).value()
                .orElseThrow();

        assertThat(derived.without()).contains("buttocks").doesNotContain("back of the thigh");
        assertThat(StretchFromClass.propose(plan, few, Duration.ofMinutes(4)).ways().getFirst().notes())
                .anyMatch(note -> note.startsWith("Nothing that suits this group stretches: "));
    }

    @Test
    void withoutTimeTheReasonIsGiven() {
        assertThat(
                StretchFromClass.of(DemoPlan.load(LIBRARY).plan(), LIBRARY, Duration.ofSeconds(12)).problem())
                .isEqualTo("In 12 s there is no time for a single stretch.");
    }
}
