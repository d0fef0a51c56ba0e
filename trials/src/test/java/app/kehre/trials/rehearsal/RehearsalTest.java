package app.kehre.trials.rehearsal;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.OptionalInt;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import app.kehre.core.exercise.Library;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.rehearsal.Forecast;
import app.kehre.core.rehearsal.GroupPulse;
import app.kehre.core.rehearsal.Habits;
import app.kehre.core.rehearsal.Protocol;
import app.kehre.core.rehearsal.Rehearsal;
import app.kehre.core.rehearsal.SimulatedDeck;
import app.kehre.core.rehearsal.SimulatedStraps;
import app.kehre.core.teaching.Visit;
import app.kehre.core.teaching.WayDown;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** The demo classes are rehearsed. */
class RehearsalTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    private static final Instant SLOT = Instant.parse("2026-11-24T18:30:00Z");
    private static final Habits LATE = new Habits(15, Duration.ofMinutes(4), true, false);

    private static ClassPlan demo(String name) {
        return DemoPlan.load(name, LIBRARY).plan();
    }

    @ParameterizedTest
    @ValueSource(strings = {"tuesday-evening-climb", "wednesday-morning-ease", "thursday-express-circuit",
            "friday-strong-and-steady", "saturday-core-and-stretch"})
    void whoIsKeptOnTimeEndsOnTimeWithTheWholeWayDown(String name) {
        ClassPlan plan = demo(name);
        Forecast kept = Forecast.of(plan, 1, LATE, 20);
        Forecast left = Forecast.of(plan, 1, new Habits(15, Duration.ofMinutes(4), false, false), 20);

        assertThat(kept.onTime()).isGreaterThan(0.75);
        assertThat(left.onTime()).isLessThan(0.1);
        assertThat(kept.overs().getLast()).isLessThan(Duration.ofSeconds(45));
        assertThat(kept.dropped().keySet()).doesNotContainAnyElementsOf(
                WayDown.of(plan).stream().flatMap(segment -> segment.lines()).map(line -> line.name())
                        .toList());
        Timeline planned = Timeline.of(plan);
        Duration down = WayDown.of(plan).stream().map(segment -> planned.ofSegment(segment.id()).length())
                .reduce(Duration.ZERO, Duration::plus);
        assertThat(kept.wayDowns().getFirst()).isGreaterThan(down.multipliedBy(3).dividedBy(4));
    }

    @Test
    void theSameSeedGivesTheSameRehearsalAndItNeverLosesASecond() {
        Habits forgetful = new Habits(15, Duration.ofMinutes(4), true, true);
        Rehearsal once = Rehearsal.of(demo("tuesday-evening-climb"), SLOT, 7, forgetful);
        Rehearsal again = Rehearsal.of(demo("tuesday-evening-climb"), SLOT, 7, forgetful);

        assertThat(Protocol.of(again, 7, true)).isEqualTo(Protocol.of(once, 7, true));
        Duration taught = once.taught().run().visits().stream().map(Visit::took).reduce(Duration.ZERO,
                Duration::plus);
        assertThat(taught).isEqualTo(once.length());
        assertThat(once.segments().values().stream().map(lengths -> lengths[1]).reduce(Duration.ZERO,
                Duration::plus)).isEqualTo(once.length());
    }

    @Test
    void aRehearsalIsToldFromTheFirstPressToTheEndAgainstTheSlot() {
        List<String> told = Protocol.of(Rehearsal.of(demo("tuesday-evening-climb"), SLOT, 7, LATE), 7, false);

        assertThat(told.getFirst()).isEqualTo("18:34:00  begun");
        assertThat(told).anyMatch(line -> line.contains("kept on time: "))
                .anyMatch(line -> line.matches("Ends 19:2\\d:\\d\\d, 0:\\d\\d before .* at 19:30\\."))
                .anyMatch(line -> line.startsWith("Left out: "))
                .anyMatch(line -> line.matches("  Aerobic 1: group \\d+ to \\d+ %.*"))
                .anyMatch(line -> line.startsWith("Music (simulated deck): "));
    }

    @Test
    void whatIsForgottenIsCalledByItsNameAndNotByWhatWasDroppedBefore() {
        Rehearsal rehearsal = Rehearsal.of(demo("wednesday-morning-ease"), SLOT, 5,
                new Habits(15, Duration.ofMinutes(3), true, true));

        assertThat(Protocol.of(rehearsal, 5, false)).filteredOn(line -> line.endsWith(" is forgotten"))
                .extracting(line -> line.substring(10)).isNotEmpty()
                .allSatisfy(line -> assertThat(rehearsal.dropped())
                        .contains(line.replace(" is forgotten", "")))
                .doesNotContain("March out and in is forgotten");
    }

    @Test
    void theForecastSaysByWhenNineOfTenEnd() {
        ClassPlan plan = demo("tuesday-evening-climb");

        assertThat(Forecast.of(plan, 1, Habits.AS_PLANNED, 60).words(plan))
                .isEqualTo("nine of ten times it ends by 19:30");
    }

    @Test
    void strapsDropOutOneFailsForGoodAndNobodyIsToldFromAnybodyElse() {
        Timeline timeline = Timeline.of(demo("tuesday-evening-climb"));
        SimulatedStraps straps = new SimulatedStraps(timeline, 3);
        List<List<OptionalInt>> read = java.util.stream.IntStream.range(0, 236)
                .mapToObj(quarter -> straps.read(Duration.ofSeconds(15L * quarter))).toList();
        long silent = read.stream().flatMap(List::stream).filter(OptionalInt::isEmpty).count();

        assertThat(read.getFirst()).hasSize(timeline.plan().brief().people());
        assertThat(silent / (double) (236 * read.getFirst().size())).isBetween(0.02, 0.12);
        assertThat(straps.read(Duration.ofMinutes(58)))
                .isEqualTo(new SimulatedStraps(timeline, 3).read(Duration.ofMinutes(58)));
        GroupPulse dance = GroupPulse.of(straps, Duration.ofMinutes(15));
        assertThat(dance.low()).isBetween(40, 70);
        assertThat(dance.high()).isBetween(dance.low() + 5, 95);
        assertThat(
                GroupPulse.of(_ -> List.of(OptionalInt.of(70), OptionalInt.empty()), Duration.ZERO).words())
                .isEqualTo("too few straps, 1 strap silent");
    }

    @Test
    void theDeckReportsItsBeatIsLateAndStopsOnce() {
        SimulatedDeck deck = new SimulatedDeck(5, Duration.ofMinutes(60));
        deck.play(new Bpm(120), SLOT);

        assertThat(deck.beat(SLOT.minusMillis(1))).isEmpty();
        assertThat(deck.beat(SLOT.plus(deck.late()).plusSeconds(1))).hasValue(2);
        assertThat(deck.beat(SLOT.plus(deck.stop()[0]).plusSeconds(1))).isEmpty();
        assertThat(deck.beat(SLOT.plus(deck.stop()[0]).plus(deck.stop()[1]))).isPresent();
    }
}
