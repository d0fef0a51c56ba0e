package app.kehre.trials.drafting;

import java.time.Duration;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

import app.kehre.core.drafting.Draft;
import app.kehre.core.drafting.Recutting;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.timeline.SideTotals;
import app.kehre.core.timeline.SlotFit;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Reading;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** Any class of the demo for any slot. */
class RecutClassesTest {

    /** A slot from which every class of the demo can be recut, in minutes. */
    private static final int ENOUGH = 20;
    private static final Library LIBRARY = BuiltInLibrary.load();

    @Provide
    Arbitrary<ClassPlan> classes() {
        return Arbitraries.of(DemoPlan.NAMES).map(name -> DemoPlan.load(name, LIBRARY).plan())
                .flatMap(plan -> Arbitraries.of(plan.items().map(Item::id).toList()).set().ofMaxSize(4)
                        .map(locked -> locked.stream().reduce(plan, RecutClassesTest::locked,
                                (one, _) -> one)));
    }

    private static ClassPlan locked(ClassPlan plan, EntryId id) {
        Item item = (Item) plan.entry(id);
        return plan.with(item.withDelivery(item.delivery().withLocked(true)));
    }

    @Property(tries = 16, seed = "20261127")
    void itEndsInTheNewSlotOrIsRefusedAndWhatIsLockedIsThere(@ForAll("classes") ClassPlan plan,
            @ForAll @IntRange(min = 12, max = 90) int minutes) {
        Reading<Draft> recut = Recutting.of(plan, LIBRARY, Duration.ofMinutes(minutes));

        if (recut.value().isEmpty()) {
            assertThat(minutes).as(recut.problem()).isLessThan(ENOUGH);
            return;
        }
        Draft after = recut.value().get();
        SlotFit fit = after.assessment().timeline().fit();
        assertThat(fit.slot()).isEqualTo(Duration.ofMinutes(minutes));
        assertThat(fit.over()).as(fit.words()).isFalse();
        assertThat(plan.items().filter(item -> item.delivery().locked()))
                .allSatisfy(item -> assertThat(after.plan().find(item.id())).contains(item));
        assertThat(SideTotals.of(after.assessment().timeline())).filteredOn(total -> !total.even())
                .extracting(SideTotals::exercise)
                .isSubsetOf(SideTotals.of(Timeline.of(plan)).stream().filter(total -> !total.even())
                        .map(SideTotals::exercise).toList());
    }
}
