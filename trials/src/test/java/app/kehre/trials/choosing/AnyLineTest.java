package app.kehre.trials.choosing;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

import app.kehre.core.brief.Brief;
import app.kehre.core.choosing.GroupFit;
import app.kehre.core.choosing.Suggestion;
import app.kehre.core.choosing.Suggestions;
import app.kehre.core.choosing.Swap;
import app.kehre.core.choosing.Swaps;
import app.kehre.core.choosing.Unanswered;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.kit.Equipment;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** What is offered for any line and any place of a class, whoever comes and whatever kit there is. */
class AnyLineTest {

    private static final Library LIBRARY = BuiltInLibrary.load();

    @Provide
    Arbitrary<ClassPlan> classes() {
        Arbitrary<Set<Limit>> limits = Arbitraries.of(Limit.class).set().ofMaxSize(3);
        Arbitrary<Set<Equipment>> missing = Arbitraries
                .of(Equipment.WEIGHT, Equipment.LONG_BAND, Equipment.CHAIR,
                        Equipment.STEP)
                .set().ofMaxSize(2);
        return Combinators.combine(Arbitraries.of(DemoPlan.NAMES), limits, missing)
                .as((name, watched, none) -> {
                    ClassPlan plan = DemoPlan.load(name, LIBRARY).plan();
                    Brief brief = plan.brief();
                    for (Limit limit : watched) {
                        brief = brief.with(brief.group().withLimit(limit, 2));
                    }
                    for (Equipment kind : none) {
                        brief = brief.with(brief.room().withCount(kind, OptionalInt.of(0)));
                    }
                    return plan.with(brief);
                });
    }

    private static Item line(ClassPlan plan, int which) {
        List<Item> items = plan.items().toList();
        return items.get(which % items.size());
    }

    private static boolean watched(ClassPlan plan, Exercise exercise) {
        return plan.brief().group().limits().keySet().stream()
                .anyMatch(limit -> exercise.cautionFor(limit).isPresent());
    }

    @Property(tries = 60, seed = "20261127")
    void aSwapSuitsThePeopleAndTheKitServesTheSameAndChangesItsLineAlone(@ForAll("classes") ClassPlan plan,
            @ForAll @IntRange(max = 60) int which) {
        Item line = line(plan, which);

        for (Swap swap : Swaps.of(plan, LIBRARY, line.id())) {
            ClassPlan swapped = swap.apply(plan);

            assertThat(watched(plan, swap.exercise())).isFalse();
            assertThat(swap.exercise().equipment()).allMatch(plan.brief().room()::has);
            assertThat(swap.exercise()).isNotEqualTo(line.exercise());
            assertThat(swapped.lines().map(Entry::id))
                    .containsExactlyElementsOf(plan.lines().map(Entry::id).toList());
            assertThat(((Item) swapped.entry(line.id())).exercise()).isEqualTo(swap.exercise());
            assertThat(Timeline.of(swapped).fit().length().minus(Timeline.of(plan).fit().length()))
                    .isEqualTo(swap.longer());
        }
    }

    @Property(tries = 60, seed = "20261127")
    void aSuggestionSuitsItsSegmentFindsItsKitAndTheMostFittingComesFirst(@ForAll("classes") ClassPlan plan,
            @ForAll @IntRange(max = 60) int which) {
        Item after = line(plan, which);
        Segment segment = plan.segmentOf(after.id()).orElseThrow();

        List<Suggestion> found = Suggestions.of(plan, LIBRARY, segment.id(), Optional.of(after.id()), "");

        assertThat(found).extracting(Suggestion::weight).isSortedAccordingTo(Comparator.reverseOrder());
        assertThat(found).allSatisfy(each -> {
            assertThat(each.exercise().suits(segment.role())).isTrue();
            assertThat(each.exercise().equipment()).allMatch(plan.brief().room()::has);
            assertThat(each.why()).isNotBlank();
        });
    }

    @Property(tries = 40, seed = "20261127")
    void everyCautionThatHasAnAnswerIsAnsweredAtOnceAndTheClassLastsAsLong(
            @ForAll("classes") ClassPlan plan) {
        List<GroupFit.Proposal> forThem = GroupFit.of(plan, LIBRARY).stream()
                .filter(GroupFit.Proposal.ForThem.class::isInstance).toList();

        ClassPlan answered = GroupFit.apply(plan, forThem);

        assertThat(Timeline.of(answered).total()).isEqualTo(Timeline.of(plan).total());
        assertThat(Unanswered.of(answered))
                .hasSizeLessThanOrEqualTo(Unanswered.of(plan).size() - forThem.size());
        assertThat(GroupFit.of(answered, LIBRARY)).noneMatch(GroupFit.Proposal.ForThem.class::isInstance);
    }
}
