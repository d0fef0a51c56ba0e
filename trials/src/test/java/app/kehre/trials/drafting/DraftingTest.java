package app.kehre.trials.drafting;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

import app.kehre.core.advice.Threshold;
import app.kehre.core.balance.Assessment;
import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Format;
import app.kehre.core.brief.School;
import app.kehre.core.choosing.Belongs;
import app.kehre.core.choreography.Combination;
import app.kehre.core.drafting.Draft;
import app.kehre.core.drafting.Drafting;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.Finding;
import app.kehre.core.kit.Equipment;
import app.kehre.core.pace.Pace;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Chosen;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.SlotFit;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Reading;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** Whole classes from their briefs alone. */
class DraftingTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    private static final int BRIEFS = 100;
    /** A class wants so much for a late start; a draft leaves that and hardly more. */
    private static final int SPARE = 30;
    private static final int UNDER = 15;

    private static ClassPlan begun(Brief brief) {
        return new ClassPlan(brief, List.of(), Pace.usual(brief.group().older()));
    }

    private static Draft draft(Brief brief, long seed) {
        return Drafting.of(begun(brief), LIBRARY, List.of(), seed).value().orElseThrow();
    }

    @Test
    void aHundredBriefsOfEveryFormatEndInTheirSlotWithNothingSeriousFound() {
        List<String> bad = IntStream.rangeClosed(1, BRIEFS).parallel().mapToObj(number -> {
            Draft draft = draft(Briefs.feasible(number), number);
            SlotFit fit = draft.assessment().timeline().fit();
            boolean ends = fit.spare().toSeconds() >= SPARE && fit.spare().toSeconds() <= SPARE + UNDER;
            return draft.open().isEmpty() && ends
                    ? ""
                    : "%d: %s %s".formatted(number,
                            draft.open().stream().map(Finding::what).toList(),
                            fit.words());
        }).filter(each -> !each.isEmpty()).toList();

        assertThat(bad).isEmpty();
    }

    @Test
    void draftsAreOfWhatBelongsTheirCoreOfTheTrunkTheirDancesOfBasicsFirstAndNoHandsAreEmpty() {
        for (int number = 1; number <= 20; number++) {
            Brief brief = Briefs.feasible(number);
            ClassPlan plan = draft(brief, number).plan();

            assertThat(plan.items().map(Item::exercise)).as("brief %d", number)
                    .allMatch(each -> Belongs.in(brief, each));
            isTaughtInBlocks(plan, number);
            if (brief.format() != Format.STRETCH_AND_TONE) {
                assertThat(plan.segments().stream().filter(each -> each.role() == Role.TONING)
                        .flatMap(Segment::items).map(Item::exercise).map(Exercise::id)).as("brief %d", number)
                        .doesNotContain("upright-squeeze-row", "fist-press-up", "arm-press-back",
                                "front-raise-low");
            }
        }
    }

    @Test
    void aPartThatIsDancedAndHasRoomLeftIsFilledWithoutASecondDance() {
        ClassPlan plan = draft(usual(Format.LOW_IMPACT), 3).plan();
        Segment danced = plan.segments().stream()
                .filter(each -> each.entries().stream().anyMatch(BuildUp.class::isInstance)).findFirst()
                .orElseThrow();
        ClassPlan begun = plan.with(danced.withTarget(danced.target().plusMinutes(6)))
                .with(plan.brief().withSlot(plan.brief().slot().plusMinutes(6)));

        Draft filled = Drafting.of(begun, LIBRARY, List.of(), 3).value().orElseThrow();

        assertThat(filled.plan().segment(danced.id()).entries()).containsAll(danced.entries())
                .filteredOn(BuildUp.class::isInstance).hasSize(1);
    }

    @Test
    void aToningPartTooShortForTwoRoundsIsFilledAllTheSame() {
        ClassPlan plan = draft(usual(Format.CONDITIONING), 1).plan();
        Segment part = plan.segments().stream().filter(each -> each.role() == Role.TONING).findFirst()
                .orElseThrow();
        ClassPlan begun = plan
                .with(plan.brief().with(plan.brief().schools().with(School.Teaching.TALK_IT_THROUGH)))
                .with(part.withEntries(List.of()).withTarget(Duration.ofMinutes(2)));

        assertThat(Drafting.filling(begun, part.id(), LIBRARY, List.of(), 1)).isNotNull();
    }

    @Test
    void toningComesInRounds() {
        assertThat(draft(usual(Format.CONDITIONING), 1).plan().segments())
                .filteredOn(each -> each.role() == Role.TONING).allMatch(each -> each.entries().stream()
                        .anyMatch(line -> line instanceof Circuit circuit && circuit.rounds() >= 2));
    }

    private static void isTaughtInBlocks(ClassPlan plan, int number) {
        List<Exercise> core = plan.segments().stream().filter(each -> each.role() == Role.CORE)
                .flatMap(Segment::items).map(Item::exercise).distinct().toList();

        assertThat(core.stream().filter(DraftingTest::ofTheTrunk).count())
                .as("brief %d: %s", number, core)
                .isGreaterThanOrEqualTo(Math.ceilDiv(core.size(), 2));
        assertThat(plan.buildUps().flatMap(each -> each.build().combinations().stream()))
                .as("brief %d", number)
                .allMatch(each -> !each.moves().getFirst().facts().afterTheBasics())
                .allMatch(each -> each.moves().size() >= 2 && each.counts() == Combination.PHRASE);
    }

    private static boolean ofTheTrunk(Exercise exercise) {
        return EnumSet.of(Family.TRUNK, Family.BACK).contains(exercise.family())
                || exercise.pattern() == Pattern.HINGE || exercise.main().contains(Muscle.FRONT_TRUNK);
    }

    @Test
    void theSameSeedGivesTheSameClassAndAnotherSeedAnother() {
        Brief brief = Briefs.feasible(6);

        assertThat(draft(brief, 1).plan()).isEqualTo(draft(brief, 1).plan());
        assertThat(draft(brief, 2).plan()).isNotEqualTo(draft(brief, 1).plan());
    }

    @Test
    void newcomersTryTheirBalanceBeforeLungesAndSeeWhatComesInTheWarmUp() {
        List<Draft> drafts = LongStream.range(1, 9).mapToObj(seed -> draft(usual(Format.CONDITIONING), seed))
                .toList();

        assertThat(drafts).anyMatch(draft -> draft.plan().lines().anyMatch(Screen.class::isInstance));
        assertThat(drafts).allSatisfy(draft -> assertThat(draft.assessment().findings())
                .noneMatch(found -> found.check().equals("no-balance-screen")
                        || found.check().startsWith("not-prepared")));
    }

    private static Brief usual(Format format) {
        return Brief
                .of("A class", LocalDate.of(2026, 12, 1), LocalTime.of(18, 30), Duration.ofMinutes(45), 12)
                .with(format);
    }

    @Test
    void aClassThatGoesOverCountsMoreThanOneThatEndsInItsSlot() {
        ClassPlan ends = draft(usual(Format.MIXED), 1).plan();
        ClassPlan over = ends.with(ends.brief().withSlot(Duration.ofMinutes(42)));

        assertThat(points(over)).isGreaterThan(points(ends) + 3 * 4);
    }

    private static double points(ClassPlan plan) {
        return new Draft(plan, Assessment.of(plan, LIBRARY)).penalty();
    }

    /** Ten minutes to spare in a slot of five would leave nothing to draft. */
    @Test
    void whatAClassWantsSpareLeavesThreeQuartersOfAShortSlot() {
        Brief brief = usual(Format.EXPRESS).withSlot(Duration.ofMinutes(15));
        ClassPlan begun = begun(brief);
        ClassPlan plan = Drafting
                .of(begun.with(begun.thresholds().with(Threshold.SPARE, 600)), LIBRARY, List.of(), 1)
                .value().orElseThrow().plan();

        assertThat(Timeline.of(plan).total()).isBetween(Duration.ofMinutes(10), Duration.ofMinutes(12));
    }

    @Test
    void everyLineSaysWhyItIsThere() {
        Draft draft = draft(Briefs.feasible(7), 1);

        assertThat(draft.plan().lines())
                .allSatisfy(line -> assertThat(draft.plan().why(line)).isNotBlank());
        assertThat(draft.plan().chosen()).extracting(Chosen::why).anyMatch(why -> why.startsWith("prepares "))
                .anyMatch(why -> why.startsWith("releases ")).contains("water is due");
    }

    /** The half minute that is left spare counted against every draft, so that each was made five times. */
    @Test
    void aClassThatLeavesItsMomentSpareHasNothingAgainstIt() {
        Draft draft = draft(Briefs.feasible(7), 1);

        assertThat(draft.assessment().timeline().fit().spare()).isBetween(Duration.ofSeconds(30),
                Duration.ofSeconds(45));
        assertThat(draft.assessment().findings()).isEmpty();
        assertThat(draft.penalty()).isLessThan(0.5);
    }

    @Test
    void whatTheGroupDidLatelyIsVaried() {
        Brief brief = Briefs.feasible(9);
        ClassPlan first = draft(brief, 1).plan();

        ClassPlan second = Drafting.of(begun(brief), LIBRARY, List.of(first), 1).value().orElseThrow().plan();

        Set<String> before = toned(first);
        long again = toned(second).stream().filter(before::contains).count();
        assertThat(2 * again).as("%s again of %s", again, before).isLessThan(before.size());
    }

    private static Set<String> toned(ClassPlan plan) {
        return plan.segments().stream().filter(each -> each.role() == Role.TONING || each.role() == Role.CORE)
                .flatMap(Segment::lines).filter(Item.class::isInstance)
                .map(line -> ((Item) line).exercise().id())
                .collect(Collectors.toSet());
    }

    @Test
    void theEmptyRestOfAHalfFilledClassIsDraftedAndWhatIsThereStays() {
        ClassPlan whole = DemoPlan.load(LIBRARY).plan();
        ClassPlan half = whole;
        for (Segment segment : whole.segments()) {
            half = segment.role() == Role.AEROBIC || segment.role() == Role.TALK
                    ? half
                    : half.with(segment.withEntries(List.of()));
        }

        Draft draft = Drafting.of(half, LIBRARY, List.of(), 3).value().orElseThrow();

        assertThat(draft.plan().lines().toList()).containsAll(half.lines().toList());
        assertThat(draft.plan().segments()).noneMatch(each -> each.entries().isEmpty());
        assertThat(draft.assessment().timeline().fit().over()).isFalse();
    }

    @Test
    void aHalfFilledSegmentIsFilledUpAndTheLinesThatAreThereStay() {
        ClassPlan whole = draft(usual(Format.CONDITIONING), 2).plan();
        Segment toning = of(whole, Role.TONING);
        Segment stretch = of(whole, Role.STRETCH);
        ClassPlan half = whole.with(toning.withEntries(toning.entries().subList(0, 2)))
                .with(stretch.withEntries(stretch.entries().subList(0, 3)));

        Draft draft = Drafting.of(half, LIBRARY, List.of(), 3).value().orElseThrow();

        assertThat(draft.plan().segment(toning.id()).entries()).hasSizeGreaterThan(2)
                .containsSubsequence(toning.entries().get(0), toning.entries().get(1));
        assertThat(draft.plan().lines().filter(half.lines().toList()::contains))
                .containsExactlyElementsOf(half.lines().toList());
        assertThat(draft.assessment().timeline().fit().over()).isFalse();
    }

    private static Segment of(ClassPlan plan, Role role) {
        return plan.segments().stream().filter(each -> each.role() == role).findFirst().orElseThrow();
    }

    @Test
    void noWaterComesRightBeforeAPauseForWater() {
        ClassPlan demo = DemoPlan.load(LIBRARY).plan();

        for (long seed = 1; seed <= 4; seed++) {
            List<Entry> lines = Drafting.anew(demo, LIBRARY, List.of(), seed).value().orElseThrow().plan()
                    .entries().toList();
            for (int at = 1; at < lines.size(); at++) {
                assertThat(isWater(lines.get(at)) && isWater(lines.get(at - 1)))
                        .as("draft %d, two waters at line %d: %s", seed, at, lines).isFalse();
            }
        }
    }

    private static boolean isWater(Entry line) {
        return line instanceof Pause pause && pause.kind() == Pause.Kind.WATER;
    }

    @Test
    void aClassIsDrawnAnewButForWhatIsLocked() {
        ClassPlan whole = draft(usual(Format.CONDITIONING), 2).plan();
        ClassPlan locked = Stream.of(Role.WARM_UP, Role.TONING, Role.STRETCH)
                .map(role -> (Item) of(whole, role).lines().filter(Item.class::isInstance).toList()
                        .getLast())
                .reduce(whole, (plan, item) -> plan.with(item.withDelivery(item.delivery().withLocked(true))),
                        (one, _) -> one);

        Draft anew = Drafting.anew(locked, LIBRARY, List.of(), 9).value().orElseThrow();

        List<Entry> stayed = locked.lines()
                .filter(line -> line instanceof Item item && item.delivery().locked()).toList();
        assertThat(stayed).hasSize(3);
        assertThat(anew.plan().lines().toList()).containsAll(stayed);
        assertThat(toned(anew.plan())).isNotEqualTo(toned(whole));
        assertThat(anew.open()).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("impossible")
    void aBriefThatCannotBeMetIsRefusedWithItsTrueReason(ClassPlan start, String reason) {
        Reading<Draft> draft = Drafting.of(start, LIBRARY, List.of(), 1);

        assertThat(draft.problem()).isEqualTo(reason);
    }

    static List<Arguments> impossible() {
        List<Arguments> all = new ArrayList<>();
        for (int slot : new int[]{5, 8, 10, 12}) {
            all.add(Arguments.of(begun(Briefs.feasible(slot).withSlot(Duration.ofMinutes(slot))),
                    tooShort(slot)));
        }
        for (int number : new int[]{1, 11, 21, 31}) {
            Brief brief = Briefs.feasible(number);
            int steps = brief.people() - 2;
            all.add(Arguments.of(
                    begun(brief.with(brief.room().withCount(Equipment.STEP, OptionalInt.of(steps)))),
                    "A step class for %1$d people needs %1$d steps; there are %2$d.".formatted(brief.people(),
                            steps)));
        }
        for (int number : new int[]{2, 3, 4, 15}) {
            Brief brief = Briefs.feasible(number);
            int each = brief.format() == Format.CONDITIONING || brief.format() == Format.STRETCH_AND_TONE
                    ? 3
                    : 4;
            all.add(Arguments.of(begun(brief.with(brief.room().withFloor(5 * each + 1))),
                    "%d m\u00b2 of floor are enough for 5 people, %d m\u00b2 each, and %d come.".formatted(
                            5 * each + 1, each,
                            brief.people())));
        }
        for (int slot : new int[]{20, 25, 30, 35}) {
            ClassPlan demo = DemoPlan.load(LIBRARY).plan();
            all.add(Arguments.of(demo.with(demo.brief().withSlot(Duration.ofMinutes(slot))),
                    "What is in the class already takes 58:51, %d:51 more than the slot."
                            .formatted(58 - slot)));
        }
        ClassPlan full = draft(usual(Format.MIXED), 4).plan();
        all.add(Arguments.of(
                full.segments().stream()
                        .reduce(full, (plan, each) -> plan.with(each.withTarget(Duration.ofMinutes(1))),
                                (one, _) -> one),
                "Nothing is left to draft: every segment is filled to its target."));
        return all;
    }

    private static String tooShort(int slot) {
        return "A slot of %d min leaves %s for the main part: warm-up and cool-down take 3:00 each, and less than 6 min is no main part."
                .formatted(slot, slot == 12 ? "4:45" : slot == 10 ? "2:45" : slot == 8 ? "0:45" : "nothing");
    }
}
