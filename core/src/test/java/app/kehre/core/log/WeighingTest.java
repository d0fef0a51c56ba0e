package app.kehre.core.log;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What many classes say together (figures.md, "Learning"). */
class WeighingTest {

    @Provide
    Arbitrary<List<Double>> classes() {
        return Arbitraries.doubles().between(-1.5, 1.5).list().ofMinSize(1).ofMaxSize(20);
    }

    /** Each class says one thing four times, so that it weighs 4 / 6. */
    private static Weighing of(List<Double> logs) {
        Weighing weighing = new Weighing();
        for (int i = 0; i < logs.size(); i++) {
            double[] said = new double[4];
            Arrays.fill(said, logs.get(i));
            weighing.add(said, logs.size() - 1 - i, i == 0);
        }
        return weighing;
    }

    @Test
    void theWorkedExampleOnceInTheFirstClass() {
        Weighing once = new Weighing();
        once.add(new double[]{Math.log(2)}, 0, true);

        assertThat(once.middle()).isCloseTo(0.173, within(0.001));
        assertThat(once.classes()).isEqualTo(1);
        assertThat(once.times()).isEqualTo(1);
    }

    /** Two classes of four each, the older one the first: weights 2/3 x 1/2 x 0.933 and 2/3, usual 1/2. */
    @Test
    void theFirstClassWeighsHalfAndAnOlderOneALittleLess() {
        double older = 0.5 * 4 / 6 * Math.pow(0.5, 0.1);
        double newer = 4.0 / 6;

        assertThat(of(List.of(0.3, 0.1)).middle())
                .isCloseTo((older * 0.3 + newer * 0.1) / (older + newer + 0.5), within(1e-9));
    }

    @Property
    void theOwnValueLiesBetweenTheUsualOneAndTheClassThatIsFurthestOff(@ForAll("classes") List<Double> logs) {
        double middle = of(logs).middle();

        assertThat(middle).isBetween(Math.min(0, logs.stream().min(Double::compare).orElseThrow()) - 1e-9,
                Math.max(0, logs.stream().max(Double::compare).orElseThrow()) + 1e-9);
    }

    @Property
    void theMoreClassesSayTheSameTheNearerItComes(@ForAll @DoubleRange(min = 0.05, max = 0.9) double log,
            @ForAll @IntRange(min = 1, max = 15) int number) {
        List<Double> few = Collections.nCopies(number, log);
        List<Double> more = Collections.nCopies(number + 1, log);

        assertThat(of(more).middle()).isGreaterThan(of(few).middle()).isLessThan(log);
        assertThat(of(more).spread()).as("and the surer it is").isLessThan(of(few).spread());
    }

    @Property
    void aClassSaysItsMedianSoThatOneOddMomentInItMovesNothing(
            @ForAll @DoubleRange(min = -1, max = 1) double log,
            @ForAll @DoubleRange(min = 1, max = 3) double odd) {
        Weighing calm = new Weighing();
        calm.add(new double[]{log, log, log}, 0, false);
        Weighing with = new Weighing();
        with.add(new double[]{log, log, odd}, 0, false);

        assertThat(with.middle()).isEqualTo(calm.middle());
    }

    @Property
    void oneClassOfManyMovesItByNoMoreThanItsShareOfAFactorOfOnePointSixFive(
            @ForAll @DoubleRange(min = 0.6, max = 4) double alarm) {
        List<Double> calm = Collections.nCopies(8, 0.0);
        List<Double> with = new ArrayList<>(calm);
        with.add(alarm);

        assertThat(of(with).middle()).isCloseTo(of(replaced(with, 0.5)).middle(), within(1e-9))
                .isLessThan(0.1);
    }

    private static List<Double> replaced(List<Double> logs, double last) {
        List<Double> others = new ArrayList<>(logs);
        others.set(others.size() - 1, last);
        return others;
    }

    @Test
    void aClassThatSaysNothingIsNone() {
        Weighing weighing = new Weighing();
        weighing.add(new double[0], 0, true);

        assertThat(weighing.isEmpty()).isTrue();
        assertThat(weighing.middle()).isZero();
    }
}
