package app.kehre.core.regrouping;

import java.time.Duration;
import java.util.List;
import java.util.stream.IntStream;

import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.timeline.Lost;
import app.kehre.core.timeline.Timeline;

/**
 * Finds the order of a circuit's stations that takes the least changing over in all its rounds, from the last station to
 * the first as well. Where the clock rules, changing over takes no time but work, so what is lost of it counts as much.
 */
final class StationOrder {

    /** How many stations are put in order at once, by laying out every order (6! = 720); longer circuits in steps of STEP. */
    static final int MOST = 6;
    private static final int STEP = 3;

    private final ClassPlan plan;
    private final Circuit circuit;
    private final List<Entry> stations;
    private final OrderRules rules;

    private StationOrder(ClassPlan plan, Circuit circuit) {
        this.plan = plan;
        this.circuit = circuit;
        stations = List.copyOf(circuit.items());
        rules = new OrderRules(stations, plan.brief().schools().order());
    }

    /** Returns the class with the stations of a circuit in their best order. */
    static ClassPlan of(ClassPlan plan, EntryId circuitId) {
        ClassPlan now = plan;
        int from = 0;
        int blocks;
        do {
            StationOrder search = new StationOrder(now, (Circuit) now.entry(circuitId));
            Part part = Part.of(search.stations);
            blocks = part.blocks().size();
            now = search.best(part.only(Math.min(from, blocks), from + MOST));
            from += STEP;
        } while (from + MOST < blocks + STEP);
        return now;
    }

    /** Returns what an order costs: how long the class is, and the work that is lost. */
    static Duration cost(Timeline timeline) {
        return timeline.lost().stream().map(Lost::length).reduce(timeline.total(), Duration::plus);
    }

    private ClassPlan best(Part part) {
        List<Integer> asItIs = IntStream.range(0, stations.size()).boxed().toList();
        int allowed = faults(asItIs);
        ClassPlan best = plan;
        Duration least = cost(Timeline.of(plan));
        for (List<Integer> order : part.orders()) {
            if (faults(order) <= allowed) {
                ClassPlan changed = plan.with(
                        circuit.withItems(order.stream().map(circuit.items()::get).toList()));
                Duration cost = cost(Timeline.of(changed));
                best = cost.compareTo(least) < 0 ? changed : best;
                least = cost.compareTo(least) < 0 ? cost : least;
            }
        }
        return best;
    }

    private int faults(List<Integer> order) {
        return rules.faults(order)
                + (circuit.rounds() > 1 ? rules.onEnd(order.getLast(), order.getFirst()) : 0);
    }
}
