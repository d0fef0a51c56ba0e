package app.kehre.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;

import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.constraints.nary.automata.FA.CostAutomaton;
import org.chocosolver.solver.constraints.nary.automata.FA.FiniteAutomaton;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.IntVar;

import app.kehre.core.fitting.Exact;

/**
 * Kehre's exact program against a general constraint solver on 200 random cases, side by side in one run: prints how
 * often both come to the same proven least cost, and the ratio of their median times.
 */
public final class FitAgainstChoco {

    private static final int CASES = 200;
    private static final long SEED = 20_26;
    private static final int LEAST_CHOICES = 6;
    private static final int MORE_CHOICES = 6;
    private static final long PATIENCE = 30_000;
    private static final double MILLION = 1e6;
    private static final int LEFT = 5;
    private static final int MOST_LEVELS = 8;
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
        cases.stream().limit(CASES / 4).forEach(FitAgainstChoco::own);
        cases.stream().limit(CASES / 4).forEach(FitAgainstChoco::choco);
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
        int number = LEAST_CHOICES + random.nextInt(MORE_CHOICES);
        for (int i = 0; i < number; i++) {
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

    /** Returns the least cost, -1 for none; nothing if it was not proven in time. The cheapest sum is tried first. */
    private static Optional<Integer> choco(Case each) {
        Model model = new Model();
        int number = each.choices.size();
        IntVar[] options = new IntVar[number];
        int[][][] resources = new int[number][MOST_LEVELS][2];
        for (int i = 0; i < number; i++) {
            Exact.Choice choice = each.choices.get(i);
            options[i] = model.intVar(0, choice.adds().length - 1);
            for (int level = 0; level < choice.adds().length; level++) {
                resources[i][level] = new int[]{choice.adds()[level], choice.costs()[level]};
            }
        }
        IntVar sum = model.intVar(each.least, each.most);
        IntVar cost = model.intVar(0, MOST_COST, true);
        FiniteAutomaton any = new FiniteAutomaton();
        int state = any.addState();
        any.setInitialState(state);
        any.setFinal(state);
        for (int level = 0; level < MOST_LEVELS; level++) {
            any.addTransition(state, state, level);
        }
        model.multiCostRegular(options, new IntVar[]{sum, cost},
                CostAutomaton.makeMultiResources(any, resources,
                        new int[]{each.least, 0}, new int[]{each.most, MOST_COST}))
                .post();
        model.getSolver().setSearch(Search.inputOrderLBSearch(cost), Search.minDomLBSearch(options));
        model.getSolver().limitTime(PATIENCE);
        Solution best = model.getSolver().findOptimalSolution(cost, false);
        if (model.getSolver().isStopCriterionMet()) {
            return Optional.empty();
        }
        return Optional.of(best == null ? -1 : best.getIntVal(cost));
    }

    private static double median(double[] times) {
        double[] sorted = times.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }
}
