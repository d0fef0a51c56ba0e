package app.kehre.trials.choreography;

import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.choreography.Patterned;
import app.kehre.core.dose.CountPattern;
import app.kehre.core.dose.Counts.Pace;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Sides;
import app.kehre.core.finding.Finding;
import app.kehre.core.stepping.Checks;
import app.kehre.core.value.Side;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

/** Moves in count patterns, read by the checker of combinations. */
class PatternedTest {

    private static Patterned danced(String move, String dose) {
        return Patterned.of(Moves.LIBRARY.find(move).orElseThrow(),
                (CountPattern) DoseNotation.parse(dose).value().orElseThrow(), Side.RIGHT).orElseThrow();
    }

    @Test
    void singlesARepeaterAndDoublesFillThePhraseAndServeBothLegs() {
        Patterned patterned = danced("knee-lift-floor", "[singles 16, repeater 8, doubles 8]");

        assertThat(patterned.unfit()).isEmpty();
        assertThat(patterned.dance().moves()).extracting(DancedMove::name, DancedMove::counts)
                .containsExactly(
                        tuple("Knee lift, singles, right", 16), tuple("Knee lift, repeater, right", 8),
                        tuple("Knee lift, doubles, left", 8));
        assertThat(Checks.ofPattern(patterned, Conditions.of(130))).extracting(Finding::what).isEmpty();
        assertThat(patterned.legs().right() + patterned.legs().left()).isEqualTo(32);
    }

    @Test
    void aDoubleOnTheBenchTakesSixCounts() {
        Patterned patterned = danced("knee-up", "[singles 8, doubles 8]");

        assertThat(patterned.unfit()).extracting(Patterned.Unfit::words, Patterned.Unfit::nearest)
                .containsExactly(tuple("doubles: once takes 6 counts, which does not go into 8.", 6));
    }

    @Test
    void theBenchDoesNotTravel() {
        assertThat(danced("knee-up", "[singles 8, travel 8]").unfit()).extracting(Patterned.Unfit::words)
                .singleElement().asString().contains("done on the bench");
    }

    @Test
    void aLegThatStandsUnderLongRepeatersIsFound() {
        Patterned slow = Patterned.of(Moves.LIBRARY.find("knee-lift-floor").orElseThrow(),
                new CountPattern(1, List.of(new CountPattern.Part("repeater", 8)), Pace.HALF_TIME,
                        Sides.TOGETHER),
                Side.RIGHT).orElseThrow();
        Patterned twice = danced("repeater-knee", "[repeater 16]");

        assertThat(Checks.ofPattern(slow, Conditions.of(130))).isEmpty();
        assertThat(twice.dance().moves()).extracting(DancedMove::counts).containsExactly(16);
        assertThat(Checks.ofPattern(twice, Conditions.of(130))).isEmpty();
    }

    /** Whatever the library dances on the floor keeps its feet free in singles, and on either lead alike. */
    @TestFactory
    Stream<DynamicTest> singlesOfEveryMove() {
        return Moves.all().stream().map(move -> DynamicTest.dynamicTest(move.id(), () -> {
            int counts = 4 * move.footwork().orElseThrow().counts();
            CountPattern pattern = new CountPattern(2, List.of(new CountPattern.Part("singles", counts)),
                    Pace.NORMAL,
                    Sides.TOGETHER);
            Patterned right = Patterned.of(move, pattern, Side.RIGHT).orElseThrow();
            Patterned left = Patterned.of(move, pattern, Side.LEFT).orElseThrow();

            assertThat(right.unfit()).isEmpty();
            assertThat(right.dance().counts()).isEqualTo(2 * counts);
            assertThat(left.dance().moves()).isEqualTo(right.dance().mirrored().moves());
            assertThat(left.legs().right()).isEqualTo(right.legs().left());
        }));
    }
}
