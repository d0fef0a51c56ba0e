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
public final class ClockBlocks {

    private final Map<EntryId, List<Item>> stations = new HashMap<>();

    ClockBlocks(ClassPlan plan) {
        plan.segments().stream().filter(segment -> !segment.leftOut()).map(ClockBlocks::of)
                .forEach(blocks -> blocks.forEach(this::add));
    }

    /** Returns the blocks of a segment, each with its items in order. */
    public static List<List<Item>> of(Segment segment) {
        List<List<Item>> blocks = new ArrayList<>();
        List<Item> block = new ArrayList<>();
        for (Entry entry : segment.entries()) {
            List<Item> clocked = entry.items().stream().filter(ClockBlocks::byClock).toList();
            if (clocked.isEmpty() && !block.isEmpty()) {
                blocks.add(List.copyOf(block));
                block.clear();
            }
            block.addAll(clocked);
        }
        if (!block.isEmpty()) {
            blocks.add(List.copyOf(block));
        }
        return blocks;
    }

    private void add(List<Item> block) {
        Map<String, Item> each = new LinkedHashMap<>();
        block.forEach(item -> each.putIfAbsent(item.exercise().id(), item));
        stations.put(block.getFirst().id(), List.copyOf(each.values()));
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
