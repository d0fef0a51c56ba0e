package app.kehre.core.regrouping;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;

/**
 * The lines of a part that may change places, and what stays where it is: pauses, screens, build-ups and what is locked
 * keep their place in the count of lines; both sides of one exercise, with what stands between them, keep together.
 *
 * @param lines all of them, as they were
 * @param blocks lines that move together, each told by its place as it was
 * @param fixed places that keep their line
 */
record Part(List<Entry> lines, List<List<Integer>> blocks, Set<Integer> fixed) {

    static Part of(List<Entry> lines) {
        List<List<Integer>> blocks = new ArrayList<>();
        Set<Integer> fixed = new HashSet<>();
        int at = 0;
        while (at < lines.size()) {
            int last = lastOfSame(lines, at);
            List<Integer> block = new ArrayList<>();
            for (int each = at; each <= last; each++) {
                block.add(each);
            }
            if (block.stream().anyMatch(each -> stays(lines.get(each)))) {
                fixed.addAll(block);
            } else {
                blocks.add(block);
            }
            at = last + 1;
        }
        return new Part(lines, blocks, fixed);
    }

    /** Returns the same part with only some of the blocks free to move, from one to before another. */
    Part only(int from, int to) {
        Set<Integer> others = new HashSet<>(fixed);
        for (int block = 0; block < blocks.size(); block++) {
            if (block < from || block >= to) {
                others.addAll(blocks.get(block));
            }
        }
        return new Part(lines, blocks.subList(from, Math.min(to, blocks.size())), others);
    }

    private static boolean stays(Entry line) {
        return line.items().isEmpty() || line.locked();
    }

    /** The last of the next two lines that is the same exercise again, its other side. */
    private static int lastOfSame(List<Entry> lines, int at) {
        int last = at;
        for (int next = at + 1; next < Math.min(lines.size(), last + 3); next++) {
            if (lines.get(at) instanceof Item one && lines.get(next) instanceof Item other
                    && one.exercise().id().equals(other.exercise().id())) {
                last = next;
            }
        }
        return last;
    }

    /** Returns the lines as they come when a block stands at a place, with what stays right after it; none if it does not fit. */
    Optional<List<Integer>> from(int place, List<Integer> block) {
        for (int at = place; at < place + block.size(); at++) {
            if (fixed.contains(at)) {
                return Optional.empty();
            }
        }
        List<Integer> order = new ArrayList<>(block);
        order.addAll(fixedFrom(place + block.size()));
        return Optional.of(order);
    }

    /** Returns the lines that stay from a place on, up to the first that may move. */
    List<Integer> fixedFrom(int place) {
        List<Integer> order = new ArrayList<>();
        for (int at = place; fixed.contains(at); at++) {
            order.add(at);
        }
        return order;
    }

    /** Returns every order in which what stays is in its place. */
    List<List<Integer>> orders() {
        return orders(List.of());
    }

    private List<List<Integer>> orders(List<Integer> so) {
        List<Integer> before = new ArrayList<>(so);
        before.addAll(fixedFrom(before.size()));
        if (before.size() == lines.size()) {
            return List.of(before);
        }
        List<List<Integer>> all = new ArrayList<>();
        blocks.stream().filter(block -> !before.contains(block.getFirst()))
                .forEach(block -> from(before.size(), block).ifPresent(next -> {
                    List<Integer> longer = new ArrayList<>(before);
                    longer.addAll(next);
                    all.addAll(orders(longer));
                }));
        return all;
    }
}
