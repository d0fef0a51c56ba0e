package app.kehre.formats.fitting;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

import app.kehre.core.deriving.StretchFromClass;
import app.kehre.core.deriving.WarmUpFromClass;
import app.kehre.core.drafting.Drafting;
import app.kehre.core.drafting.Recutting;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.fitting.Change;
import app.kehre.core.fitting.Differences;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.regrouping.Regrouping;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** Whatever Kehre proposes can be taken whole or in any part. */
class TakenInPartTest {

    private static final Library LIBRARY = BuiltInLibrary.load();

    /** Every kind of proposal, as the changes that would be ticked. */
    private enum Kind {
        FIT, RECUT, DRAFT, REGROUP, WARM_UP, STRETCH;

        List<Change> changes(ClassPlan plan, int number) {
            return switch (this) {
                case FIT -> Fitting.of(plan, new Fitting.Asked(
                        Timeline.of(plan).total().minusSeconds(20L * number), Optional.empty())).ways()
                        .stream()
                        .findFirst().map(Fitting.Way::changes).orElse(List.of());
                case RECUT -> Differences.ofSegments(plan,
                        Recutting.of(plan, LIBRARY, Duration.ofMinutes(25 + 2L * number)).plan());
                case DRAFT ->
                    Differences.ofSegments(plan, Drafting.anew(plan, LIBRARY, List.of(), number).plan());
                case REGROUP -> Differences.ofSegments(plan,
                        Regrouping.of(plan).stream().map(Regrouping::plan).reduce(plan, (_, last) -> last));
                case WARM_UP -> {
                    WarmUpFromClass derived = WarmUpFromClass.of(plan, LIBRARY,
                            Duration.ofMinutes(4 + number % 8));
                    yield Differences.ofLines(plan, derived.plan(), segment(derived.plan(), Role.WARM_UP));
                }
                case STRETCH -> {
                    StretchFromClass derived = StretchFromClass.of(plan, LIBRARY,
                            Duration.ofMinutes(4 + number % 8));
                    yield Differences.ofLines(plan, derived.plan(), segment(derived.plan(), Role.STRETCH));
                }
            };
        }

        private static SegmentId segment(ClassPlan plan, Role role) {
            return plan.segments().stream().filter(each -> each.role() == role && !each.leftOut())
                    .map(Segment::id).reduce((first, last) -> role == Role.STRETCH ? last : first)
                    .orElseThrow();
        }
    }

    @Provide
    Arbitrary<ClassPlan> classes() {
        return Arbitraries.of(DemoPlan.NAMES).map(name -> DemoPlan.load(name, LIBRARY).plan());
    }

    @Property(tries = 30, seed = "20261127")
    void anyTickedPartOfAProposalIsAClassWithNumbersOfItsOwn(@ForAll("classes") ClassPlan plan,
            @ForAll Kind kind, @ForAll @IntRange(min = 1, max = 20) int number, @ForAll long ticks) {
        List<Change> changes = kind.changes(plan, number);
        List<Change> ticked = IntStream.range(0, changes.size())
                .filter(at -> (ticks >> at % Long.SIZE & 1) == 1)
                .mapToObj(changes::get).toList();

        ClassPlan part = Change.all(plan, ticked);

        assertThat(Timeline.of(part).total()).isPositive();
        if (ticked.isEmpty()) {
            assertThat(part).isEqualTo(plan);
        }
        assertThat(part.lines().map(Entry::id)).doesNotHaveDuplicates();
        assertThat(Change.all(plan, changes).lines().map(Entry::id)).doesNotHaveDuplicates();
    }

    @Property(tries = 8, seed = "20261127")
    void allTickedIsTheClassThatWasProposed(@ForAll("classes") ClassPlan plan,
            @ForAll @IntRange(min = 1, max = 20) int number) {
        for (ClassPlan proposed : List.of(Drafting.anew(plan, LIBRARY, List.of(), number).plan(),
                Recutting.of(plan, LIBRARY, Duration.ofMinutes(25 + 2L * number)).plan())) {
            ClassPlan taken = Change.all(plan.with(proposed.brief()), Differences.ofSegments(plan, proposed));

            assertThat(taken.segments()).isEqualTo(proposed.segments());
            assertThat(taken.lines())
                    .allSatisfy(line -> assertThat(taken.why(line)).isEqualTo(proposed.why(line)));
        }
    }
}
