package app.kehre.core.footwork;

import java.util.List;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.value.Side;

import static org.assertj.core.api.Assertions.assertThat;

/** What a step instructor knows of moves, read from their rows alone. */
class RowTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            A up, B up, A down, B down                                     | 4 | KEEPS   | 1 | 0
            A up wide, B up wide, A down, B down                           | 4 | KEEPS   | 1 | 0
            A up, b knee, B down, A down                                   | 4 | CHANGES | 1 | 0
            A up, b knee, b tap back, b knee, b tap back, b knee, B down, A down | 8 | CHANGES | 1 | 0
            A side, B cross, A side, b tap                                 | 4 | CHANGES | 0 | 0
            A side, B cross, A side, B                                     | 4 | KEEPS   | 0 | 0
            A fore, B back, A & B, A                                       | 4 | CHANGES | 0 | 0
            jump wide, jump                                                | 2 | EITHER  | 0 | 2
            A up, A hop b knee, B down, A down                             | 4 | CHANGES | 1 | 1
            """)
    void countsLeadAscentsAndHopsFollowFromTheRow(String notation, int counts, RowFacts.After after,
            int ascents, int springs) {
        RowFacts facts = RowFacts.of(Row.of(notation));

        assertThat(facts.counts()).isEqualTo(counts);
        assertThat(facts.after()).isEqualTo(after);
        assertThat(facts.ascents()).isEqualTo(ascents);
        assertThat(facts.springs()).isEqualTo(springs);
    }

    @Test
    void aTurnStepGoesToTheOtherEndOfTheSameSideTurnsHalfAndChangesTheLead() {
        RowFacts facts = RowFacts.of(Row.of("from side: A up end turn 1, B up far, A down turn 1, b tap"));

        assertThat(facts.start().words()).isEqualTo("behind the bench, at its right end, facing the left");
        assertThat(facts.end().words()).isEqualTo("behind the bench, at its left end, facing the right");
        assertThat(facts.heading().turns()).isEqualTo(2);
        assertThat(facts.changesLead()).isTrue();
    }

    @Test
    void overTheTopChangesTheSideOfTheBenchAndWithATapTheLead() {
        RowFacts facts = RowFacts.of(Row.of("from side: A up, B up, A over, b tap"));

        assertThat(facts.end().words())
                .isEqualTo("in front of the bench, at its right end, facing the left");
        assertThat(facts.changesLead()).isTrue();
        assertThat(RowFacts.of(Row.of("from side: A up, B up, A over, B over")).changesLead()).isFalse();
    }

    @Test
    void aRepeaterBearsSevenCountsOnTheLeadLegAndOneOnTheOther() {
        RowFacts facts = RowFacts
                .of(Row.of("A up, b knee, b tap back, b knee, b tap back, b knee, B down, A down"));

        assertThat(facts.bearing().lead()).isEqualTo(14);
        assertThat(facts.bearing().other()).isEqualTo(2);
    }

    @Test
    void aGrapevineNeedsThreeStepsOfFloor() {
        assertThat(RowFacts.of(Row.of("A side, B cross, A side, b tap")).floor())
                .isEqualTo(new RowFacts.Box(3, 1));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            A up, A up        | the right foot should step, but bears the weight
            A, a knee         | the right foot should knee, but bears the weight
            A, B hop          | the left foot hops, but does not bear the weight
            from top: A fore, B | the step goes forward off the bench
            A up, B up, A over, B over | the step goes forward off the bench
            A fore, B         | the bench is in the way
            A astride, B      | it goes astride from the top of the bench
            from top: A astride, B astride | astride one faces along the bench, not the front
            A up, A hop, jump down, B  | a spring lands on the floor below the bench
            """)
    void whatCannotBeDancedIsNamedInWords(String notation, String slip) {
        Row row = Row.of(notation);
        Stance start = Stance.before(row.from(), Side.RIGHT).on(Side.LEFT);

        assertThat(Walk.of(row, Side.RIGHT, start, 0).slips()).extracting(Slip::words).contains(slip);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            A up, B up, A down, B down            | A up, B up, A down, b tap
            A side, B cross, A side, b tap        | A side, B cross, A side, B
            A, B                                  | A, b tap
            jump wide, jump                       | jump wide, jump
            """)
    void changingOverLeavesTheOtherFootFree(String plain, String changed) {
        assertThat(RowNotation.print(Row.of(plain).changingOver())).isEqualTo(changed);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            A up, b knee, B down, A down | repeater | A up, b knee, b tap back, b knee, b tap back, b knee, B down, A down
            A side, b tap                | doubles  | A side, B, A side, b tap
            A, b curl                    | doubles  | A, b curl, b tap, b curl
            a heel fore, A               | doubles  | a heel fore, a tap, a heel fore, A
            A, B                         | travel there and back | A fore, B fore, A back, B back
            A, B                         | singles  | A, B
            """)
    void aPartOfACountPatternIsARowOfItsOwn(String plain, String words, String derived) {
        assertThat(Derived.of(Row.of(plain), words).map(RowNotation::print)).contains(derived);
    }

    @Test
    void aHopIsAddedUnderALiftedKnee() {
        assertThat(RowNotation.print(Derived.hopped(Row.of("A up, b knee, B down, A down"))))
                .isEqualTo("A up, A hop b knee, B down, A down");
        assertThat(Derived.canHop(Row.of("A, b tap"))).isFalse();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            A up, C down        | Count 2, "C down", cannot be read at "C": write it like A up, b knee, B down, A down.
            a knee cross        | Count 1, "a knee cross", cannot be read at "a knee cross": write it like A up, b knee, B down, A down.
            from nowhere: A, B  | "nowhere" is no start: write from, one of anywhere, ahead, side, end, top, top along, astride, and a colon.
            A turn 3            | Count 1, "A turn 3", needs the quarters after turn, from -2 to 2: write it like A up, b knee, B down, A down.
            A & B & A           | Count 1, "A & B & A", has more than two half-counts: write it like A up, b knee, B down, A down.
            """)
    void aRowThatCannotBeReadIsRefusedWithItsCount(String text, String sentence) {
        assertThat(RowNotation.parse(text).problem()).isEqualTo(sentence);
    }

    @Property
    void whatIsPrintedIsReadBackAsTheSame(@ForAll("rows") Row row) {
        assertThat(RowNotation.parse(RowNotation.print(row)).value()).contains(row);
    }

    @Property
    void aMirroredWalkIsTheMirrorImage(@ForAll("rows") Row row) {
        Stance start = Stance.before(row.from(), Side.RIGHT).on(Side.LEFT);
        Walk right = Walk.of(row, Side.RIGHT, start, 0);
        Walk left = Walk.of(row, Side.LEFT, start.mirrored(), 0);

        assertThat(left.end()).isEqualTo(right.end().mirrored());
        assertThat(Walk.outcome(row, Side.RIGHT, start, 0))
                .isEqualTo(new Walk.Outcome(right.end(), right.slips().isEmpty()));
        assertThat(left.slips()).extracting(Slip::kind)
                .isEqualTo(right.slips().stream().map(Slip::kind).toList());
        assertThat(start.mirrored().mirrored()).isEqualTo(start);
    }

    @Provide
    Arbitrary<Row> rows() {
        List<String> halves = List.of("A", "B", "A up", "B up", "a knee", "b knee", "b tap", "A down",
                "B down", "A side", "B cross", "A back", "B fore", "jump wide", "A hop b kick", "B leap",
                "A side both", "-", "A over", "B up far", "A up end turn 1", "B down turn -1", "A astride",
                "B down away", "A up side");
        Arbitrary<String> count = Arbitraries.of(halves).list().ofMinSize(1).ofMaxSize(2)
                .map(parts -> String.join(" & ", parts));
        Arbitrary<String> from = Arbitraries.of("", "from side: ", "from end: ", "from top: ",
                "from astride: ", "from ahead: ");
        return from.flatMap(start -> count.list().ofMinSize(1).ofMaxSize(8)
                .map(counts -> Row.of(start + String.join(", ", counts))));
    }
}
