package app.kehre.core.pace;

import java.time.Duration;
import java.util.Map;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tuple;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

import app.kehre.core.brief.School;
import app.kehre.core.exercise.Role;

import static app.kehre.core.brief.School.Teaching.FOLLOW_ME;
import static app.kehre.core.brief.School.Teaching.SHOW_THEN_DO;
import static app.kehre.core.brief.School.Teaching.TALK_IT_THROUGH;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** How long people take: what is said holds, where it is said; all else is as usual. */
class PaceTest {

    @Provide
    Arbitrary<Tuple.Tuple2<Quantity, Double>> possible() {
        return Arbitraries.of(Quantity.class).flatMap(quantity -> Arbitraries.doubles()
                .between(quantity.least(), quantity.most()).map(value -> Tuple.of(quantity, value)));
    }

    @Provide
    Arbitrary<Pace> paces() {
        return Combinators.combine(possible(), possible(), possible()).as((one, two, three) -> Pace.USUAL
                .with(one.get1(), one.get2()).with(two.get1(), TALK_IT_THROUGH, two.get2())
                .with(three.get1(), SHOW_THEN_DO, three.get2()));
    }

    @ParameterizedTest
    @EnumSource(Quantity.class)
    void theUsualValueOfEachQuantityIsPossibleInEachStyle(Quantity quantity) {
        for (School.Teaching style : School.Teaching.values()) {
            assertThat(quantity.problem(quantity.usual().in(style))).isEmpty();
        }
    }

    /** Explaining takes longer the more is said before the group moves: this order is what the styles are. */
    @ParameterizedTest
    @EnumSource(value = Quantity.class, names = {"NEW", "KNOWN", "SIDE", "STRETCH"})
    void talkingItThroughTakesLongestAndFollowingLeast(Quantity quantity) {
        assertThat(Pace.USUAL.of(quantity, FOLLOW_ME)).isLessThan(Pace.USUAL.of(quantity, SHOW_THEN_DO));
        assertThat(Pace.USUAL.of(quantity, SHOW_THEN_DO))
                .isLessThan(Pace.USUAL.of(quantity, TALK_IT_THROUGH));
    }

    @Property
    void oneQuantityInOneStyleChangesNothingElse(@ForAll("paces") Pace pace,
            @ForAll("possible") Tuple.Tuple2<Quantity, Double> said, @ForAll School.Teaching style) {
        Quantity changed = said.get1();
        Pace after = pace.with(changed, style, said.get2());

        assertThat(after.of(changed, style)).isEqualTo(said.get2());
        for (Quantity quantity : Quantity.values()) {
            for (School.Teaching other : School.Teaching.values()) {
                if (quantity != changed || changed.byStyle() && other != style) {
                    assertThat(after.of(quantity, other)).isEqualTo(pace.of(quantity, other));
                }
            }
        }
    }

    @Property
    void aValueForAllStylesHoldsInEachOfThemAndInAllKindsOfSegments(@ForAll("paces") Pace pace,
            @ForAll("possible") Tuple.Tuple2<Quantity, Double> said, @ForAll School.Teaching style,
            @ForAll Role role) {
        Pace toning = pace.withOfKind(Map.of(new PaceKind(Quantity.NEW, style, Role.TONING), 33.0));
        Pace after = toning.with(said.get1(), said.get2());

        assertThat(after.of(said.get1(), style, role)).isEqualTo(said.get2());
    }

    @Property
    void aLengthIsTheValueInSecondsToTheMillisecond(@ForAll("paces") Pace pace, @ForAll Quantity quantity,
            @ForAll School.Teaching style) {
        Duration length = pace.length(quantity, style);

        assertThat(length.toMillis() / 1000.0).isBetween(pace.of(quantity, style) - 0.0005,
                pace.of(quantity, style) + 0.0005);
    }

    @Test
    void oneKindOfSegmentMayBeOtherwiseUntilAllAreSaid() {
        PaceKind toning = new PaceKind(Quantity.NEW, TALK_IT_THROUGH, Role.TONING);
        Pace pace = Pace.USUAL.withOfKind(Map.of(toning, 55.0));

        assertThat(pace.of(Quantity.NEW, TALK_IT_THROUGH, Role.TONING)).isEqualTo(55);
        assertThat(pace.of(Quantity.NEW, TALK_IT_THROUGH, Role.CORE)).isEqualTo(40);
        assertThat(pace.of(Quantity.NEW, SHOW_THEN_DO, Role.TONING)).isEqualTo(25);
        assertThat(pace.length(Quantity.NEW, TALK_IT_THROUGH, Role.TONING)).isEqualTo(Duration.ofSeconds(55));
        assertThat(pace.with(Quantity.NEW, SHOW_THEN_DO, 20).ofKind()).as("another style")
                .containsKey(toning);
        assertThat(pace.with(Quantity.NEW, TALK_IT_THROUGH, 20).ofKind()).as("the same style").isEmpty();
        assertThat(toning.words()).isEqualTo("to a new exercise, talk it through, in toning");
    }

    @Test
    void whatIsTheSameInAllStylesHasNoKinds() {
        assertThatThrownBy(() -> new PaceKind(Quantity.FETCH, FOLLOW_ME, Role.TONING))
                .hasMessage("\"fetch from the wall\" is the same in all kinds of segments.");
        assertThat(Pace.USUAL.with(Quantity.FETCH, TALK_IT_THROUGH, 30).of(Quantity.FETCH, FOLLOW_ME))
                .isEqualTo(30);
    }

    @Test
    void olderPeopleTakeMoreThanTwiceAsLongToTheFloorAndAreElseAsUsual() {
        assertThat(Pace.usual(true).of(Quantity.FLOOR)).isEqualTo(18);
        assertThat(Pace.usual(false).of(Quantity.FLOOR)).isEqualTo(8);
        assertThat(Pace.usual(true).with(Quantity.FLOOR, 8)).isEqualTo(Pace.USUAL);
    }

    @Test
    void aRepOfAnExerciseIsAsLongAsIsKnownOfItElseAsAllReps() {
        Pace slow = Pace.USUAL.with(Quantity.REPS, 1.2).withOwnReps(Map.of("squat", 1.5));

        assertThat(slow.reps("squat")).isEqualTo(1.5);
        assertThat(slow.reps("push-up")).isEqualTo(1.2);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "FLOOR | 121 | \"down to the floor, and up\" must be from 0 to 120 s, not 121.",
            "FLOOR | -1 | \"down to the floor, and up\" must be from 0 to 120 s, not -1.",
            "BREATH | 0.5 | \"a breath\" must be from 1 to 30 s, not 0.5.",
            "SPOKEN | 3.25 | \"a spoken count\" must be from 0.5 to 3 s, not 3.25.",
            "PULSE | 9 | \"a pulse\" must be from 1 to 8 counts, not 9.",
            "REPS | 4.5 | \"reps, against their own length\" must be from 0.5 to 4 times, not 4.5.",
            "PIECE | 5 | \"to learn a piece of a combination\" must be from 10 to 300 s, not 5."})
    void aValueOutOfRangeIsRefusedWithTheRange(Quantity quantity, double value, String sentence) {
        assertThatThrownBy(() -> Pace.USUAL.with(quantity, value)).hasMessage(sentence);
        assertThat(quantity.problem(Double.NaN)).isPresent();
    }

    @Test
    void ownRepsAndKindsAreRefusedLikeAnyValue() {
        assertThatThrownBy(() -> Pace.USUAL.withOwnReps(Map.of("squat", 9.0)))
                .hasMessage("\"reps, against their own length\" must be from 0.5 to 4 times, not 9.");
        assertThatThrownBy(() -> Pace.USUAL
                .withOfKind(Map.of(new PaceKind(Quantity.SIDE, FOLLOW_ME, Role.CORE), 500.0)))
                .hasMessage("\"to the second side\" must be from 0 to 120 s, not 500.");
    }

    @Test
    void withoutWaitsOnlyTheWorkItselfTakesTime() {
        Pace none = Pace.withoutWaits();

        for (Quantity quantity : Quantity.values()) {
            for (School.Teaching style : School.Teaching.values()) {
                assertThat(none.of(quantity, style))
                        .isEqualTo(quantity.isWait() ? 0 : Pace.USUAL.of(quantity, style));
            }
        }
        assertThat(none.of(Quantity.BREATH)).as("a breath is work").isEqualTo(5);
    }

    @ParameterizedTest
    @CsvSource({"BREATH, 5, 5 s", "SPOKEN, 1.1, 1.1 s", "PULSE, 2, 2 counts", "QUICK, 0.75, 0.75 times"})
    void aValueIsPrintedWithItsUnitAndWithoutEmptyDecimals(Quantity quantity, double value, String printed) {
        assertThat(quantity.print(value)).isEqualTo(printed);
    }
}
