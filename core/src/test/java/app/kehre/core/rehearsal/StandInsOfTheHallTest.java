package app.kehre.core.rehearsal;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.stream.IntStream;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;

import static org.assertj.core.api.Assertions.assertThat;

/** The straps and the deck that ship with Kehre instead of real ones: they fail as real ones do, the same for a seed. */
class StandInsOfTheHallTest {

    private static final Instant BEGUN = Instant.parse("2026-11-24T18:30:00Z");
    private static final ClassPlan PLAN = Plans.of(30).segment("Aerobic", Role.AEROBIC, 126)
            .item(Exercises.BASIC, "64 eights").segment("Stretch", Role.STRETCH, 90)
            .item(Exercises.PLANK, "hold 60 s").plan();
    private static final Timeline TIMELINE = Timeline.of(PLAN);

    @Property(tries = 20)
    void aStrapForEachOfThePeopleUpToThirtyAndTheSameForTheSameSeed(@ForAll long seed) {
        SimulatedStraps straps = new SimulatedStraps(TIMELINE, seed);
        List<OptionalInt> read = straps.read(Duration.ofSeconds(60));

        assertThat(read).hasSize(Math.min(30, PLAN.brief().people()))
                .isEqualTo(new SimulatedStraps(TIMELINE, seed).read(Duration.ofSeconds(60)))
                .allSatisfy(each -> each.ifPresent(share -> assertThat(share).isBetween(0, 130)));
    }

    @Property(tries = 20)
    void oneStrapFailsForGoodAndTheOthersComeBack(@ForAll long seed) {
        SimulatedStraps straps = new SimulatedStraps(TIMELINE, seed);
        List<List<OptionalInt>> later = IntStream.range(0, 40)
                .mapToObj(quarter -> straps.read(TIMELINE.total().plusSeconds(15L * quarter))).toList();

        long silent = IntStream.range(0, later.getFirst().size())
                .filter(strap -> later.stream().allMatch(read -> read.get(strap).isEmpty())).count();
        assertThat(silent).isEqualTo(1);
    }

    @Test
    void heartsAreHigherInTheAerobicPartThanAtTheBeginning() {
        SimulatedStraps straps = new SimulatedStraps(TIMELINE, 7);

        assertThat(mean(straps.read(Duration.ofSeconds(110))))
                .isGreaterThan(mean(straps.read(Duration.ZERO)) + 10);
    }

    private static double mean(List<OptionalInt> read) {
        return read.stream().flatMapToInt(OptionalInt::stream).average().orElseThrow();
    }

    @Property(tries = 100)
    void theDeckIsLateAtEachStartThenCountsBeatsEvenlyAndStopsOnce(@ForAll long seed) {
        Duration within = Duration.ofMinutes(10);
        SimulatedDeck deck = new SimulatedDeck(seed, within);
        assertThat(deck.beat(BEGUN)).as("nothing was asked for").isEmpty();

        deck.play(new Bpm(120), BEGUN);
        Instant first = BEGUN.plus(deck.late());
        assertThat(deck.late()).isLessThan(Duration.ofSeconds(2));
        List<OptionalLong> beats = IntStream.range(0, 700)
                .mapToObj(each -> deck.beat(first.plusSeconds(each)))
                .toList();

        long heard = beats.stream().filter(OptionalLong::isPresent).count();
        assertThat(700 - heard).isBetween(0L, 700L).isLessThan(60);
        for (int second = 0; second < beats.size(); second++) {
            int at = second;
            beats.get(second).ifPresent(beat -> assertThat(beat).as("second %d", at).isEqualTo(2L * at));
        }
    }

    @Property(tries = 50)
    void anotherTempoBeginsAnew(@ForAll long seed) {
        SimulatedDeck deck = new SimulatedDeck(seed, Duration.ofHours(5));
        deck.play(new Bpm(120), BEGUN);
        Instant change = BEGUN.plusSeconds(30);
        deck.play(new Bpm(60), change);

        deck.beat(change.plus(deck.late()).plusSeconds(8)).ifPresent(beat -> assertThat(beat).isEqualTo(8));
        assertThat(deck.beat(change))
                .satisfies(beat -> assertThat(deck.late().isZero() || beat.isEmpty()).isTrue());
    }
}
