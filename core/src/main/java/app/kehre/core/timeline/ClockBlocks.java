package app.kehre.core.timeline;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import app.kehre.core.dose.Interval;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;

/**
 * The blocks of a class that are driven by the clock: items by the clock that follow one another, those of a circuit together.
 * The stations of a block are shown before its first; inside it the clock rules.
 */
final class ClockBlocks {

    private final Map<EntryId, List<Item>> stations = new HashMap<>();

    ClockBlocks(ClassPlan plan) {
        plan.segments().stream().filter(segment -> !segment.leftOut()).forEach(this::add);
    }

    private void add(Segment segment) {
        List<Item> block = new ArrayList<>();
        for (Entry entry : segment.entries()) {
            List<Item> clocked = entry.items().stream().filter(ClockBlocks::byClock).toList();
            if (clocked.isEmpty()) {
                close(block);
            }
            block.addAll(clocked);
        }
        close(block);
    }

    private void close(List<Item> block) {
        if (!block.isEmpty()) {
            Map<String, Item> each = new LinkedHashMap<>();
            block.forEach(item -> each.putIfAbsent(item.exercise().id(), item));
            stations.put(block.getFirst().id(), List.copyOf(each.values()));
            block.clear();
        }
    }

    /** Returns whether an item is driven by the clock. */
    static boolean byClock(Item item) {
        return item.dose() instanceof Interval;
    }

    /** Returns the stations of the block that an item begins, each exercise once; none where it begins none. */
    List<Item> begunBy(Item item) {
        return stations.getOrDefault(item.id(), List.of());
    }
}
