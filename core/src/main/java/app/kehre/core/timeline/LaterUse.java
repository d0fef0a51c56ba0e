package app.kehre.core.timeline;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Predicate;

import app.kehre.core.kit.Equipment;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;

/** Which kit is still needed later in a class, so that it is put down beside each person and not away. */
final class LaterUse {

    private final Map<EntryId, Integer> places = new HashMap<>();
    private final Map<EntryId, Circuit> circuits = new HashMap<>();
    private final Map<Equipment, Integer> last = new EnumMap<>(Equipment.class);

    LaterUse(ClassPlan plan) {
        AtomicInteger at = new AtomicInteger();
        plan.circuits().forEach(circuit -> circuit.items().forEach(item -> circuits.put(item.id(), circuit)));
        plan.segments().stream().filter(segment -> !segment.leftOut()).flatMap(Segment::lines)
                .flatMap(line -> line.whole().stream()).forEach(item -> {
                    places.put(item.id(), at.incrementAndGet());
                    item.kit().forEach(kit -> last.put(kit, at.get()));
                });
    }

    /** Returns which kinds are needed again after an item in a round. */
    Predicate<Equipment> after(Item item, int round) {
        int place = places.getOrDefault(item.id(), 0);
        Circuit circuit = circuits.get(item.id());
        return kit -> last.getOrDefault(kit, 0) > place || (circuit != null && round < circuit.rounds()
                && circuit.items().stream().anyMatch(each -> each.kit().contains(kit)));
    }
}
