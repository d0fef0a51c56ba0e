package app.kehre.desk.control;

import java.time.Duration;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Set;

import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.timeline.Tally;
import app.kehre.core.timeline.Timeline;

import static org.assertj.core.api.Assertions.assertThat;

/** What the road shows of a class. */
class SwitchbackSceneTest {

    private final Timeline timeline = Timeline.of(Plans.of(45).segment("Toning", Role.TONING, 120)
            .item(Exercises.SQUAT, "40 reps").item(Exercises.SIDE_PLANK, "hold 20 s, each side")
            .item(Exercises.ROW, "6 reps").item(Exercises.SQUAT, "6 reps").circuit(2, 3, 30).plan());
    private final SwitchbackScene scene = SwitchbackScene.of(timeline);

    @Test
    void namesAreSaidInTheFirstRoundAndRoundsAfterIt() {
        assertThat(scene.blocks().stream().map(scene::label)).containsExactly("Squat", "Side plank",
                "Side plank", "Bent-over row", "Squat", "rest", "round 2", "", "rest", "round 3", "");
        assertThat(scene.blocks().stream().map(block -> block.side().letter())).startsWith("", "R", "L", "");
    }

    @Test
    void theRoadIsAsLongAsTheSlotOrTheClass() {
        assertThat(scene.rows()).isEqualTo(5);
        Timeline longer = Timeline.of(Plans.of(5).segment("Toning", Role.TONING, 120)
                .item(Exercises.SQUAT, "26 min on").bare());
        assertThat(scene.with(longer).rows()).isEqualTo(3);
    }

    @Test
    void anEmptyClassShowsItsShapeFromTheFirstSecond() {
        Timeline empty = Timeline.of(Plans.of(20).segment("Warm-up", Role.WARM_UP, 120).bare());
        ClassPlan shaped = empty.plan().with(
                empty.plan().segments().getFirst().withTarget(Duration.ofMinutes(8)));

        assertThat(scene.with(Timeline.of(shaped)).ghosts()).singleElement().satisfies(ghost -> {
            assertThat(ghost.words()).isEqualTo("Warm-up 8:00");
            assertThat(ghost.stretch()).isEqualTo(new Stretch(Duration.ZERO, Duration.ofMinutes(8)));
        });
    }

    @Test
    void whatIsMissingFollowsWhatIsThereAndWhatIsOverIsMarked() {
        ClassPlan plan = timeline.plan();
        Segment toning = plan.segments().getFirst();
        Duration length = timeline.ofSegment(toning.id()).length().truncatedTo(ChronoUnit.MINUTES);
        SwitchbackScene missing = scene
                .with(Timeline.of(plan.with(toning.withTarget(length.multipliedBy(2)))));
        SwitchbackScene over = scene.with(Timeline.of(plan.with(toning.withTarget(length.dividedBy(2)))));

        assertThat(missing.ghosts()).singleElement().satisfies(ghost -> {
            assertThat(ghost.stretch().start()).isEqualTo(timeline.total());
            assertThat(ghost.words()).startsWith("Toning, ").endsWith(" missing");
        });
        assertThat(missing.overlong()).isEmpty();
        assertThat(over.ghosts()).isEmpty();
        assertThat(over.overlong()).singleElement()
                .satisfies(stretch -> assertThat(stretch.start()).isEqualTo(length.dividedBy(2)));
    }

    @Test
    void aFollowedRoadShowsTheRowInWhichTheClassStands() {
        SwitchbackScene followed = scene.following(Duration.ofMinutes(23), 2);

        assertThat(followed.firstRow()).isEqualTo(2);
        assertThat(followed.rows()).isEqualTo(2);
        assertThat(scene.following(Duration.ofMinutes(44), 2).firstRow()).isEqualTo(3);
    }

    @Test
    void aFilterLeavesOnlyWhatIsWantedInFullColour() {
        Span explaining = first(Phase.EXPLAIN);
        Span work = first(Phase.WORK);
        SwitchbackScene filtered = scene.withFilter(Set.of(Tally.Use.EXPLAINING));

        assertThat(filtered.paled(explaining)).isZero();
        assertThat(filtered.paled(work)).isGreaterThan(0.5);
        assertThat(scene.paled(work)).isZero();
        assertThat(List.of(scene.paled(explaining), scene.paled(first(Phase.REST))))
                .allMatch(paled -> paled > 0);
    }

    private Span first(Phase phase) {
        return timeline.spans().stream().filter(span -> span.phase() == phase).findFirst().orElseThrow();
    }
}
