package app.kehre.core.fitting;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

import app.kehre.core.proposal.Change;

/**
 * Which lines are left out. Changing over depends on all of them together, so where they are few every combination is
 * looked at by itself; what else is changed adds up.
 */
final class Drops {

    /** 2^8 combinations, each laid out by the compiler in a tenth of a millisecond: as long as a frame or two. */
    private static final int FEW = 8;

    private final List<Exact.Choice> choices;
    private final List<Drop> all = new ArrayList<>();

    /** A line that can be left out: the place of its choice, and of the option that does it. */
    private record Drop(int choice, int option) {}

    /**
     * Some lines left out.
     *
     * @param which a bit for each
     * @param cost of leaving them out
     * @param others the choices without them, and without leaving out more
     */
    record Some(int which, int cost, List<Exact.Choice> others, List<Drop> drops) {

        /** Returns options with these lines left out. */
        int[] with(int[] options) {
            int[] whole = options.clone();
            drops.forEach(drop -> whole[drop.choice] = drop.option);
            return whole;
        }
    }

    Drops(List<Adjustable> adjustables, List<Exact.Choice> choices) {
        this.choices = choices;
        for (int i = 0; i < adjustables.size(); i++) {
            List<Adjustable.Option> options = adjustables.get(i).options();
            if (options.getLast().change().kind() == Change.Kind.OUT) {
                all.add(new Drop(i, options.size()));
            }
        }
    }

    /** Returns whether every combination can be looked at. */
    boolean areFew() {
        return all.size() <= FEW;
    }

    /** Returns every combination, the cheapest first: a search may stop at the first that costs more than what is known. */
    List<Some> cheapestFirst() {
        return IntStream.range(0, 1 << all.size()).mapToObj(this::some)
                .sorted(Comparator.comparingInt(Some::cost)).toList();
    }

    private Some some(int which) {
        List<Drop> drops = new ArrayList<>();
        List<Exact.Choice> others = new ArrayList<>(choices);
        int cost = 0;
        for (int i = 0; i < all.size(); i++) {
            Drop drop = all.get(i);
            Exact.Choice choice = choices.get(drop.choice);
            boolean out = (which >> i & 1) == 1;
            // Left out, a line has one choice left, to be as it is; else all but the last one, which leaves it out.
            int kept = out ? 1 : drop.option;
            others.set(drop.choice, new Exact.Choice(Arrays.copyOf(choice.adds(), kept),
                    Arrays.copyOf(choice.costs(), kept)));
            if (out) {
                drops.add(drop);
                cost += choice.costs()[drop.option];
            }
        }
        return new Some(which, cost, others, drops);
    }

    /** Returns what options cost in all. */
    int cost(int[] options) {
        int cost = 0;
        for (int i = 0; i < options.length; i++) {
            cost += choices.get(i).costs()[options[i]];
        }
        return cost;
    }
}
