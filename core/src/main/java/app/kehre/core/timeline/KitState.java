package app.kehre.core.timeline;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
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
 * What the group holds, stands at and lies on after some lines of a class, and what changing over and explaining took until
 * then: for trying other orders of lines without laying out the whole class each time.
 */
public final class KitState {

    private final Changeover changeover;
    private final Explainer explainer;
    private final FreeTime free;
    private Duration spent;

    private KitState(Changeover changeover, Explainer explainer, FreeTime free, Duration spent) {
        this.changeover = changeover;
        this.explainer = explainer;
        this.free = free;
        this.spent = spent;
    }

    /** Returns what it is before a segment, everything before it done. */
    public static KitState before(ClassPlan plan, SegmentId segmentId) {
        KitState state = new KitState(new Changeover(plan.brief(), plan.pace()), new Explainer(plan),
                new FreeTime(), Duration.ZERO);
        LaterUse later = new LaterUse(plan);
        for (Segment segment : plan.segments()) {
            if (segment.id().equals(segmentId)) {
                break;
            }
            if (!segment.leftOut()) {
                segment.entries().forEach(line -> state.go(line, segment, later::after));
            }
        }
        state.spent = Duration.ZERO;
        return state;
    }

    /**
     * Returns what it is after one more line; this one stays as it is.
     *
     * @param segment the part that it is in
     * @param usedLater whether a kind of kit is needed again after that line
     */
    public KitState after(Entry line, Segment segment, Predicate<Equipment> usedLater) {
        KitState next = new KitState(new Changeover(changeover), new Explainer(explainer), free.copy(),
                spent);
        next.go(line, segment,
                (item, round) -> usedLater.or(kit -> neededAgain(line, item, round, kit)));
        return next;
    }

    /** Returns what changing over and explaining took since the segment began. */
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

    private void go(Entry line, Segment segment, BiFunction<Item, Integer, Predicate<Equipment>> later) {
        switch (line) {
            case Item item -> go(item, 0, segment, later.apply(item, 0));
            case BuildUp build -> {
                build.exercises().forEach(explainer::done);
                spend(free.take(changeover.to(build.asItem(), later.apply(build.asItem(), 0))));
                worked(Optional.of(build.asItem()), 0);
            }
            case Circuit circuit -> {
                for (int round = 1; round <= circuit.rounds(); round++) {
                    for (Entry inside : circuit.round()) {
                        if (inside instanceof Pause pause) {
                            go(pause, later);
                        } else if (inside instanceof Item item && !item.outIn(round)) {
                            go(item, round, segment, later.apply(item, round));
                        }
                    }
                    if (round < circuit.rounds()) {
                        circuit.inTheRest().forEach(pause -> go(pause, later));
                        free.is(circuit.rest());
                    }
                }
            }
            case Pause pause -> go(pause, later);
            case Screen _ -> worked(Optional.empty(), 0);
        }
    }

    private void go(Pause pause, BiFunction<Item, Integer, Predicate<Equipment>> later) {
        free.is(pause.length());
        if (!pause.staying() && explainer.last().isPresent()) {
            spend(free.take(
                    changeover.emptyHands(later.apply(explainer.last().get(), explainer.lastRound()))));
        }
        explainer.worked(Optional.empty(), 0);
    }

    private void go(Item written, int round, Segment segment, Predicate<Equipment> usedLater) {
        Item item = written.inRound(Math.max(1, round));
        List<Changeover.Step> usual = changeover.to(item, usedLater);
        boolean byClock = ClockBlocks.byClock(item);
        Optional<Duration> said = item.delivery().changeover();
        if (byClock) {
            spent = spent.plus(said.orElseGet(() -> sum(usual)));
        } else {
            spent = spent.plus(said.map(free::take).orElseGet(() -> sum(free.take(usual))));
            spent = spent.plus(free.take(explainer.isSecondSide(item, round)
                    ? explainer.side(item, segment)
                    : explainer.before(written, round, segment).stop()));
        }
        explainer.done(item.exercise());
        worked(Optional.of(item), round);
    }

    private void worked(Optional<Item> item, int round) {
        explainer.worked(item, round);
        free.is(Compiler.restOfTheClock(item));
    }

    private void spend(List<Changeover.Step> steps) {
        spent = spent.plus(sum(steps));
    }

    private static Duration sum(List<Changeover.Step> steps) {
        return steps.stream().map(Changeover.Step::length).reduce(Duration.ZERO, Duration::plus);
    }
}
