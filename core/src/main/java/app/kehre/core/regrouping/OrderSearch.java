package app.kehre.core.regrouping;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

import app.kehre.core.kit.Equipment;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.KitState;

/**
 * Finds the order of a part that takes the least changing over, exactly: the state after some lines depends only on which
 * they are and which is the last, so each such state is worked out once (Held and Karp 1962).
 */
final class OrderSearch {

    /** How many blocks are put in order exactly: 9 make 9 x 2^8 states, each laid out in time; one more would double them. */
    static final int MOST = 9;

    private final Segment segment;
    private final Part part;
    private final OrderRules rules;
    private final int faultsAllowed;
    private final List<Set<Equipment>> kits;
    private final Set<Equipment> afterwards = EnumSet.noneOf(Equipment.class);
    private final Optional<Entry> next;
    private final Optional<Segment> segmentOfNext;
    private final Set<Equipment> afterNext = EnumSet.noneOf(Equipment.class);
    private final Map<Reached, State> states = new HashMap<>();
    /** What the order takes as it is: a way that takes more already need not be gone on with. */
    private final Duration most;

    /**
     * What was reached.
     *
     * @param blocks that are placed, a bit each
     * @param last of them
     */
    private record Reached(int blocks, int last) {}

    /** What the group has in hand there, and the best ways to it, by the faults that they have. */
    private record State(KitState kit, int lastLine, long placed, int place, Map<Integer, Step> best) {}

    /** A way: what it takes, how far lines were moved, and the way that it goes on from. */
    private record Step(Duration spent, int moved, List<Integer> lines, Optional<Step> before) {

        boolean better(Step other) {
            int compared = spent.compareTo(other.spent);
            return compared < 0 || compared == 0 && moved < other.moved;
        }
    }

    OrderSearch(ClassPlan plan, Segment segment, Part part, OrderRules rules) {
        this.segment = segment;
        this.part = part;
        this.rules = rules;
        this.faultsAllowed = rules.faults(IntStream.range(0, part.lines().size()).boxed().toList());
        this.kits = part.lines().stream().map(Entry::kit).toList();
        List<Entry> later = plan.segments().stream().filter(each -> !each.leftOut())
                .dropWhile(each -> !each.id().equals(segment.id())).skip(1)
                .flatMap(each -> each.entries().stream()).filter(line -> !kitFree(line)).toList();
        next = later.stream().findFirst();
        segmentOfNext = next.flatMap(line -> plan.segmentOf(line.id()));
        later.forEach(line -> afterwards.addAll(line.kit()));
        later.stream().skip(1).forEach(line -> afterNext.addAll(line.kit()));
        KitState before = KitState.before(plan, segment.id());
        Walk asItIs = new Walk(before, -1, 0);
        IntStream.range(0, part.lines().size()).forEach(asItIs::to);
        most = asItIs.kit.spent().plus(toTheNext(asItIs.kit));
        start(before);
    }

    private void start(KitState before) {
        List<Integer> first = part.fixedFrom(0);
        Walk walk = new Walk(before, -1, 0);
        first.forEach(walk::to);
        Map<Integer, Step> best = new HashMap<>();
        best.put(walk.faults, new Step(walk.kit.spent(), 0, first, Optional.empty()));
        states.put(new Reached(0, -1), new State(walk.kit, walk.last, walk.placed, first.size(), best));
    }

    /** Returns the best order with no more faults than there were; lines are told by their places as they were. */
    List<Integer> best() {
        List<Reached> layer = List.of(new Reached(0, -1));
        for (int count = 0; count < part.blocks().size(); count++) {
            Set<Reached> following = new LinkedHashSet<>();
            layer.forEach(reached -> following.addAll(goOn(reached)));
            layer = List.copyOf(following);
        }
        Optional<Step> best = Optional.empty();
        for (Reached reached : layer) {
            State state = stateOf(reached);
            Duration more = toTheNext(state.kit);
            for (Step step : state.best.values()) {
                Step whole = new Step(step.spent.plus(more), step.moved, step.lines, step.before);
                best = best.filter(other -> !whole.better(other)).or(() -> Optional.of(whole));
            }
        }
        return best.map(OrderSearch::order).orElse(List.of());
    }

    /**
     * What comes after the part has to be reached as well: ending with the weights in hand is cheap here and dear for the first
     * line of the next part.
     */
    private Duration toTheNext(KitState kit) {
        return next.map(line -> kit.after(line, segmentOfNext.orElseThrow(), afterNext::contains).spent()
                .minus(kit.spent())).orElse(Duration.ZERO);
    }

    private State stateOf(Reached reached) {
        return Objects.requireNonNull(states.get(reached));
    }

    private Set<Reached> goOn(Reached reached) {
        Set<Reached> following = new LinkedHashSet<>();
        State state = stateOf(reached);
        for (int block = 0; block < part.blocks().size(); block++) {
            if ((reached.blocks >> block & 1) == 0) {
                Reached to = new Reached(reached.blocks | 1 << block, block);
                part.from(state.place, part.blocks().get(block)).filter(lines -> place(state, lines, to))
                        .ifPresent(_ -> following.add(to));
            }
        }
        return following;
    }

    private boolean place(State state, List<Integer> lines, Reached to) {
        Walk walk = new Walk(state.kit, state.lastLine, state.placed);
        lines.forEach(walk::to);
        Duration more = walk.kit.spent().minus(state.kit.spent());
        int moved = 0;
        for (int i = 0; i < lines.size(); i++) {
            moved += Math.abs(lines.get(i) - state.place - i);
        }
        // One order may take less time and another break fewer rules: neither is better for good, since a rule may still
        // be broken later. So the best step is kept for each number of faults, not one for the state.
        boolean some = false;
        for (Map.Entry<Integer, Step> from : state.best.entrySet()) {
            int faults = from.getKey() + walk.faults;
            Duration spent = from.getValue().spent.plus(more);
            if (faults <= faultsAllowed && spent.compareTo(most) <= 0) {
                some = true;
                Step step = new Step(spent, from.getValue().moved + moved, lines,
                        Optional.of(from.getValue()));
                states.computeIfAbsent(to, _ -> new State(walk.kit, walk.last, walk.placed,
                        state.place + lines.size(), new HashMap<>())).best
                        .merge(faults, step, (old, now) -> now.better(old) ? now : old);
            }
        }
        return some;
    }

    private static List<Integer> order(Step step) {
        List<Integer> order = new ArrayList<>(step.before.map(OrderSearch::order).orElse(List.of()));
        order.addAll(step.lines);
        return order;
    }

    private static boolean kitFree(Entry line) {
        return line.exercises().isEmpty();
    }

    /** Goes from line to line. */
    private final class Walk {

        private KitState kit;
        private int last;
        private long placed;
        private int faults;

        Walk(KitState kit, int last, long placed) {
            this.kit = kit;
            this.last = last;
            this.placed = placed;
        }

        void to(int line) {
            faults += rules.faults(last, line, placed);
            placed |= 1L << line;
            last = rules.counts(line) ? line : last;
            kit = kit.after(part.lines().get(line), segment, this::usedLater);
        }

        private boolean usedLater(Equipment wanted) {
            return afterwards.contains(wanted) || IntStream.range(0, kits.size())
                    .anyMatch(line -> (placed >> line & 1) == 0 && kits.get(line).contains(wanted));
        }
    }
}
