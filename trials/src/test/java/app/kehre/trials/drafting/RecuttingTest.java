package app.kehre.trials.drafting;

import java.time.Duration;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.balance.Assessment;
import app.kehre.core.drafting.Draft;
import app.kehre.core.drafting.Recutting;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.timeline.SlotFit;
import app.kehre.core.value.Reading;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** The demo classes for other slots. */
class RecuttingTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    private static final long SPARE = 30;
    private static final long UNDER = 15;

    private static ClassPlan demo(String name) {
        return DemoPlan.load(name, LIBRARY).plan();
    }

    private static Reading<Draft> recut(ClassPlan plan, int minutes) {
        return Recutting.of(plan, LIBRARY, Duration.ofMinutes(minutes));
    }

    @ParameterizedTest
    @CsvSource({"tuesday-evening-climb, 45", "tuesday-evening-climb, 30", "tuesday-evening-climb, 75",
            "friday-strong-and-steady, 45", "friday-strong-and-steady, 75", "wednesday-morning-ease, 60",
            "thursday-express-circuit, 20", "saturday-core-and-stretch, 30"})
    void itEndsInTheNewSlotWithNothingSeriousThatWasNotThereBefore(String name, int minutes) {
        ClassPlan before = demo(name);

        Draft after = recut(before, minutes).value().orElseThrow();

        SlotFit fit = after.assessment().timeline().fit();
        assertThat(after.plan().brief().slot()).isEqualTo(Duration.ofMinutes(minutes));
        assertThat(fit.spare().toSeconds()).isBetween(SPARE, SPARE + UNDER);
        List<Finding> found = Assessment.of(before, LIBRARY).findings();
        assertThat(after.open()).filteredOn(each -> found.stream().noneMatch(each::same)).isEmpty();
    }

    @Test
    void whatIsLockedStaysAndNoExerciseTakesThePlaceOfAnother() {
        ClassPlan demo = demo("friday-strong-and-steady");
        Item squat = demo.items()
                .filter(item -> demo.segmentOf(item.id()).orElseThrow().role() == Role.TONING)
                .findFirst().orElseThrow();
        ClassPlan locked = demo.with(squat.withDelivery(squat.delivery().withLocked(true)));

        ClassPlan after = recut(locked, 30).value().orElseThrow().plan();

        assertThat(after.find(squat.id())).contains(locked.entry(squat.id()));
        assertThat(after.items()).allSatisfy(item -> assertThat(demo.find(item.id()).map(Entry::name))
                .matches(name -> name.isEmpty() || name.get().equals(item.name())));
    }

    @Test
    void aClassWithoutAMainPartIsRefused() {
        ClassPlan demo = demo("tuesday-evening-climb");

        assertThat(recut(new ClassPlan(demo.brief(), List.of()), 30).problem())
                .isEqualTo("There is no main part to cut or to stretch out yet; it can be drafted.");
    }

    @Test
    void aSlotThatLeavesNoMainPartIsRefused() {
        assertThat(recut(demo("tuesday-evening-climb"), 10).problem()).startsWith("A slot of 10 min leaves");
    }
}
