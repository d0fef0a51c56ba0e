package app.kehre.trials.deriving;

import java.time.Duration;
import java.util.List;
import java.util.function.Predicate;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

import app.kehre.core.deriving.StretchFromClass;
import app.kehre.core.deriving.WarmUpFromClass;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Reading;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** A warm-up and a stretch for any class, around anything that stays. */
class AnyClassTest {

    private static final Library LIBRARY = BuiltInLibrary.load();

    @Provide
    Arbitrary<ClassPlan> classes() {
        return Arbitraries.of(DemoPlan.NAMES).map(name -> DemoPlan.load(name, LIBRARY).plan())
                .flatMap(plan -> Arbitraries.of(plan.items().map(Item::id).toList()).set().ofMaxSize(6)
                        .map(gone -> gone.stream().reduce(plan,
                                (now, id) -> now.find(id).isPresent() ? now.remove(id) : now,
                                (one, _) -> one)));
    }

    private static Segment part(ClassPlan plan, Role role) {
        return plan.segments().stream().filter(each -> each.role() == role && !each.leftOut())
                .reduce((first, last) -> role == Role.STRETCH ? last : first).orElseThrow();
    }

    private static Predicate<Entry> some(ClassPlan plan, Role role, int mask) {
        List<Entry> lines = part(plan, role).entries();
        return line -> lines.indexOf(line) >= 0 && (mask >> lines.indexOf(line) & 1) == 1;
    }

    private static void stay(ClassPlan before, ClassPlan after, Role role, Predicate<Entry> stays) {
        List<Entry> kept = part(before, role).entries().stream().filter(stays).toList();
        assertThat(part(after, role).entries().stream().filter(kept::contains))
                .containsExactlyElementsOf(kept);
    }

    @Property(tries = 60, seed = "20261127")
    void theStretchFitsItsMinutesServesBothSidesAndWhatStaysIsInItsOrder(@ForAll("classes") ClassPlan plan,
            @ForAll @IntRange(min = 3, max = 12) int minutes, @ForAll @IntRange(max = 31) int mask) {
        Predicate<Entry> stays = some(plan, Role.STRETCH, mask);

        Reading<StretchFromClass> found = StretchFromClass.of(plan, LIBRARY, Duration.ofMinutes(minutes),
                stays);

        if (found.value().isEmpty()) {
            assertThat(found.problem()).isNotBlank();
            return;
        }
        StretchFromClass derived = found.value().get();
        Segment stretch = part(derived.plan(), Role.STRETCH);
        assertThat(Timeline.of(derived.plan()).ofSegment(stretch.id()).length())
                .isLessThanOrEqualTo(Duration.ofMinutes(minutes));
        stay(plan, derived.plan(), Role.STRETCH, stays);
        assertThat(derived.covered()).isBetween(0.0, 1.0);
        assertThat(derived.items()).filteredOn(item -> plan.find(item.id()).isEmpty())
                .allSatisfy(item -> assertThat(derived.plan().why(item)).startsWith("releases "));
        assertThat(StretchFromClassTest.changes(derived.items().stream()
                .filter(item -> plan.find(item.id()).isEmpty()).toList())).isLessThanOrEqualTo(1);
        assertThat(derived.takeHome()).doesNotContainAnyElementsOf(
                derived.items().stream().map(Item::exercise).toList());
    }

    @Property(tries = 60, seed = "20261127")
    void theWarmUpFitsItsMinutesRisesAndWhatStaysIsInItsOrder(@ForAll("classes") ClassPlan plan,
            @ForAll @IntRange(min = 3, max = 12) int minutes, @ForAll @IntRange(max = 31) int mask) {
        Predicate<Entry> stays = some(plan, Role.WARM_UP, mask);

        Reading<WarmUpFromClass> found = WarmUpFromClass.of(plan, LIBRARY, Duration.ofMinutes(minutes),
                stays);

        if (found.value().isEmpty()) {
            assertThat(found.problem()).isNotBlank();
            return;
        }
        WarmUpFromClass derived = found.value().get();
        Segment warmUp = part(derived.plan(), Role.WARM_UP);
        assertThat(Timeline.of(derived.plan()).ofSegment(warmUp.id()).length())
                .isLessThanOrEqualTo(Duration.ofMinutes(minutes));
        stay(plan, derived.plan(), Role.WARM_UP, stays);
        assertThat(derived.items()).filteredOn(WarmUpFromClassTest::bigMove)
                .extracting(item -> item.exercise().work().mets().value()).isSorted();
    }
}
