package app.kehre.core.catching;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

import app.kehre.core.brief.Goal;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Change;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.teaching.WayDown;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;

import static app.kehre.core.testing.Exercises.PLANK;
import static app.kehre.core.testing.Exercises.PULL;
import static app.kehre.core.testing.Exercises.ROW;
import static app.kehre.core.testing.Exercises.SQUAT;
import static org.assertj.core.api.Assertions.assertThat;

/** A class that is late is made to end on time, and what it is for is kept. */
class CatchingUpTest {

    /** No class is longer: three times as long it is still one that can be laid out. */
    private static final Duration LONGEST = Duration.ofHours(3);
    private static final Instant START = Instant.parse("2026-11-24T18:30:00Z");

    /** A round of a minute three times, two exercises for a minute, a stretch of a minute. */
    private final Plans plans = Plans.of(6).segment("Toning", Role.TONING, 120)
            .item(SQUAT, "15 reps 1-0-1 s").item(ROW, "15 reps 1-0-1 s").circuit(2, 3, 0)
            .item(ROW, "15 reps 1-0-1 s").item(SQUAT, "15 reps 1-0-1 s").segment("Stretch", Role.STRETCH, 90)
            .item(PLANK, "hold 60 s");

    private static Rest rest(ClassPlan plan, long at, long over) {
        Timeline timeline = Timeline.of(plan);
        TeachingRun run = TeachingRun.ready(timeline).start(START,
                START.plus(timeline.total()).minusSeconds(over));
        return Rest.of(run, START.plusSeconds(at), START.plusSeconds(at));
    }

    private static List<String> words(Proposal found) {
        return found.ways().getFirst().changes().stream().map(Change::words).toList();
    }

    @Test
    void aRoundThatHasNotBegunIsDroppedAndWhatHasBegunIsNot() {
        assertThat(words(CatchingUp.of(rest(plans.bare(), 70, 60))))
                .containsExactly("Circuit: 2 rounds instead of 3");
        assertThat(words(CatchingUp.of(rest(plans.bare(), 130, 25)))).noneMatch(
                words -> words.contains("round"));
    }

    @Test
    void whatWasPromisedGivesWayAfterWhatWasNot() {
        Plans promised = Plans.of(6).segment("Toning", Role.TONING, 120).item(SQUAT, "15 reps 1-0-1 s")
                .item(SQUAT, "15 reps 1-0-1 s").item(PULL, "15 reps 1-0-1 s").item(PULL, "15 reps 1-0-1 s")
                .item(SQUAT, "15 reps 1-0-1 s")
                .brief(brief -> brief.with(Goal.OPEN.with(SQUAT.main().getFirst(), true)));

        assertThat(words(CatchingUp.of(rest(promised.bare(), 10, 20)))).containsExactly("without Band pull");
        assertThat(words(CatchingUp.of(rest(promised.bare(), 10, 59)))).as("both, then what was promised")
                .filteredOn(words -> words.equals("without Band pull")).hasSize(2);
    }

    @Test
    void whatCannotBeMadeUpIsRefusedInWords() {
        Proposal found = CatchingUp.of(rest(plans.bare(), 241, 59));

        assertThat(found.ways()).isEmpty();
        assertThat(found.reason()).isEqualTo(
                "No change of doses, rounds and lines makes up 0:59.");
        assertThat(CatchingUp.of(rest(plans.bare(), 200, 150)).reason()).isEqualTo(
                "No change of doses, rounds and lines makes up 2:30: F goes to the way down.");
    }

    @Test
    void muchTimeThatIsLeftIsFilled() {
        Rest early = rest(plans.bare(), 10, -200);

        assertThat(CatchingUp.isWorthIt(early, CatchingUp.THRESHOLD)).isTrue();
        assertThat(CatchingUp.of(early).ways()).isNotEmpty().allSatisfy(way -> assertThat(
                CatchingUp.lengthWith(early, way.after())).isBetween(early.length(), early.left()));
    }

    @Property(tries = 120)
    void aWayEndsOnTimeAndKeepsTheWayDownAndWhatWasPromised(@ForAll("plans") ClassPlan plan,
            @ForAll @IntRange(min = 0, max = 99) int part, @ForAll @IntRange(min = 31, max = 900) int over) {
        Duration total = Timeline.of(plan).total();
        Assume.that(total.compareTo(LONGEST) < 0);
        Rest rest = rest(plan, total.toSeconds() * part / 100, over);
        Set<EntryId> down = WayDown.of(plan).stream().flatMap(segment -> segment.lines()).map(Entry::id)
                .collect(Collectors.toSet());

        for (Way way : CatchingUp.of(rest).ways()) {
            assertThat(CatchingUp.lengthWith(rest, way.after())).isLessThanOrEqualTo(rest.left());
            assertThat(way.after().lines().map(Entry::id)).containsAll(down);
            assertThat(plan.entries().filter(entry -> rest.begun(entry.id()))
                    .filter(entry -> plan.circuitOf(entry.id()).isEmpty() && entry.inside().isEmpty()))
                    .allSatisfy(entry -> assertThat(way.after().find(entry.id())).contains(entry));
        }
    }

    @Property(tries = 60)
    void aPromisedAreaIsDroppedOnlyWhenAllElseTogetherIsNotEnough(@ForAll("plans") ClassPlan drawn,
            @ForAll @IntRange(min = 31, max = 600) int over) {
        Assume.that(Timeline.of(drawn).total().compareTo(LONGEST) < 0);
        Muscle area = SQUAT.main().getFirst();
        ClassPlan plan = withOthers(drawn).with(drawn.brief().with(Goal.OPEN.with(area, true)));
        Rest rest = rest(plan, 0, over);
        ClassPlan bare = plan;
        for (Entry entry : plan.entries().filter(entry -> rest.main(entry) && !rest.begun(entry.id())
                && !rest.promised(entry) && !entry.locked()).toList()) {
            bare = bare.remove(entry.id());
        }
        boolean enough = CatchingUp.lengthWith(rest, bare).compareTo(rest.left()) <= 0;

        assertThat(CatchingUp.of(rest).ways()).allSatisfy(way -> assertThat(
                !enough || serves(way.after(), area) == serves(plan, area)).isTrue());
    }

    /** Every second exercise works something else. */
    private static ClassPlan withOthers(ClassPlan drawn) {
        ClassPlan plan = drawn;
        for (Item item : drawn.items().filter(item -> item.id().hashCode() % 2 == 0).toList()) {
            plan = plan.with(item.withExercise(PULL));
        }
        return plan;
    }

    private static boolean serves(ClassPlan plan, Muscle area) {
        return plan.items().anyMatch(item -> item.exercise().main().contains(area));
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }
}
