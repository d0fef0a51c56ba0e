package app.kehre.core.fitting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.proposal.Change;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/**
 * Makes a class end at its slot, or under it by less than the smallest step that is left, at the least weighted change.
 * What is proposed is laid out in time again by the compiler; a sum of the solver is never shown.
 */
public final class Fitting {

    private static final long TICK = 100_000_000L;
    private static final int TRIES = 8;
    /** No class that is fitted ends earlier than this before its slot, in ticks. */
    private static final int WIDEST = 150;
    private static final int WAYS = 3;
    private static final List<Weights> WEIGHTINGS = List.of(Weights.USUAL, Weights.FEWER_ROUNDS,
            Weights.SHORTER_RESTS, Weights.FEWER_LINES);

    private static final List<Weights> IN_THE_HALL = List.of(Weights.IN_THE_HALL,
            Weights.IN_THE_HALL_FEWER_LINES, Weights.IN_THE_HALL_SMALLER_DOSES);
    /** Within a minute is on time in the hall, in ticks; four times as much is tried next, up to a class's length. */
    private static final int NEARLY = 600;
    private static final int FAR = 40_000;

    private final Timeline before;
    private final Asked asked;
    private final Changeable open;
    private final List<Adjustable> adjustables;
    private final Map<Integer, Duration> lengths = new ConcurrentHashMap<>();

    /**
     * What is asked for.
     *
     * @param length how long the class, or the segment, shall be at the most
     * @param segment the segment that shall be so long, by its number; nothing for the class
     */
    public record Asked(Duration length, Optional<SegmentId> segment) {}

    private Fitting(Timeline before, Asked asked, Changeable open) {
        this.before = before;
        this.asked = asked;
        this.open = open;
        this.adjustables = new Adjustables(before,
                segment -> asked.segment().isEmpty() || asked.segment().get().equals(segment.id()), open)
                .all();
    }

    /** Fits a class. */
    public static Proposal of(ClassPlan plan, Asked asked) {
        return new Fitting(Timeline.of(plan), asked, Changeable.ALL).found();
    }

    /**
     * Finds the way at the least weighted change alone.
     *
     * @param fixed lines that stay as they are
     */
    public static Optional<Way> best(ClassPlan plan, Asked asked, Predicate<Entry> fixed) {
        return new Fitting(Timeline.of(plan), asked, Changeable.allBut(fixed)).way(Weights.USUAL);
    }

    /**
     * Finds ways for a class that is being taught, the least weighted change first: few changes, none of them to what has
     * begun. They end in the length, or before it by less than a minute where that is possible, else by more.
     *
     * @param before the class as it stands
     * @param length how long what is measured shall be at the most
     * @param ways how many are looked for, at most three
     */
    public static List<Way> inTheHall(Timeline before, Duration length, Changeable open, int ways) {
        Fitting fitting = new Fitting(before, new Asked(length, Optional.empty()), open);
        List<Weights> weightings = length.compareTo(open.length(before)) > 0
                ? List.of(Weights.IN_THE_HALL_LONGER, Weights.IN_THE_HALL_FEWER_LINES)
                : IN_THE_HALL;
        return distinct(weightings.stream().limit(ways).flatMap(weights -> fitting.nearly(weights).stream())
                .toList());
    }

    private Optional<Way> nearly(Weights weights) {
        long missing = asked.length().minus(length(before)).toNanos();
        List<Exact.Choice> choices = adjustables.stream().map(each -> choice(each, weights, missing))
                .toList();
        for (int window = NEARLY; window <= FAR; window *= 4) {
            Optional<Way> way = options(choices, missing, window, options -> options).map(this::made);
            if (way.isPresent()) {
                return way;
            }
        }
        return Optional.empty();
    }

    private Proposal found() {
        List<Way> ways = distinct(
                WEIGHTINGS.parallelStream().flatMap(weights -> way(weights).stream()).toList());
        return ways.isEmpty()
                ? new Proposal.Refused(reason())
                : new Proposal.Proposed(toldApart(ways.stream().limit(WAYS).toList()));
    }

    /** Each way says first what no other one does: three that begin with the same words are none to choose from. */
    private static List<Way> toldApart(List<Way> ways) {
        return ways.stream().map(way -> new Way(WayWords.of(way.changes().stream()
                .sorted(Comparator
                        .comparingLong(change -> ways.stream().filter(other -> has(other, change)).count()))
                .toList()), way.changes(), way.notes(), way.after())).toList();
    }

    private static boolean has(Way way, Change change) {
        return way.changes().stream().anyMatch(other -> other.words().equals(change.words()));
    }

    private static List<Way> distinct(List<Way> found) {
        List<Way> ways = new ArrayList<>();
        found.forEach(way -> {
            if (ways.stream().noneMatch(other -> gist(other).equals(gist(way)))) {
                ways.add(way);
            }
        });
        return ways;
    }

    /** Two ways that differ in doses alone are one to choose from. */
    private static Set<String> gist(Way way) {
        return way.changes().stream().filter(change -> change.kind() != Change.Kind.DOSE)
                .map(change -> change.kind() + " " + change.entry()).collect(Collectors.toSet());
    }

    private Duration length(Timeline timeline) {
        return asked.segment().map(id -> timeline.ofSegment(id).length())
                .orElseGet(() -> open.length(timeline));
    }

    private Optional<Way> way(Weights weights) {
        long missing = asked.length().minus(length(before)).toNanos();
        List<Exact.Choice> choices = adjustables.stream().map(each -> choice(each, weights, missing))
                .toList();
        Drops drops = new Drops(adjustables, choices);
        for (int window = smallestStep(choices);; window = Math.min(2 * window, WIDEST)) {
            Optional<Way> way = drops.areFew()
                    ? withDrops(drops, window)
                    : options(choices, missing, window, options -> options).map(this::made);
            if (way.isPresent() || window == WIDEST) {
                return way;
            }
        }
    }

    /** What is left out is tried in every combination, each laid out in time: only the doses are left to add up. */
    private Optional<Way> withDrops(Drops drops, int window) {
        int least = Integer.MAX_VALUE;
        Optional<int[]> best = Optional.empty();
        for (Drops.Some some : drops.cheapestFirst()) {
            if (some.cost() >= least) {
                break;
            }
            long missing = asked.length().minus(lengthWith(some)).toNanos();
            Optional<int[]> found = options(some.others(), missing, window, some::with);
            int cost = found.map(drops::cost).orElse(Integer.MAX_VALUE);
            best = cost < least ? found : best;
            least = Math.min(cost, least);
        }
        return best.map(this::made);
    }

    private Duration lengthWith(Drops.Some some) {
        return lengths.computeIfAbsent(some.which(),
                _ -> length(Timeline
                        .of(Change.all(before.plan(), changes(some.with(new int[adjustables.size()]))))));
    }

    /** The solver's sum is off where changeovers come and go, so its bounds are moved by what it was off. */
    private Optional<int[]> options(List<Exact.Choice> choices, long missing, int window,
            UnaryOperator<int[]> whole) {
        long aim = Math.floorDiv(missing, TICK);
        for (int attempt = 0; attempt < TRIES; attempt++) {
            Optional<int[]> options = Exact.solve(choices, Math.toIntExact(aim - window + 1),
                    Math.toIntExact(aim)).map(whole);
            if (options.isEmpty()) {
                return Optional.empty();
            }
            Duration left = asked.length()
                    .minus(length(Timeline.of(Change.all(before.plan(), changes(options.get())))));
            if (!left.isNegative() && left.toNanos() < window * TICK) {
                return options;
            }
            long off = left.isNegative() ? left.toNanos() - TICK : left.toNanos() - (window - 1) * TICK;
            aim += Math.floorDiv(off, TICK);
        }
        return Optional.empty();
    }

    /** What can be done to a line and what each costs: more where less is asked for is dear, as less is where more is. */
    private static Exact.Choice choice(Adjustable adjustable, Weights weights, long missing) {
        List<Adjustable.Option> options = adjustable.options();
        int[] adds = new int[options.size() + 1];
        int[] costs = new int[options.size() + 1];
        for (int i = 0; i < options.size(); i++) {
            adds[i + 1] = Math.toIntExact(Math.round(options.get(i).adds().toNanos() / (double) TICK));
            boolean against = missing < 0 && adds[i + 1] > 0 || missing > 0 && adds[i + 1] < 0;
            costs[i + 1] = weights.cost(options.get(i), against);
        }
        return new Exact.Choice(adds, costs);
    }

    private static int smallestStep(List<Exact.Choice> choices) {
        return choices.stream().flatMapToInt(each -> Arrays.stream(each.adds())).map(Math::abs)
                .filter(adds -> adds > 0).min().stream().map(step -> Math.min(step, WIDEST)).findFirst()
                .orElse(1);
    }

    private Way made(int[] options) {
        List<Change> changes = changes(options);
        return new Way(WayWords.of(changes), changes, List.of(), Change.all(before.plan(), changes));
    }

    private List<Change> changes(int[] options) {
        List<Change> changes = new ArrayList<>();
        for (int i = 0; i < options.length; i++) {
            if (options[i] > 0) {
                changes.add(adjustables.get(i).options().get(options[i] - 1).change());
            }
        }
        return changes;
    }

    private String reason() {
        Duration least = Duration.ZERO;
        Duration most = Duration.ZERO;
        for (Adjustable each : adjustables) {
            least = least.plus(each.options().stream().map(Adjustable.Option::adds).min(Duration::compareTo)
                    .filter(Duration::isNegative).orElse(Duration.ZERO));
            most = most.plus(each.options().stream().map(Adjustable.Option::adds).max(Duration::compareTo)
                    .filter(Duration::isPositive).orElse(Duration.ZERO));
        }
        Duration over = length(before).plus(least).minus(asked.length());
        String what = asked.segment().map(id -> before.plan().segment(id).name()).orElse("the class");
        if (over.isPositive()) {
            return "Even at the least doses %s is %s too long%s.".formatted(what, Lengths.clock(over),
                    locked());
        }
        Duration under = asked.length().minus(length(before).plus(most));
        return under.isPositive()
                ? "Even at the most doses %s is %s too short%s.".formatted(what, Lengths.clock(under),
                        locked())
                : "No change of doses, rounds and lines comes near enough to %s.".formatted(
                        Lengths.clock(asked.length()));
    }

    private String locked() {
        List<String> locked = before.plan().items().filter(item -> item.delivery().locked()).map(Item::name)
                .toList();
        return locked.isEmpty() ? "" : ": these are locked: " + String.join(", ", locked);
    }
}
