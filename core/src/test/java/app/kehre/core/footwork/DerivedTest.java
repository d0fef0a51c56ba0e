package app.kehre.core.footwork;

import java.util.List;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.value.Side;

import static org.assertj.core.api.Assertions.assertThat;

/** What is made of a move: shown plain, done twice, with a hop, there and back. The feet stay feet. */
class DerivedTest {

    /** Moves that people dance, on the bench and on the floor, with none, one or several gestures. */
    @Provide
    Arbitrary<Row> moves() {
        return Arbitraries.of("A up, B up, A down, B down", "A up, b knee, B down, A down", "A, b tap",
                "A, B",
                "A side, b tap", "A side, B cross, A side, b tap", "A, b kick", "A, b curl", "a heel fore, A",
                "A up wide, B up wide, A down, B down", "A up, B up, A down, b tap",
                "A fore, b knee, B back, A", "A side, B, A side, b tap", "A fore, B fore, A fore, b knee",
                "from side: A up end turn 1, B up far, A down turn 1, b tap").map(Row::of);
    }

    @Provide
    Arbitrary<Side> leads() {
        return Arbitraries.of(Side.RIGHT, Side.LEFT);
    }

    /** Dances a move where it belongs: behind the bench, or somewhere on the floor. */
    private static Walk.Outcome danced(Row row, Side lead) {
        Stance start = row.bench() ? Stance.before(row.from(), lead) : Stance.OPEN;
        return Walk.outcome(row, lead, start.on(lead.other()), 0);
    }

    @Property
    void theMovesOfTheseTestsCanBeDancedOnBothLeads(@ForAll("moves") Row row, @ForAll("leads") Side lead) {
        assertThat(danced(row, lead).works()).isTrue();
    }

    @Property
    void plainItIsDancedOnTheSpotInTheSameCountsOnTheSameLead(@ForAll("moves") Row row,
            @ForAll("leads") Side lead) {
        Row plain = Derived.plain(row);

        assertThat(plain.counts()).isEqualTo(row.counts());
        assertThat(danced(plain, lead).works()).isTrue();
        assertThat(danced(plain, lead).end().free()).as("the lead is what people learn").isEqualTo(
                danced(row, lead).end().free());
        assertThat(RowFacts.of(plain).heading().turns()).isZero();
        assertThat(Derived.plain(plain)).as("plainer than plain there is nothing").isEqualTo(plain);
    }

    @Property
    void aHopChangesNeitherThePlaceNorTheFreeFootNorTheCounts(@ForAll("moves") Row row,
            @ForAll("leads") Side lead) {
        Assume.that(Derived.canHop(row));
        Row hopped = Derived.hopped(row);

        assertThat(hopped.counts()).isEqualTo(row.counts());
        assertThat(danced(hopped, lead)).isEqualTo(danced(row, lead));
        assertThat(RowFacts.of(hopped).springs()).isGreaterThan(RowFacts.of(row).springs());
        assertThat(Derived.canHop(hopped)).isFalse();
    }

    @Property
    void thereAndBackEndsWhereItBegan(@ForAll("moves") Row row, @ForAll("leads") Side lead) {
        Derived.travel(row).ifPresent(travelled -> {
            assertThat(travelled.counts()).isEqualTo(2 * row.counts());
            assertThat(danced(travelled, lead).works()).isTrue();
            assertThat(row.bench()).as("nobody travels over a bench").isFalse();
        });
    }

    @Property
    void aRepeaterFillsAnEightAndADoubleTwoCountsMore(@ForAll("moves") Row row) {
        boolean lifts = row.acts().anyMatch(act -> act.kind() == Act.Kind.GESTURE);
        Assume.that(lifts && row.counts() == 4);

        assertThat(Derived.repeater(row).counts()).isEqualTo(8);
        assertThat(Derived.twice(row).counts()).isEqualTo(6);
    }

    @Test
    void withoutAGestureThereIsNothingToDoTwice() {
        Row basic = Row.of("A up, B up, A down, B down");

        assertThat(Derived.twice(basic)).isEqualTo(basic);
        assertThat(Derived.repeater(basic)).isEqualTo(basic);
        assertThat(Derived.of(basic, "travel there and back")).isEmpty();
        assertThat(Derived.of(basic, "singles")).contains(basic);
    }

    /** Repeaters load one leg: what is known of the load of a row has to grow with them. */
    @Test
    void aRepeaterLiftsOneLegThreeTimesWhileTheOtherBears() {
        RowFacts once = RowFacts.of(Row.of("A up, b knee, B down, A down"));
        RowFacts three = RowFacts.of(Derived.repeater(Row.of("A up, b knee, B down, A down")));

        assertThat(once.lifts()).isEqualTo(1);
        assertThat(once.repeats()).isFalse();
        assertThat(three.lifts()).isEqualTo(3);
        assertThat(three.repeats()).isTrue();
        assertThat(three.afterTheBasics()).isTrue();
        assertThat(three.changesLead()).as("it is still a knee lift").isEqualTo(once.changesLead());
    }

    @Property
    void changingOverFreesTheOtherFootOrCannot(@ForAll("moves") Row row, @ForAll("leads") Side lead) {
        Row other = row.changingOver();

        assertThat(other.counts()).isEqualTo(row.counts());
        assertThat(danced(other, lead).works()).isTrue();
        if (!other.equals(row)) {
            assertThat(danced(other, lead).end().free()).isNotEqualTo(danced(row, lead).end().free());
        }
    }

    @ParameterizedTest
    @CsvSource({"0, front", "1, right", "2, back", "3, left", "-1, left", "5, right"})
    void whoTurnsFourQuartersLooksToTheFrontAgain(int quarters, String facing) {
        assertThat(Stance.OPEN.turned(quarters).words()).endsWith("facing the " + facing);
        assertThat(Stance.OPEN.turned(quarters).turned(4 - quarters)).isEqualTo(Stance.OPEN);
    }

    @Property
    void whoIsMirroredTurnsTheOtherWay(@ForAll("stances") Stance stance) {
        assertThat(stance.turned(1).mirrored()).isEqualTo(stance.mirrored().turned(-1));
        assertThat(stance.mirrored().mirrored()).isEqualTo(stance);
        assertThat(stance.mirrored().free()).isEqualTo(stance.free().other());
    }

    @Provide
    Arbitrary<Stance> stances() {
        return Combinators
                .combine(Arbitraries.of(Row.From.values()), leads(), Arbitraries.integers().between(0, 3),
                        Arbitraries.of(List.of(Side.RIGHT, Side.LEFT, Side.BOTH)))
                .as((from, lead, turned, weight) -> Stance.before(from, lead).turned(turned).on(weight));
    }
}
