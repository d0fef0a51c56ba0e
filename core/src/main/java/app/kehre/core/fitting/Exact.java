package app.kehre.core.fitting;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * Chooses one option of each choice so that their lengths add up to a sum within bounds at the least cost. A dynamic
 * program over the sums: its result is the optimum.
 */
public final class Exact {

    /**
     * Options of one choice, one at least and at most 127.
     *
     * @param adds what each adds, in ticks
     * @param costs what each costs, 0 or more
     */
    public record Choice(int[] adds, int[] costs) {}

    /** How many ticks the sum may leave the range between 0 and its target in the first search: nearly always enough. */
    private static final int NEAR = 300;
    /** What is free may go anywhere. */
    private static final double LEAST_RATE = 1e-6;
    private static final int NEVER = Integer.MAX_VALUE / 2;

    private final List<Choice> choices;
    private final int least;
    private final int most;
    private final int floor;
    private final int ceiling;
    private final int[] lowRest;
    private final int[] highRest;

    /** Looks only at ways whose sums, choice after choice, stay between the floor and the ceiling. */
    private Exact(List<Choice> choices, int least, int most, int floor, int ceiling) {
        this.floor = floor;
        this.ceiling = ceiling;
        this.choices = choices;
        this.least = least;
        this.most = most;
        this.lowRest = new int[choices.size() + 1];
        this.highRest = new int[choices.size() + 1];
        for (int i = choices.size() - 1; i >= 0; i--) {
            lowRest[i] = lowRest[i + 1] + Arrays.stream(choices.get(i).adds).min().orElseThrow();
            highRest[i] = highRest[i + 1] + Arrays.stream(choices.get(i).adds).max().orElseThrow();
        }
    }

    /**
     * Returns which option of each choice to take, by their place; of equal costs the sum nearest to the upper bound.
     * Nothing when no sum lies within the bounds.
     *
     * @param least the lower bound, included
     * @param most the upper bound, included
     */
    public static Optional<int[]> solve(List<Choice> choices, int least, int most) {
        // The sums on the way to the result can leave the range between 0 and the result, by a long dose that a short one
        // makes up for. They nearly never leave it by much, so a narrow range is searched first; whether the optimum could lie
        // outside is then worked out, not guessed.
        int floor = Math.min(0, least) - NEAR;
        int ceiling = Math.max(0, most) + NEAR;
        Optional<int[]> near = new Exact(choices, least, most, floor, ceiling).solve();
        if (near.isEmpty()) {
            return new Exact(choices, least, most, -NEVER, NEVER).solve();
        }
        int cost = cost(choices, near.get());
        double down = cheapest(choices, -1);
        double up = cheapest(choices, 1);
        // To come down to a sum s below the range and back up to the bounds costs at least down * -s + up * (least - s). Where
        // that is more than the cost of what was found, no better way goes through s; the same above.
        int lowest = Math.min(Math.min(0, least), (int) Math.floor(-(cost - up * least) / (down + up)) - 1);
        int highest = Math.max(Math.max(0, most), (int) Math.ceil((cost + down * most) / (down + up)) + 1);
        return lowest >= floor && highest <= ceiling
                ? near
                : new Exact(choices, least, most, lowest, highest).solve();
    }

    private static int cost(List<Choice> choices, int[] options) {
        return IntStream.range(0, options.length).map(i -> choices.get(i).costs[options[i]]).sum();
    }

    /**
     * Returns the least that one tick costs in a direction, 1 for longer and -1 for shorter. It bounds the search: sums that
     * leave the near range have to come back, and where going there and back costs more than a solution that is known,
     * no better one lies there.
     */
    private static double cheapest(List<Choice> choices, int side) {
        double cheapest = NEVER;
        for (Choice choice : choices) {
            for (int option = 0; option < choice.adds.length; option++) {
                if (Integer.signum(choice.adds[option]) == side) {
                    cheapest = Math.min(cheapest,
                            (double) choice.costs[option] / Math.abs(choice.adds[option]));
                }
            }
        }
        return Math.max(LEAST_RATE, cheapest);
    }

    /** The sums after some choices from which the rest can still come within the bounds: from low to high. */
    private int low(int after, int reached) {
        return Math.max(Math.max(reached, floor), least - highRest[after]);
    }

    private int high(int after, int reached) {
        return Math.min(Math.min(reached, ceiling), most - lowRest[after]);
    }

    private Optional<int[]> solve() {
        // Of each sum after each choice only the cheapest way to it is kept, with the option that made its last step (a byte:
        // hence 127 options). The way itself is found afterwards by going back from the best sum.
        int count = choices.size();
        int[] lows = new int[count + 1];
        byte[][] taken = new byte[count][];
        int[] costs = {0};
        int reachedLow = 0;
        int reachedHigh = 0;
        for (int i = 0; i < count; i++) {
            reachedLow += lowRest[i] - lowRest[i + 1];
            reachedHigh += highRest[i] - highRest[i + 1];
            int low = low(i + 1, reachedLow);
            int high = high(i + 1, reachedHigh);
            if (high < low) {
                return Optional.empty();
            }
            lows[i + 1] = low;
            taken[i] = new byte[high - low + 1];
            costs = step(choices.get(i), costs, lows[i], low, taken[i]);
        }
        OptionalInt sum = best(costs, lows[count]);
        return sum.isEmpty() ? Optional.empty() : Optional.of(back(sum.getAsInt(), lows, taken));
    }

    private static int[] step(Choice choice, int[] before, int lowBefore, int low, byte[] taken) {
        int[] after = new int[taken.length];
        Arrays.fill(after, NEVER);
        for (int option = 0; option < choice.adds.length; option++) {
            int shift = lowBefore + choice.adds[option] - low;
            int cost = choice.costs[option];
            int from = Math.max(0, -shift);
            int to = Math.min(before.length, after.length - shift);
            // The inner loop of all fitting: plain arrays and no bounds to look at, from and to have been clipped before.
            for (int at = from; at < to; at++) {
                int with = before[at] + cost;
                if (with < after[at + shift]) {
                    after[at + shift] = with;
                    taken[at + shift] = (byte) option;
                }
            }
        }
        return after;
    }

    private OptionalInt best(int[] costs, int low) {
        int cheapest = NEVER;
        int best = 0;
        for (int sum = Math.max(least, low); sum <= most && sum - low < costs.length; sum++) {
            // "At most", not "less": of two sums that cost the same the later one fills the slot better.
            if (costs[sum - low] < NEVER && costs[sum - low] <= cheapest) {
                cheapest = costs[sum - low];
                best = sum;
            }
        }
        return cheapest == NEVER ? OptionalInt.empty() : OptionalInt.of(best);
    }

    private int[] back(int sum, int[] lows, byte[][] taken) {
        int[] options = new int[choices.size()];
        int at = sum;
        for (int i = choices.size() - 1; i >= 0; i--) {
            options[i] = taken[i][at - lows[i + 1]];
            at -= choices.get(i).adds[options[i]];
        }
        return options;
    }
}
