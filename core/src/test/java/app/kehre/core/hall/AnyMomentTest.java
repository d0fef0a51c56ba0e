package app.kehre.core.hall;

import java.time.Duration;
import java.time.Instant;
import java.util.List;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Pause;
import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;

import static org.assertj.core.api.Assertions.assertThat;

/** What the hall says at any moment of any class. */
class AnyMomentTest {

    private static final Instant START = Instant.parse("2026-11-24T18:30:00Z");

    private static Moment at(Timeline timeline, Duration place) {
        TeachingRun run = TeachingRun.ready(timeline).start(START, START.plusSeconds(7200));
        return Moment.of(run, START.plus(place));
    }

    /** Whatever a dose is made of, the wall has words for it, and never shows two lines that say the same. */
    @Property(tries = 150)
    void theWallHasWordsForEverySpan(@ForAll("plans") ClassPlan plan,
            @ForAll @DoubleRange(min = 0, max = 0.99) double part) {
        Timeline timeline = Timeline.of(plan);
        for (Span span : timeline.spans()) {
            Duration inside = Duration.ofNanos((long) (span.stretch().length().toNanos() * part));
            Moment moment = at(timeline, span.start().plus(inside));
            assertThat(HallWords.now(moment)).isNotBlank();
            Say.of(moment, timeline).ifPresent(say -> {
                assertThat(say.in()).as("what is to be said lies ahead")
                        .isGreaterThanOrEqualTo(Duration.ZERO);
                assertThat(say.words()).isNotBlank();
            });
            assertThat(EffortDue.of(moment, timeline)).matches("|effort (up to )?\\d+( to \\d+)?");
            assertThat(GroupWall.of(moment, timeline)).isNotNull();
            assertThat(Beads.of(moment)).isNotNull();
        }
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Test
    void pairsAreCountedInTurn() {
        Timeline timeline = Timeline.of(Plans.one(Exercises.SQUAT, "10 pairs"));

        assertThat(HallWords.now(at(timeline, Duration.ofSeconds(1)))).contains("of 10");
    }

    /** A change is announced in the last eight counts: at 120 BPM four seconds before. */
    @ParameterizedTest
    @CsvSource({"0, 16, Bent-over row", "10, 6, Bent-over row", "16, 0, Bent-over row",
            "19, 0, Bent-over row"})
    void whatComesIsSaidAnEightBeforeItBegins(int second, int in, String words) {
        Timeline timeline = Timeline.of(Plans.of(30).segment("Toning", Role.TONING, 120)
                .item(Exercises.SQUAT, "10 reps").item(Exercises.ROW, "10 reps").bare());
        Say say = Say.of(at(timeline, Duration.ofSeconds(second)), timeline).orElseThrow();

        assertThat(say.in()).isEqualTo(Duration.ofSeconds(in));
        assertThat(say.when()).isEqualTo(in == 0 ? "say now" : "say in %d s".formatted(in));
        assertThat(say.words()).isEqualTo(words);
        assertThat(say.how()).as("the cue that goes with it").isEqualTo("Do");
    }

    @Test
    void theSecondSideAndAPauseAreSaidAndAtTheEndNothing() {
        Timeline timeline = Timeline.of(Plans.of(30).segment("Core", Role.CORE, 120)
                .item(Exercises.SIDE_PLANK, "hold 20 s, each side").pause(Pause.Kind.WATER).bare());
        List<String> said = List.of(Duration.ofSeconds(5), Duration.ofSeconds(30)).stream()
                .map(place -> Say.of(at(timeline, place), timeline).map(Say::words).orElse("nothing"))
                .toList();

        assertThat(said).containsExactly("to the left", "water");
        assertThat(Say.of(at(timeline, timeline.total().minusSeconds(1)), timeline)).isEmpty();
        assertThat(Say.of(at(timeline, timeline.total().plusSeconds(1)), timeline)).isEmpty();
    }

    @Test
    void whereNobodyWorksNoEffortIsDue() {
        Timeline timeline = Timeline.of(Plans.of(30).segment("Welcome", Role.TALK, 100).pause(Pause.Kind.TALK)
                .segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, "20 reps").bare());

        assertThat(EffortDue.of(at(timeline, Duration.ofSeconds(5)), timeline)).isEmpty();
        assertThat(EffortDue.of(at(timeline, Duration.ofSeconds(70)), timeline)).isEqualTo("effort 4 to 7");
        assertThat(EffortDue.of(at(timeline, timeline.total().plusSeconds(9)), timeline)).isEmpty();
    }
}
