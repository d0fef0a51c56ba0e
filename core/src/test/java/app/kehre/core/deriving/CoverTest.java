package app.kehre.core.deriving;

import java.util.Arrays;
import java.util.List;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

import static org.assertj.core.api.Assertions.assertThat;

/** The cover against trying every choice. */
class CoverTest {

    private record Case(List<SetCover.Piece> pieces, double[] loads, int time) {}

    @Provide
    Arbitrary<Case> cases() {
        Arbitrary<SetCover.Piece> piece = Combinators.combine(Arbitraries.integers().between(1, 31),
                Arbitraries.integers().between(1, 60)).as(SetCover.Piece::new);
        Arbitrary<double[]> loads = Arbitraries.integers().between(1, 300).array(int[].class).ofSize(5)
                .map(whole -> Arrays.stream(whole).asDoubleStream().toArray());
        return Combinators.combine(piece.list().ofMinSize(1).ofMaxSize(9), loads,
                Arbitraries.integers().between(0, 150)).as(Case::new);
    }

    private static double everyChoice(Case one) {
        double best = 0;
        for (int choice = 0; choice < 1 << one.pieces.size(); choice++) {
            int areas = 0;
            int time = 0;
            for (int at = 0; at < one.pieces.size(); at++) {
                if ((choice >> at & 1) == 1) {
                    areas |= one.pieces.get(at).areas();
                    time += one.pieces.get(at).length();
                }
            }
            best = time <= one.time ? Math.max(best, SetCover.load(areas, one.loads)) : best;
        }
        return best;
    }

    @Property(tries = 300)
    void asMuchLoadIsCoveredAsByTheBestOfAllChoices(@ForAll("cases") Case one) {
        List<Integer> taken = SetCover.best(one.pieces, one.loads, one.time);

        int areas = taken.stream().mapToInt(at -> one.pieces.get(at).areas()).reduce(0,
                (some, more) -> some | more);
        assertThat(taken.stream().mapToInt(at -> one.pieces.get(at).length()).sum())
                .isLessThanOrEqualTo(one.time);
        assertThat(SetCover.load(areas, one.loads)).isEqualTo(everyChoice(one));
    }
}
