package app.kehre.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.constraints.nary.automata.FA.CostAutomaton;
import org.chocosolver.solver.constraints.nary.automata.FA.FiniteAutomaton;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.IntVar;

import app.kehre.core.fitting.Exact;

/**
 * Kehre's exact program against a general constraint solver on 200 random cases of 60 choices with 3 to 8 levels, side by
 * side in one run: prints how often both come to the same proven least cost, and the ratio of their median times.
 */
public final class FitAgainstChoco {

    private static final int CASES = 200;
    private static final long SEED = 20_26;
    private static final int WARMED_UP = 10;
    private static final int CHOICES = 60;
    private static final long PATIENCE = 30_000;
    private static final double MILLION = 1e6;
    private static final int LEFT = 5;
    /** Eight levels in steps of up to twelve seconds. */
    private static final int MOST_SECONDS = 84;
    private static final int MOST_COST = 20_000;

    private FitAgainstChoco() {}

    /** A case: choices with 3 to 8 levels, as doses have them, and where the sum shall lie, in seconds. */
    private record Case(List<Exact.Choice> choices, int least, int most) {}

    /** Compares both. */
    public static void main(String... arguments) {
        SplittableRandom random = new SplittableRandom(SEED);
        List<Case> cases = new ArrayList<>();
        for (int i = 0; i < CASES; i++) {
            cases.add(draw(random));
        }
        cases.stream().limit(WARMED_UP).forEach(FitAgainstChoco::own);
        cases.stream().limit(WARMED_UP).forEach(FitAgainstChoco::choco);
        double[] own = new double[CASES];
        double[] general = new double[CASES];
        int same = 0;
        int unproven = 0;
        for (int i = 0; i < CASES; i++) {
            long start = System.nanoTime();
            int ours = own(cases.get(i));
            long between = System.nanoTime();
            Optional<Integer> theirs = choco(cases.get(i));
            own[i] = (between - start) / MILLION;
            general[i] = (System.nanoTime() - between) / MILLION;
            unproven += theirs.isEmpty() ? 1 : 0;
            same += theirs.filter(cost -> cost == ours).isPresent() ? 1 : 0;
        }
        System.out.printf("%d of %d cases: the same proven least cost; %d not proven in %d s.%n", same, CASES,
                unproven,
                PATIENCE / 1000);
        System.out.printf("Median: Kehre %.2f ms, the general solver %.2f ms, ratio 1 : %.0f.%n", median(own),
                median(general), median(general) / median(own));
        if (same + unproven < CASES) {
            System.exit(1);
        }
    }

    private static Case draw(SplittableRandom random) {
        List<Exact.Choice> choices = new ArrayList<>();
        int shortest = 0;
        for (int i = 0; i < CHOICES; i++) {
            int levels = 3 + random.nextInt(6);
            int usual = 1 + random.nextInt(levels - 1);
            int step = 2 + random.nextInt(11);
            int weight = 40 + random.nextInt(160);
            int[] adds = new int[levels];
            int[] costs = new int[levels];
            for (int level = 0; level < levels; level++) {
                double size = Math.abs(level - usual) / (double) levels;
                adds[level] = (level - usual) * step;
                costs[level] = level == usual ? 0 : (int) Math.round(12 + weight * (size + size * size));
            }
            choices.add(new Exact.Choice(adds, costs));
            shortest += adds[0];
        }
        int most = -random.nextInt(Math.max(1, -shortest));
        return new Case(choices, most - LEFT, most);
    }

    /** Returns the least cost; -1 for none. */
    private static int own(Case each) {
        return Exact.solve(each.choices, each.least, each.most).map(options -> {
            int cost = 0;
            for (int i = 0; i < options.length; i++) {
                cost += each.choices.get(i).costs()[options[i]];
            }
            return cost;
        }).orElse(-1);
    }

    /**
     * Returns the least cost, -1 for none; nothing if it was not proven in time. An automaton adds up the seconds; its
     * cost is tried from the cheapest.
     */
    private static Optional<Integer> choco(Case each) {
        Model model = new Model();
        int shortest = each.choices.stream().mapToInt(choice -> choice.adds()[0]).sum();
        IntVar[] seconds = each.choices.stream().map(choice -> model.intVar(values(choice)))
                .toArray(IntVar[]::new);
        int[][] costs = each.choices.stream().map(FitAgainstChoco::costsBySeconds).toArray(int[][]::new);
        IntVar cost = model.intVar(0, MOST_COST, true);
        model.costRegular(seconds, cost, CostAutomaton.makeSingleResource(
                sums(each.least - shortest, each.most - shortest), costs, 0, MOST_COST)).post();
        model.getSolver().setSearch(Search.inputOrderLBSearch(cost), Search.minDomLBSearch(seconds));
        model.getSolver().limitTime(PATIENCE);
        Solution best = model.getSolver().findOptimalSolution(cost, false);
        if (model.getSolver().isStopCriterionMet()) {
            return Optional.empty();
        }
        return Optional.of(best == null ? -1 : best.getIntVal(cost));
    }

    /** The seconds that each level adds to the least one. */
    private static int[] values(Exact.Choice choice) {
        return IntStream.of(choice.adds()).map(add -> add - choice.adds()[0]).toArray();
    }

    private static int[] costsBySeconds(Exact.Choice choice) {
        int[] costs = new int[MOST_SECONDS + 1];
        int[] values = values(choice);
        for (int level = 0; level < values.length; level++) {
            costs[values[level]] = choice.costs()[level];
        }
        return costs;
    }

    /** Every sum up to the most is a state; those from the least are final. */
    private static FiniteAutomaton sums(int least, int most) {
        FiniteAutomaton sums = new FiniteAutomaton();
        for (int sum = 0; sum <= most; sum++) {
            sums.addState();
        }
        sums.setInitialState(0);
        for (int sum = 0; sum <= most; sum++) {
            for (int more = 0; more <= MOST_SECONDS && sum + more <= most; more++) {
                sums.addTransition(sum, sum + more, more);
            }
            if (sum >= least) {
                sums.setFinal(sum);
            }
        }
        return sums;
    }

    private static double median(double[] times) {
        double[] sorted = times.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }
}
