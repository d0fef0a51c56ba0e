package app.kehre.core.timeline;

import java.time.Duration;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Predicate;

import app.kehre.core.kit.Equipment;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;

/**
 * What the group holds, stands at and lies on after some lines of a class, and what changing over took until then: for
 * trying other orders of lines without laying out the whole class each time.
 */
public final class KitState {

    private final Changeover changeover;
    private Duration spent;

    private KitState(Changeover changeover, Duration spent) {
        this.changeover = changeover;
        this.spent = spent;
    }

    /** Returns what it is before a segment, everything before it done. */
    public static KitState before(ClassPlan plan, SegmentId segmentId) {
        KitState state = new KitState(new Changeover(plan.brief(), plan.times()), Duration.ZERO);
        LaterUse later = new LaterUse(plan);
        for (Segment segment : plan.segments()) {
            if (segment.id().equals(segmentId)) {
                break;
            }
            if (!segment.leftOut()) {
                segment.entries().forEach(line -> state.go(line, later::after));
            }
        }
        state.spent = Duration.ZERO;
        return state;
    }

    /**
     * Returns what it is after one more line; this one stays as it is.
     *
     * @param usedLater whether a kind of kit is needed again after that line
     */
    public KitState after(Entry line, Predicate<Equipment> usedLater) {
        KitState next = new KitState(new Changeover(changeover), spent);
        next.go(line, (item, round) -> usedLater.or(kit -> neededAgain(line, item, round, kit)));
        return next;
    }

    /** Returns what changing over took since the segment began. */
    public Duration spent() {
        return spent;
    }

    private static boolean neededAgain(Entry line, Item item, int round, Equipment kit) {
        if (!(line instanceof Circuit circuit)) {
            return false;
        }
        List<EntryId> ids = circuit.items().stream().map(Item::id).toList();
        int from = round < circuit.rounds() ? 0 : ids.indexOf(item.id()) + 1;
        return circuit.items().stream().skip(from).anyMatch(each -> each.kit().contains(kit));
    }

    private void go(Entry line, BiFunction<Item, Integer, Predicate<Equipment>> later) {
        switch (line) {
            case Item item -> go(item, later.apply(item, 0));
            case BuildUp build -> go(build.asItem(), later.apply(build.asItem(), 0));
            case Circuit circuit -> {
                for (int round = 1; round <= circuit.rounds(); round++) {
                    for (Item item : circuit.items()) {
                        if (!item.outIn(round)) {
                            go(item.inRound(round), later.apply(item, round));
                        }
                    }
                }
            }
            case Pause _,Screen _ -> {
            }
        }
    }

    private void go(Item item, Predicate<Equipment> usedLater) {
        Duration usual = changeover.to(item, usedLater).stream().map(Changeover.Step::length)
                .reduce(Duration.ZERO, Duration::plus);
        spent = spent.plus(item.manner().changeover().orElse(usual));
    }
}
