package app.kehre.trials.deriving;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import app.kehre.core.balance.Assessment;
import app.kehre.core.brief.School;
import app.kehre.core.deriving.WarmUpFromClass;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Reps;
import app.kehre.core.dose.Stage;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** Demo classes get the warm-up that follows from them. */
class WarmUpFromClassTest {

    private static final Library LIBRARY = BuiltInLibrary.load();

    private static final Set<String> MISSED = Set.of("not-prepared", "no-preview", "short-warm-up");

    private static ClassPlan demo(String name) {
        return DemoPlan.load(name, LIBRARY).plan();
    }

    private static List<String> missedBy(WarmUpFromClass derived) {
        List<EntryId> lines = derived.items().stream().map(Item::id).toList();
        return Assessment.of(derived.plan(), LIBRARY).findings().stream()
                .filter(finding -> MISSED.contains(finding.check().replaceAll("/.*", ""))
                        || finding.check().startsWith("caution")
                                && finding.entry().filter(lines::contains).isPresent())
                .map(Finding::check).toList();
    }

    private static Duration length(WarmUpFromClass derived) {
        Segment warmUp = derived.plan().segments().stream().filter(each -> each.role() == Role.WARM_UP)
                .findFirst()
                .orElseThrow();
        return Timeline.of(derived.plan()).ofSegment(warmUp.id()).length();
    }

    @ParameterizedTest
    @ValueSource(strings = {"tuesday-evening-climb", "wednesday-morning-ease", "thursday-express-circuit",
            "friday-strong-and-steady", "saturday-core-and-stretch"})
    void itPreparesAndShowsAllThatComesInARisingOrderAndFillsItsMinutes(String name) {
        ClassPlan plan = demo(name);
        Duration minutes = plan.thresholds().edge(plan.brief().slot()).plusSeconds(15);

        WarmUpFromClass derived = WarmUpFromClass.of(plan, LIBRARY, minutes).value().orElseThrow();

        assertThat(derived.missing()).isEmpty();
        assertThat(length(derived)).isBetween(minutes.minusSeconds(15), minutes);
        assertThat(derived.items()).filteredOn(WarmUpFromClassTest::bigMove)
                .extracting(item -> item.exercise().work().mets().value()).isSorted();
        assertThat(derived.items()).extracting(derived.plan()::why).doesNotContain("");
        assertThat(missedBy(derived)).isEmpty();
    }

    static boolean bigMove(Item item) {
        return item.dose() instanceof Counts && item.exercise().work().mets().value() >= 3.5;
    }

    @Test
    void aLivelyClassMovesFromTheFirstBeatAndTurnsToSingleJointsWhenItIsWarm() {
        WarmUpFromClass derived = WarmUpFromClass.of(demo("tuesday-evening-climb"), LIBRARY,
                Duration.ofMinutes(8)).value().orElseThrow();
        Timeline timeline = Timeline.of(derived.plan());

        List<Item> first = derived.items().stream()
                .takeWhile(WarmUpFromClassTest::bigMove).toList();

        assertThat(first.stream().map(timeline::lengthOf).reduce(Duration.ZERO, Duration::plus))
                .isGreaterThan(Duration.ofSeconds(90));
        assertThat(derived.items().getLast()).matches(WarmUpFromClassTest::bigMove);
        assertThat(derived.items()).filteredOn(WarmUpFromClassTest::bigMove)
                .extracting(item -> item.exercise().footwork()).filteredOn(Optional::isPresent)
                .as("no two with the same steps").doesNotHaveDuplicates();
    }

    /** Five eights in turn give one side more; nobody does 17 rows; 14 moves are a list and no flow. */
    @ParameterizedTest
    @ValueSource(strings = {"tuesday-evening-climb", "wednesday-morning-ease", "thursday-express-circuit",
            "friday-strong-and-steady", "saturday-core-and-stretch"})
    void itKeepsToThePhrasesOfTheMusicAndToAFewMoves(String name) {
        for (int minutes = 4; minutes <= 9; minutes++) {
            WarmUpFromClass derived = WarmUpFromClass.of(demo(name), LIBRARY, Duration.ofMinutes(minutes))
                    .value()
                    .orElseThrow();

            assertThat(derived.items()).as("%d min", minutes).hasSizeLessThanOrEqualTo(13)
                    .allSatisfy(item -> {
                        if (item.dose() instanceof Counts counts) {
                            assertThat(counts.counts() % 32).as("%s %s", item.name(), counts).isZero();
                        } else if (item.dose() instanceof Reps reps
                                && reps.stages().getFirst() instanceof Stage.Moves moves) {
                            assertThat(moves.number() % 2).as("%s %s", item.name(), reps).isZero();
                        }
                    });
        }
    }

    @Test
    void inTooLittleTimeTheMostLoadedJointsAreReadyAndTheOthersAreNamed() {
        WarmUpFromClass derived = WarmUpFromClass.of(demo("friday-strong-and-steady"), LIBRARY,
                Duration.ofSeconds(50)).value().orElseThrow();

        assertThat(derived.items()).isNotEmpty();
        assertThat(length(derived)).isLessThanOrEqualTo(Duration.ofSeconds(50));
        assertThat(derived.missing()).isNotEmpty();
    }

    @Test
    void wristsBeforePlanksAreMovedForAsLongAsItTakes() {
        WarmUpFromClass derived = WarmUpFromClass.of(demo("saturday-core-and-stretch"), LIBRARY,
                Duration.ofMinutes(6)).value().orElseThrow();
        Timeline timeline = Timeline.of(derived.plan());

        assertThat(derived.items())
                .filteredOn(item -> item.exercise().work().prepares().contains(Joint.WRIST))
                .isNotEmpty().allSatisfy(item -> assertThat(timeline.lengthOf(item))
                        .isGreaterThanOrEqualTo(Duration.ofSeconds(19)));
    }

    @Test
    void theSchoolOfTheClassDecidesWhatFillsTheMinutes() {
        ClassPlan plan = demo("friday-strong-and-steady");
        WarmUpFromClass flow = WarmUpFromClass.of(with(plan, School.WarmUp.MOBILITY_FLOW), LIBRARY,
                Duration.ofMinutes(8)).value().orElseThrow();
        WarmUpFromClass ramp = WarmUpFromClass
                .of(with(plan, School.WarmUp.RAMP), LIBRARY, Duration.ofMinutes(8))
                .value().orElseThrow();

        assertThat(flow.items()).filteredOn(item -> item.exercise().pattern() == Pattern.MOBILITY)
                .hasSizeGreaterThan(flow.items().size() / 2);
        assertThat(length(ramp)).isLessThan(Duration.ofMinutes(4));
    }

    @Test
    void waterAndWhatIsLockedStayAndNewLinesHaveNumbersOfTheirOwn() {
        ClassPlan plan = demo("thursday-express-circuit");
        Segment old = plan.segments().stream().filter(each -> each.role() == Role.WARM_UP).findFirst()
                .orElseThrow();

        WarmUpFromClass derived = WarmUpFromClass.of(plan, LIBRARY, Duration.ofMinutes(6)).value()
                .orElseThrow();

        assertThat(derived.plan().segment(old.id()).entries()).contains(old.entries().getLast());
        assertThat(derived.items()).extracting(Item::id).noneMatch(id -> plan.find(id).isPresent());
        assertThat(length(derived)).isLessThanOrEqualTo(Duration.ofMinutes(6));
    }

    private static ClassPlan with(ClassPlan plan, School school) {
        return plan.with(plan.brief().with(plan.brief().schools().with(school)));
    }
}
