package app.kehre.core.timeline;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;

import app.kehre.core.choreography.DancedMove;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Reps;
import app.kehre.core.dose.Sides;
import app.kehre.core.dose.Stage;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Side;

/**
 * What each side of the body does of an exercise in the whole class.
 *
 * @param exercise its name, or that of a build-up
 * @param entries the lines it is done in
 * @param danced whether it is a build-up, of which the time is counted that each foot leads
 * @param right time and reps of the right side
 * @param left time and reps of the left side
 */
public record SideTotals(String exercise, List<EntryId> entries, boolean danced, Sum right, Sum left) {

    /**
     * What one side does.
     *
     * @param length working or holding
     * @param held of it holding
     * @param reps counted reps
     */
    public record Sum(Duration length, Duration held, int reps) {
        private static final Sum NOTHING = new Sum(Duration.ZERO, Duration.ZERO, 0);

        private Sum plus(Duration more, boolean holds, int moreReps) {
            return new Sum(length.plus(more), holds ? held.plus(more) : held, reps + moreReps);
        }

        private String words() {
            if (length.isZero()) {
                return "nothing";
            }
            return reps == 0
                    ? Lengths.clock(length)
                    : reps + " reps" + (held.isZero() ? "" : " and a hold of " + Lengths.clock(held));
        }
    }

    public SideTotals {
        entries = List.copyOf(entries);
    }

    /** A dance need not end where it began: under a tenth nobody speaks of a side. */
    private static final double DANCED = 0.1;

    /**
     * Returns the totals of every exercise that is done one side at a time or with the sides in turn, and of every build-up.
     */
    public static List<SideTotals> of(Timeline timeline) {
        List<SideTotals> all = new ArrayList<>(of(timeline, (_, item) -> item.exercise().id()));
        timeline.plan().buildUps().forEach(build -> all.add(ofDance(timeline, build)));
        return all;
    }

    /** A move that changes the lead shares its times between the feet; of an odd number the first has one more. */
    private static SideTotals ofDance(Timeline timeline, BuildUp build) {
        Map<Side, Sum> sums = new EnumMap<>(Map.of(Side.RIGHT, Sum.NOTHING, Side.LEFT, Sum.NOTHING));
        Map<Exercise, Boolean> changing = new HashMap<>();
        for (Span span : timeline.spans()) {
            if (span.entry().equals(build.id()) && span.done().move().isPresent()) {
                DancedMove danced = span.done().move().get();
                boolean changes = changing.computeIfAbsent(danced.move(), _ -> danced.facts().changesLead());
                int led = changes ? Math.ceilDiv(danced.times(), 2) : danced.times();
                Duration length = span.stretch().length();
                Duration lead = length.multipliedBy(led).dividedBy(danced.times());
                sums.computeIfPresent(danced.lead(), (_, sum) -> sum.plus(lead, false, 0));
                sums.computeIfPresent(danced.lead().other(),
                        (_, sum) -> sum.plus(length.minus(lead), false, 0));
            }
        }
        return new SideTotals(build.name(), List.of(build.id()), true,
                sums.getOrDefault(Side.RIGHT, Sum.NOTHING),
                sums.getOrDefault(Side.LEFT, Sum.NOTHING));
    }

    /** Returns the totals of each segment for itself: what one block gives to the right another may give to the left. */
    public static List<SideTotals> inBlocks(Timeline timeline) {
        return of(timeline, (segment, item) -> List.of(segment.id(), item.exercise().id()));
    }

    private static List<SideTotals> of(Timeline timeline, BiFunction<Segment, Item, Object> together) {
        Map<Object, List<Item>> byExercise = new LinkedHashMap<>();
        timeline.plan().segments().stream().filter(segment -> !segment.leftOut())
                .forEach(segment -> segment.entries().stream().flatMap(entry -> entry.items().stream())
                        .forEach(item -> byExercise
                                .computeIfAbsent(together.apply(segment, item), _ -> new ArrayList<>())
                                .add(item)));
        Map<EntryId, List<Span>> working = new HashMap<>();
        timeline.spans().stream().filter(span -> span.phase() == Phase.WORK || span.phase() == Phase.HOLD)
                .forEach(span -> working.computeIfAbsent(span.entry(), _ -> new ArrayList<>()).add(span));
        List<SideTotals> totals = new ArrayList<>();
        byExercise.values().stream().filter(items -> items.stream().anyMatch(SideTotals::oneSided))
                .forEach(items -> totals.add(of(working, items)));
        return totals;
    }

    private static boolean oneSided(Item item) {
        return item.dose().sides() != Sides.TOGETHER
                || item.rounds().values().stream().flatMap(each -> each.dose().stream())
                        .anyMatch(dose -> dose.sides() != Sides.TOGETHER);
    }

    private static SideTotals of(Map<EntryId, List<Span>> working, List<Item> items) {
        Map<Side, Sum> sums = new EnumMap<>(Map.of(Side.RIGHT, Sum.NOTHING, Side.LEFT, Sum.NOTHING));
        for (Item item : items) {
            for (Span span : working.getOrDefault(item.id(), List.of())) {
                add(sums, span, span.turn().of(item).dose());
            }
        }
        return new SideTotals(items.getFirst().name(), items.stream().map(Item::id).toList(), false,
                sums.getOrDefault(Side.RIGHT, Sum.NOTHING), sums.getOrDefault(Side.LEFT, Sum.NOTHING));
    }

    /** Sides in turn share the reps: of an odd number the right side has one more. */
    private static void add(Map<Side, Sum> sums, Span span, Dose dose) {
        int reps = span.done().reps();
        Duration length = span.stretch().length();
        boolean holds = span.phase() == Phase.HOLD;
        switch (span.side()) {
            case RIGHT, LEFT ->
                sums.computeIfPresent(span.side(), (_, sum) -> sum.plus(length, holds, reps));
            case BOTH -> {
                boolean turns = dose.sides() == Sides.ALTERNATING;
                int right = turns && !pairs(dose) ? (reps + 1) / 2 : reps;
                int left = turns && !pairs(dose) ? reps / 2 : reps;
                Duration share = turns && reps > 0
                        ? length.multipliedBy(right).dividedBy(right + left)
                        : half(length, turns);
                sums.computeIfPresent(Side.RIGHT, (_, sum) -> sum.plus(share, holds, right));
                sums.computeIfPresent(Side.LEFT,
                        (_, sum) -> sum.plus(turns ? length.minus(share) : length, holds, left));
            }
        }
    }

    private static Duration half(Duration length, boolean turns) {
        return turns ? length.dividedBy(2) : length;
    }

    private static boolean pairs(Dose dose) {
        return dose instanceof Reps reps && reps.stages().stream().anyMatch(
                each -> each instanceof Stage.Moves moves && moves.unit() == Stage.Unit.PAIR);
    }

    /** Returns whether the sides do the same: the same reps, and lengths that are shown the same. */
    public boolean even() {
        if (danced) {
            double most = Math.max(right.length().toMillis(), left.length().toMillis());
            return most == 0
                    || Math.min(right.length().toMillis(), left.length().toMillis()) >= most * (1 - DANCED);
        }
        return right.reps() == left.reps()
                && (right.reps() > 0 || Lengths.seconds(right.length()) == Lengths.seconds(left.length()));
    }

    /** Returns "Split squat: right 20 reps, left 18 reps". */
    public String words() {
        return danced
                ? "%s: led by the right %s, by the left %s".formatted(exercise, right.words(), left.words())
                : "%s: right %s, left %s".formatted(exercise, right.words(), left.words());
    }
}
