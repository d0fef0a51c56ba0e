package app.kehre.trials.fitting;

import java.time.Duration;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.balance.Assessment;
import app.kehre.core.brief.Goal;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Role;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Change;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.SideTotals;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** Demo classes are made to end at other slots. */
class FittingTest {

    private static final Library LIBRARY = BuiltInLibrary.load();

    private static Proposal fitted(ClassPlan plan, int minutes) {
        return Fitting.of(plan, new Fitting.Asked(Duration.ofMinutes(minutes), Optional.empty()));
    }

    private static ClassPlan demo(String name) {
        return DemoPlan.load(name, LIBRARY).plan();
    }

    @ParameterizedTest
    @CsvSource({"tuesday-evening-climb, 60", "tuesday-evening-climb, 55", "tuesday-evening-climb, 53",
            "wednesday-morning-ease, 45", "wednesday-morning-ease, 40", "thursday-express-circuit, 30",
            "thursday-express-circuit, 25", "friday-strong-and-steady, 60", "friday-strong-and-steady, 55",
            "saturday-core-and-stretch, 18"})
    void aClassEndsAtTheSlotOrJustUnderIt(String name, int minutes) {
        Proposal found = fitted(demo(name), minutes);

        assertThat(found.reason()).isEmpty();
        assertThat(found.ways()).isNotEmpty().allSatisfy(way -> {
            Duration left = Duration.ofMinutes(minutes).minus(Timeline.of(way.after()).total());
            assertThat(left).isBetween(Duration.ZERO, Duration.ofSeconds(15));
            assertThat(way.after()).isEqualTo(Change.all(demo(name), way.changes()));
        });
    }

    @Test
    void whatWasPromisedIsShortenedOnlyWhenWhatWasNotGivesNothingMore() {
        ClassPlan plan = demo("tuesday-evening-climb");
        ClassPlan even = plan.with(plan.brief()
                .with(new Goal(Set.of(Muscle.BUTTOCKS, Muscle.FRONT_TRUNK), Set.of())));
        Set<EntryId> promised = even.items()
                .filter(item -> item.exercise().main().stream()
                        .anyMatch(even.brief().goal().areas()::contains))
                .map(Item::id).collect(Collectors.toSet());

        assertThat(fitted(even, 57).ways()).isNotEmpty().allSatisfy(way -> assertThat(way.changes())
                .extracting(change -> change.entry().orElseThrow()).doesNotContainAnyElementsOf(promised));
    }

    @Test
    void whatIsLockedStaysAndTheReasonNamesIt() {
        ClassPlan plan = demo("thursday-express-circuit");
        ClassPlan locked = plan.items().reduce(plan,
                (now, item) -> now
                        .with(((Item) now.entry(item.id())).withDelivery(item.delivery().withLocked(true))),
                (one, _) -> one);
        Proposal found = fitted(locked, 15);

        assertThat(found.ways()).isEmpty();
        assertThat(found.reason()).startsWith("Even at the least doses the class is ").contains("locked: ");
    }

    @Test
    void whatCannotBeStretchedSoFarIsRefusedWithTheTrueReason() {
        assertThat(fitted(demo("saturday-core-and-stretch"), 45).reason())
                .isEqualTo("Even at the most doses the class is 15:08 too short.");
    }

    @Test
    void bothSidesStayEqualAndRoundsAlike() {
        ClassPlan plan = demo("saturday-core-and-stretch");
        for (Way way : fitted(plan, 40).ways()) {
            assertThat(SideTotals.of(Timeline.of(way.after()))).allMatch(SideTotals::even);
        }
    }

    @Test
    void oneSegmentIsFittedByItself() {
        ClassPlan plan = demo("friday-strong-and-steady");
        Segment segment = plan.segments().stream().filter(each -> each.role() == Role.TONING).findFirst()
                .orElseThrow();
        Duration shorter = Timeline.of(plan).ofSegment(segment.id()).length().minusSeconds(90);
        Proposal found = Fitting.of(plan, new Fitting.Asked(shorter, Optional.of(segment.id())));

        assertThat(found.ways()).isNotEmpty().allSatisfy(way -> {
            assertThat(Timeline.of(way.after()).ofSegment(segment.id()).length())
                    .isLessThanOrEqualTo(shorter);
            assertThat(way.changes())
                    .allMatch(change -> plan.segmentOf(change.entry().orElseThrow()).orElseThrow()
                            .equals(segment));
        });
    }

    @Test
    void stretchesAreHeldAsLongAsTheClassAsksWhileAnythingElseCanGiveWay() {
        ClassPlan plan = demo("wednesday-morning-ease");
        ClassPlan shorter = fitted(plan, 42).ways().getFirst().after();

        assertThat(shortHolds(shorter)).isEqualTo(shortHolds(plan));
    }

    private static long shortHolds(ClassPlan plan) {
        return Assessment.of(plan, LIBRARY).findings().stream()
                .filter(finding -> finding.check().equals("short-hold")).count();
    }
}
