package app.kehre.core.fitting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

import static org.assertj.core.api.Assertions.assertThat;

/** The dynamic program against trying every combination. */
class ExactTest {

    @Provide
    Arbitrary<List<Exact.Choice>> choices() {
        Arbitrary<int[]> option = Combinators.combine(Arbitraries.integers().between(-400, 400),
                Arbitraries.integers().between(1, 99)).as((add, cost) -> new int[]{add, cost});
        return option.list().ofMinSize(1).ofMaxSize(4).map(options -> {
            int[] adds = new int[options.size() + 1];
            int[] costs = new int[options.size() + 1];
            for (int i = 0; i < options.size(); i++) {
                adds[i + 1] = options.get(i)[0];
                costs[i + 1] = options.get(i)[1];
            }
            return new Exact.Choice(adds, costs);
        }).list().ofMinSize(1).ofMaxSize(6);
    }

    private record Best(int cost, int sum) {}

    private static Optional<Best> everyCombination(List<Exact.Choice> choices, int least, int most) {
        List<Best> sums = new ArrayList<>(List.of(new Best(0, 0)));
        for (Exact.Choice choice : choices) {
            List<Best> next = new ArrayList<>();
            for (Best before : sums) {
                for (int i = 0; i < choice.adds().length; i++) {
                    next.add(new Best(before.cost + choice.costs()[i], before.sum + choice.adds()[i]));
                }
            }
            sums = next;
        }
        return sums.stream().filter(each -> each.sum >= least && each.sum <= most)
                .min(Comparator.comparing(Best::cost).thenComparing(Best::sum, Comparator.reverseOrder()));
    }

    @Property(tries = 1000)
    void theCheapestSumWithinTheBoundsIsFound(@ForAll("choices") List<Exact.Choice> choices,
            @ForAll @IntRange(min = -1200, max = 1200) int most, @ForAll @IntRange(max = 200) int window) {
        Optional<int[]> found = Exact.solve(choices, most - window, most);
        Optional<Best> best = everyCombination(choices, most - window, most);

        assertThat(found.isPresent()).isEqualTo(best.isPresent());
        found.ifPresent(options -> {
            int sum = 0;
            int cost = 0;
            for (int i = 0; i < options.length; i++) {
                sum += choices.get(i).adds()[options[i]];
                cost += choices.get(i).costs()[options[i]];
            }
            assertThat(new Best(cost, sum)).isEqualTo(best.orElseThrow());
        });
    }
}
