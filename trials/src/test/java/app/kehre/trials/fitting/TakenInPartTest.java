package app.kehre.trials.fitting;

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
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.proposal.Change;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;
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

        Optional<Way> way(ClassPlan plan, int number) {
            Duration part = Duration.ofMinutes(4 + number % 8);
            Proposal proposal = switch (this) {
                case FIT -> Fitting.of(plan, new Fitting.Asked(
                        Timeline.of(plan).total().minusSeconds(20L * number), Optional.empty()));
                case RECUT -> Recutting.propose(plan, LIBRARY, Duration.ofMinutes(25 + 2L * number));
                case DRAFT -> Proposal.of(Drafting.anew(plan, LIBRARY, List.of(), number)
                        .map(draft -> draft.way(plan)));
                case REGROUP -> Regrouping.propose(plan);
                case WARM_UP -> WarmUpFromClass.propose(plan, LIBRARY, part);
                case STRETCH -> StretchFromClass.propose(plan, LIBRARY, part);
            };
            return proposal.ways().stream().findFirst();
        }
    }

    @Provide
    Arbitrary<ClassPlan> classes() {
        return Arbitraries.of(DemoPlan.NAMES).map(name -> DemoPlan.load(name, LIBRARY).plan());
    }

    @Property(tries = 30, seed = "20261127")
    void anyTickedPartOfAProposalIsAClassWithNumbersOfItsOwn(@ForAll("classes") ClassPlan plan,
            @ForAll Kind kind, @ForAll @IntRange(min = 1, max = 20) int number, @ForAll long ticks) {
        List<Change> changes = kind.way(plan, number).map(Way::changes).orElse(List.of());
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

    @Property(tries = 24, seed = "20261127")
    void allTickedIsTheClassThatWasProposed(@ForAll("classes") ClassPlan plan, @ForAll Kind kind,
            @ForAll @IntRange(min = 1, max = 20) int number) {
        Optional<Way> way = kind.way(plan, number);

        way.ifPresent(proposed -> {
            ClassPlan taken = Change.all(plan, proposed.changes());
            assertThat(taken.brief()).isEqualTo(proposed.after().brief());
            assertThat(taken.segments()).isEqualTo(proposed.after().segments());
            assertThat(taken.lines())
                    .allSatisfy(line -> assertThat(taken.why(line)).isEqualTo(proposed.after().why(line)));
        });
    }
}
