package app.kehre.trials.choosing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

import app.kehre.core.advice.Severity;
import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Effect;
import app.kehre.core.brief.Format;
import app.kehre.core.brief.Room;
import app.kehre.core.choosing.GroupFit;
import app.kehre.core.choosing.Suggestion;
import app.kehre.core.choosing.Suggestions;
import app.kehre.core.choosing.Swap;
import app.kehre.core.choosing.Swaps;
import app.kehre.core.choosing.Unanswered;
import app.kehre.core.edit.Skeleton;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.Finding;
import app.kehre.core.kit.Equipment;
import app.kehre.core.people.Group;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static app.kehre.core.testing.Ids.line;
import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;

/** Choosing from the library that ships, for the demo class. */
class ChoosingTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    private static final ClassPlan DEMO = DemoPlan.load(LIBRARY).plan();

    private static ClassPlan demoFor(Group group) {
        return DEMO.with(DEMO.brief().with(group));
    }

    private static Group soreKneesAndOnePregnant() {
        return Group.of(18).withLimit(Limit.KNEE, 3).withLimit(Limit.PREGNANCY, 1);
    }

    private static List<Finding> cautions(ClassPlan plan) {
        return Assessment.of(plan, LIBRARY).findings().stream()
                .filter(finding -> finding.check().startsWith("caution")).toList();
    }

    private static Exercise exercise(String id) {
        return LIBRARY.find(id).orElseThrow();
    }

    private static Item item(ClassPlan plan, String exercise) {
        return plan.items().filter(each -> each.exercise().id().equals(exercise)).findFirst().orElseThrow();
    }

    private static Segment segment(ClassPlan plan, Role role) {
        return plan.segments().stream().filter(each -> each.role() == role).findFirst().orElseThrow();
    }

    @Test
    void aCautionWithoutAnAnswerIsAFindingThatSaysWhatWhereAndWhyAndHowToMendIt() {
        ClassPlan plan = demoFor(soreKneesAndOnePregnant());
        List<Finding> findings = cautions(plan);
        Item curl = item(plan, "curl-up");
        Finding finding = findings.stream().filter(each -> each.isAt(curl.id())).findFirst()
                .orElseThrow();

        assertThat(finding.severity()).isEqualTo(Severity.STOP);
        assertThat(finding.what())
                .isEqualTo("Curl-up: pregnancy, 1 person. Nothing else is planned for this person.");
        assertThat(finding.why())
                .isEqualTo("Curl-up carries the usual caution \"on hands and knees: opposite arm and leg\"."
                        + " It is a caution, no diagnosis: the local rules and licensed professionals come first.");
        assertThat(finding.mends()).extracting(Way::words).first()
                .isEqualTo("Opposite arm and leg for pregnancy (1)");
        assertThat(findings).extracting(Finding::severity).isSorted();
    }

    @Test
    void everyMendMakesItsFindingGoAway() {
        ClassPlan plan = demoFor(soreKneesAndOnePregnant());
        for (Finding finding : cautions(plan)) {
            assertThat(finding.mends()).isNotEmpty();
            for (Way mend : finding.mends()) {
                assertThat(cautions(mend.after())).as(mend.words())
                        .noneMatch(each -> each.entry().equals(finding.entry())
                                && each.what().equals(finding.what()));
                Effect effect = Effect.of(Assessment.of(plan, LIBRARY), mend.after(), LIBRARY);
                assertThat(effect.gone()).extracting(Finding::what).contains(finding.what());
                assertThat(Timeline.of(mend.after()).fit().length())
                        .isEqualTo(Timeline.of(plan).fit().length().plus(effect.longer()));
            }
        }
    }

    @Test
    void withoutLimitsNothingIsFound() {
        assertThat(cautions(demoFor(Group.of(18)))).isEmpty();
    }

    @Property(tries = 60)
    void aClassThatWasMadeToFitAnyGroupHasNoCautionUnanswered(@ForAll("groups") Group group) {
        ClassPlan plan = demoFor(group);
        ClassPlan fitted = GroupFit.apply(plan, GroupFit.of(plan, LIBRARY));

        assertThat(Unanswered.of(fitted)).isEmpty();
        assertThat(fitted.lines()).hasSameSizeAs(plan.lines().toList());
        assertThat(GroupFit.of(fitted, LIBRARY)).isEmpty();
    }

    @Provide
    Arbitrary<Group> groups() {
        Arbitrary<Map<Limit, Integer>> limits = Arbitraries
                .maps(Arbitraries.of(Limit.class), Arbitraries.integers().between(1, 5)).ofMaxSize(4);
        return limits.map(each -> new Group(18, Group.Ages.USUAL, Group.Mix.USUAL, each));
    }

    @Test
    void whenMostHaveItAllDoSomethingElseAndWhenFewDoOnlyThey() {
        ClassPlan few = demoFor(Group.of(18).withLimit(Limit.NECK, 1));
        ClassPlan most = demoFor(Group.of(18).withLimit(Limit.NECK, 9));

        assertThat(GroupFit.of(few, LIBRARY)).singleElement().isInstanceOf(GroupFit.Proposal.ForThem.class);
        assertThat(GroupFit.of(most, LIBRARY)).singleElement().isInstanceOf(GroupFit.Proposal.ForAll.class);
    }

    @Test
    void swapsServeTheSamePurposeInTheSameTimeWithTheKitThatIsThere() {
        ClassPlan plan = DEMO.with(DEMO.brief().with(soreKneesAndOnePregnant())
                .with(Room.UNKNOWN.withCount(Equipment.CHAIR, OptionalInt.of(0))));
        List<Swap> swaps = Swaps.of(plan, LIBRARY, item(plan, "push-up").id());

        assertThat(swaps).hasSizeBetween(3, 12).allSatisfy(swap -> {
            assertThat(swap.exercise().work().share(Muscle.CHEST)).isPositive();
            assertThat(swap.exercise().equipment()).doesNotContain(Equipment.CHAIR);
            assertThat(swap.exercise().cautionFor(Limit.PREGNANCY)).isEmpty();
            assertThat(swap.exercise().suits(Role.CORE) || swap.exercise().suits(Role.TONING)).isTrue();
            assertThat(Timeline.of(swap.apply(plan)).fit().length())
                    .isEqualTo(Timeline.of(plan).fit().length().plus(swap.longer()));
        });
        assertThat(swaps.getFirst().item().dose()).isEqualTo(item(plan, "push-up").dose());
        assertThat(swaps.getFirst().exercise().id()).isEqualTo("wall-push-up");
    }

    @Test
    void aSwapSaysWhatWouldChange() {
        ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120)
                .item(exercise("squat"), "2 x 12 reps 2-0-2 s, rest 15 s").bare();
        Swap swap = Swaps.of(plan, LIBRARY, line(1)).stream()
                .filter(each -> each.exercise().id().equals("goblet-squat")).findFirst().orElseThrow();

        assertThat(swap.changes()).containsExactly("5.0 to 5.5 METs", "needs weight");
        assertThat(swap.item().dose()).isEqualTo(item(plan, "squat").dose());
    }

    @Test
    void inACircuitTheClockOfTheCircuitStays() {
        ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120)
                .item(exercise("squat"), "40 s on, 20 s off").bare();

        assertThat(Swaps.of(plan, LIBRARY, line(1))).isNotEmpty()
                .filteredOn(
                        swap -> swap.exercise().usualDose().sides() == exercise("squat").usualDose().sides())
                .allMatch(swap -> swap.item().dose().equals(item(plan, "squat").dose()));
    }

    @Test
    void aSuggestionSaysWhyItStandsWhereItDoes() {
        ClassPlan promised = DEMO.with(DEMO.brief().with(DEMO.brief().goal().with(Muscle.INNER_THIGH, true)));
        Segment toning = segment(promised, Role.TONING);
        List<Suggestion> found = Suggestions.of(promised, LIBRARY, toning.id(), Optional.empty(), "");

        assertThat(found.getFirst().exercise().main()).contains(Muscle.INNER_THIGH);
        assertThat(found.getFirst().why()).startsWith("inner thigh promised, not served yet");
        assertThat(found).allMatch(each -> each.exercise().suits(Role.TONING));
    }

    @Test
    void theWarmUpIsOfferedWhatIsNotPreparedYetAndTheStretchWhatIsNotReleased() {
        ClassPlan unprepared = DEMO.remove(line(203));
        Segment warmUp = segment(unprepared, Role.WARM_UP);
        Segment stretch = segment(DEMO, Role.STRETCH);

        assertThat(Suggestions.of(unprepared, LIBRARY, warmUp.id(), Optional.empty(), "").getFirst().why())
                .contains("prepares ");
        assertThat(Suggestions.of(DEMO, LIBRARY, stretch.id(), Optional.empty(), "").getFirst().why())
                .startsWith("releases ");
    }

    @Test
    void whatIsTypedLeadsAndTheWordsWarnOfLimitsAndMissingKit() {
        ClassPlan plan = DEMO.with(DEMO.brief().with(soreKneesAndOnePregnant())
                .with(Room.UNKNOWN.withCount(Equipment.WEIGHT, OptionalInt.of(0))));
        Segment toning = segment(plan, Role.TONING);

        assertThat(Suggestions.of(plan, LIBRARY, toning.id(), Optional.empty(), "goblet")).first()
                .satisfies(each -> assertThat(each.why()).isEqualTo("no weights, care: knee"));
        assertThat(Suggestions.of(plan, LIBRARY, toning.id(), Optional.empty(), "")).noneMatch(
                each -> each.exercise().equipment().contains(Equipment.WEIGHT));
        assertThat(Suggestions.of(plan, LIBRARY, part(99), Optional.empty(), "squat")).isEmpty();
    }

    @Test
    void stepsAreSetOutForNoOneExerciseButAStepClassHasThemAnyway() {
        ClassPlan onTheFloor = begun(Format.LOW_IMPACT);
        ClassPlan onTheStep = begun(Format.STEP);

        assertThat(why(onTheFloor, "sways beside the step")).contains("steps to be set out for it");
        assertThat(why(onTheStep, "sways beside the step")).doesNotContain("steps");
    }

    private static ClassPlan begun(Format format) {
        return Skeleton.of(DEMO.brief().date()).with(DEMO.brief().with(format));
    }

    private static String why(ClassPlan plan, String typed) {
        return Suggestions.of(plan, LIBRARY, segment(plan, Role.WARM_UP).id(), Optional.empty(), typed)
                .getFirst().why();
    }

    @Test
    void nothingIsFetchedForOneExerciseIfAnotherServesAsWell() {
        Segment stretch = segment(DEMO, Role.STRETCH);

        List<Suggestion> found = Suggestions.of(DEMO, LIBRARY, stretch.id(), Optional.empty(), "");

        assertThat(DEMO.items()).noneMatch(each -> each.exercise().equipment().contains(Equipment.CHAIR));
        assertThat(found.subList(0, 5))
                .noneMatch(each -> each.exercise().equipment().contains(Equipment.CHAIR));
        assertThat(Suggestions.of(DEMO, LIBRARY, stretch.id(), Optional.empty(), "lean between the knees")
                .getFirst().why())
                .contains("chairs to be fetched for it");
    }
}
