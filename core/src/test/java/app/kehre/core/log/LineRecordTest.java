package app.kehre.core.log;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.brief.School;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Tally;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** How a line of a class ran, and what the instructor wants of the pace. */
class LineRecordTest {

    private static LineRecord line(Map<Tally.Use, Integer> planned, Map<Tally.Use, Integer> taught) {
        return new LineRecord(new EntryId(1), new SegmentId(1), "Squat", List.of("squat"), List.of(),
                Duration.ZERO,
                seconds(planned), seconds(taught));
    }

    private static Map<Tally.Use, Duration> seconds(Map<Tally.Use, Integer> lengths) {
        Map<Tally.Use, Duration> all = new EnumMap<>(Tally.Use.class);
        lengths.forEach((use, length) -> all.put(use, Duration.ofSeconds(length)));
        return all;
    }

    /** Five seconds, and a tenth: less nobody would say. */
    @ParameterizedTest
    @CsvSource({"60, 64, false", "60, 66, true", "60, 54, true", "30, 34, false", "30, 35, true",
            "200, 215, false",
            "200, 220, true", "200, 180, true"})
    void aLineRanOtherwiseByFiveSecondsAndATenthOfItsLength(int planned, int taught, boolean otherwise) {
        LineRecord line = line(Map.of(Tally.Use.WORK, planned), Map.of(Tally.Use.WORK, taught));

        assertThat(line.ranOtherwise()).isEqualTo(otherwise);
        assertThat(line.off()).isEqualTo(Duration.ofSeconds(taught - planned));
    }

    @Test
    void whatIsFurthestOffIsSaid() {
        assertThat(line(Map.of(Tally.Use.WORK, 40, Tally.Use.EXPLAINING, 25),
                Map.of(Tally.Use.WORK, 42, Tally.Use.EXPLAINING, 31)).how())
                .isEqualTo("explaining 0:31, plan 0:25");
        assertThat(
                line(Map.of(Tally.Use.WORK, 40), Map.of(Tally.Use.WORK, 40, Tally.Use.CHANGEOVER, 20)).how())
                .isEqualTo("changeover 0:20, plan none");
        assertThat(line(Map.of(Tally.Use.WORK, 40), Map.of()).how()).isEqualTo("left out");
        assertThat(line(Map.of(), Map.of(Tally.Use.WORK, 40)).how()).isEqualTo("not planned");
    }

    /** Who presses a line away has it before them for a second all the same. */
    @ParameterizedTest
    @CsvSource({"60, 0, true", "60, 1, true", "60, 3, true", "60, 4, false", "0, 4, false", "10, 1, false"})
    void aLineOfWhichATwentiethWasTaughtWasLeftOut(int planned, int taught, boolean out) {
        LineRecord line = line(Map.of(Tally.Use.WORK, planned), Map.of(Tally.Use.WORK, taught));

        assertThat(line.leftOut()).isEqualTo(out);
        assertThat(line.done()).isEqualTo(!out && taught > 0);
    }

    @Test
    void aClassIsHeldAgainstWhatWasReallyTaughtNotAgainstWhatWasPlanned() {
        Times times = new Times(Duration.ofMinutes(45), Duration.ofMinutes(40), Duration.ofMinutes(38),
                Duration.ofMinutes(42));

        assertThat(times.off()).isEqualTo(0.05);
        assertThat(times.offUsual()).isBetween(0.105, 0.106);
        assertThat(new Times(Duration.ZERO, Duration.ofMinutes(3)).off()).as("not planned").isZero();
    }

    @Test
    void aValueIsPinnedUntilItIsLetGoAndLearnedAnewFromADayOn() {
        PaceWishes.Key floor = new PaceWishes.Key(Quantity.FLOOR, School.Teaching.TALK_IT_THROUGH);
        LocalDateTime day = LocalDateTime.of(2026, 11, 20, 12, 0);
        PaceWishes pinned = PaceWishes.NONE.withPinned(floor, Optional.of(11.0));
        PaceWishes anew = pinned.withReset(floor, day);

        assertThat(floor).as("the way down is the same in all styles")
                .isEqualTo(new PaceWishes.Key(Quantity.FLOOR, School.Teaching.FOLLOW_ME));
        assertThat(pinned.pinned(floor)).contains(11.0);
        assertThat(pinned.withPinned(floor, Optional.empty())).isEqualTo(PaceWishes.NONE);
        assertThat(anew.pinned(floor)).isEmpty();
        assertThat(anew.counts(floor, day.minusMinutes(1))).isFalse();
        assertThat(anew.counts(floor, day)).isTrue();
        assertThatThrownBy(() -> PaceWishes.NONE.withPinned(floor, Optional.of(500.0)))
                .hasMessage("\"down to the floor, and up\" must be from 0 to 120 s, not 500.");
    }

    @ParameterizedTest
    @CsvSource({"1, a first guess", "2, a first guess", "3, fairly known", "7, fairly known",
            "8, well known"})
    void howSureAValueIsFollowsFromTheClassesInWhichItWasSeen(int classes, String words) {
        Estimate side = new Estimate(Quantity.SIDE, School.Teaching.SHOW_THEN_DO, 6, 7.25, classes,
                3 * classes, 0.2,
                false);

        assertThat(side.sure()).isEqualTo(words);
        assertThat(side.words()).isEqualTo("to the second side, show, then do");
        assertThat(side.values()).isEqualTo("usual 6 s, yours 7.3 s");
        assertThat(side.least()).isLessThan(side.own());
        assertThat(side.most()).isGreaterThan(side.own());
    }
}
