package app.kehre.core.catching;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import app.kehre.core.exercise.Muscle;
import app.kehre.core.fitting.Changeable;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.proposal.Change;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/**
 * Finds what has to change so that a class that is being taught ends on time. What gives way comes in this order, and
 * nothing of the next is touched while the one before is enough: what was not promised; what was promised, shortened; whole
 * blocks that were not promised, at last all of it; the way down and the warm-up, shortened; what was promised, left out but for one line an
 * area. A line that has begun is done as it is; sides stay even.
 */
public final class CatchingUp {

    /** So much late is worth a proposal, where nothing else is set. Kehre's estimate. */
    public static final Duration THRESHOLD = Duration.ofSeconds(30);
    /** So much time that is left over, beyond what the plan leaves, is worth one. Kehre's estimate. */
    public static final Duration MUCH = Duration.ofMinutes(2);
    /** Who is kept on time ends so long before the room must be free, where that is possible (figures.md, "Good classes"). */
    private static final Duration SPARE = Duration.ofSeconds(30);
    /** Once only the way down is left, who is kept on time has so much to spare: goodbyes are long. Kehre's estimate. */
    private static final Duration GOODBYE = Duration.ofSeconds(10);
    private static final int WAYS = 3;
    private static final int FEW = 3;

    private final Rest rest;
    private final Timeline before;
    private final int wanted;

    private CatchingUp(Rest rest, int wanted) {
        this.rest = rest;
        this.wanted = wanted;
        this.before = Timeline.of(rest.plan());
    }

    /** Proposes what to change, or says why nothing helps. */
    public static Proposal of(Rest rest) {
        CatchingUp catching = new CatchingUp(rest, WAYS);
        return rest.over().isPositive() ? catching.sooner() : catching.later();
    }

    /** Returns whether a class is so late, or has so much time left, that a proposal is worth its while. */
    public static boolean isWorthIt(Rest rest, Duration threshold) {
        Duration planned = rest.plan().brief().slot().minus(rest.course().planned().total());
        Duration spare = rest.over().negated();
        return rest.over().compareTo(threshold) > 0 || spare.compareTo(MUCH) > 0
                && spare.compareTo(planned.plus(MUCH)) > 0;
    }

    /**
     * Returns whether a class that is kept on time has to change now: from the threshold on as long as there is something
     * else than the way down, then as soon as less than ten seconds are to spare.
     */
    public static boolean isDue(Rest rest, Duration threshold) {
        return rest.over().compareTo(rest.onlyWayDown() ? GOODBYE.negated() : threshold) > 0;
    }

    /** Proposes the first way alone, or says why nothing helps: for who is kept on time. */
    public static Proposal first(Rest rest) {
        return new CatchingUp(rest, 1).sooner();
    }

    private Proposal sooner() {
        Changeable main = rest.open();
        List<Way> ways = new ArrayList<>(ways(main.but(rest::promised)));
        if (ways.isEmpty()) {
            ways.addAll(ways(main.keeping(rest::promised)));
        }
        if (ways.size() < wanted || ways.getFirst().changes().size() > FEW) {
            withoutBlocks(block -> !rest.promised(block))
                    .filter(way -> ways.isEmpty() || wastes(way).compareTo(rest.over()) < 0)
                    .ifPresent(ways::add);
        }
        if (ways.isEmpty()) {
            withoutAllElse().ifPresent(ways::add);
        }
        if (ways.isEmpty()) {
            ways.addAll(ways(rest.ofAll().keeping(_ -> true)));
        }
        if (ways.isEmpty()) {
            ways.addAll(
                    ways(rest.ofAll().keeping(this::staysForItsArea).keeping(entry -> !rest.main(entry))));
        }
        if (ways.isEmpty()) {
            withoutBlocks(_ -> true).ifPresent(ways::add);
        }
        return ways.isEmpty()
                ? new Proposal.Refused("No change of doses, rounds and lines makes up %s%s.".formatted(
                        Lengths.clock(rest.over()), rest.canGoDown() ? ": F goes to the way down" : ""))
                : new Proposal.Proposed(fewFirst(ways));
    }

    /** Nobody keeps more than three changes in mind while they teach; what has more comes later. */
    private static List<Way> fewFirst(List<Way> ways) {
        return ways.stream().sorted(Comparator.comparingInt(way -> Math.max(FEW, way.changes().size())))
                .limit(WAYS).toList();
    }

    private List<Way> ways(Changeable open) {
        List<Way> ways = wanted == 1
                ? Fitting.inTheHall(before, rest.room().minus(SPARE), open, wanted)
                : List.of();
        return ways.isEmpty() && rest.over().isPositive()
                ? Fitting.inTheHall(before, rest.room(), open, wanted)
                : ways;
    }

    /** The fewest and shortest blocks that are enough. */
    private Optional<Way> withoutBlocks(Predicate<Entry> which) {
        List<Rest.Block> blocks = rest.blocks().stream()
                .filter(block -> block.lines().stream().allMatch(which)).toList();
        return some(blocks).map(this::without).filter(way -> left(way).compareTo(rest.room()) <= 0)
                .max(Comparator.comparingInt((Way way) -> -way.changes().size()).thenComparing(this::left));
    }

    /** All that is still to come of the main part and was not promised. */
    private Optional<Way> withoutAllElse() {
        List<Entry> lines = ahead()
                .filter(entry -> rest.main(entry) && !rest.promised(entry) && !entry.locked())
                .toList();
        return lines.isEmpty()
                ? Optional.empty()
                : Optional.of(without(List.of(new Rest.Block("all that was not promised", lines))))
                        .filter(way -> left(way).compareTo(rest.room()) <= 0);
    }

    /** How much earlier than it could a class would end. */
    private Duration wastes(Way way) {
        return rest.room().minus(left(way));
    }

    private Duration left(Way way) {
        return rest.lengthIn(Timeline.of(way.after()));
    }

    /** One block, or two that do not lie in each other. */
    private static Stream<List<Rest.Block>> some(List<Rest.Block> blocks) {
        return Stream.concat(blocks.stream().map(List::of),
                IntStream.range(0, blocks.size()).boxed()
                        .flatMap(one -> blocks.subList(one + 1, blocks.size())
                                .stream()
                                .filter(other -> Collections.disjoint(blocks.get(one).lines(), other.lines()))
                                .map(other -> List.of(blocks.get(one), other))));
    }

    private Way without(List<Rest.Block> blocks) {
        List<Change> changes = blocks.stream().map(block -> Change.of(block.lines().getFirst().id(),
                "without " + block.name(), Change.Kind.OUT, plan -> without(plan, block.lines()))).toList();
        return new Way(changes.stream().map(Change::words).collect(Collectors.joining(", ")), changes,
                List.of(), Change.all(rest.plan(), changes));
    }

    private static ClassPlan without(ClassPlan plan, List<Entry> lines) {
        ClassPlan changed = plan;
        for (Entry line : lines) {
            changed = changed.find(line.id()).isPresent() ? changed.remove(line.id()) : changed;
        }
        return changed;
    }

    /** Whether it is the one line that stays for an area that was promised: the first that was written for it. */
    private boolean staysForItsArea(Entry entry) {
        Set<Muscle> areas = rest.plan().brief().goal().areas();
        return areas.stream().filter(area -> serves(entry, area))
                .anyMatch(area -> ahead().filter(other -> serves(other, area))
                        .allMatch(other -> other.id().compareTo(entry.id()) >= 0));
    }

    private Stream<Entry> ahead() {
        return rest.plan().entries().filter(entry -> !rest.begun(entry.id()));
    }

    private static boolean serves(Entry entry, Muscle area) {
        return entry.exercises().stream().anyMatch(each -> each.main().contains(area));
    }

    /** More of what is planned: longer stretches and holds, more reps, a round more. */
    private Proposal later() {
        Duration aim = rest.room().minus(SPARE);
        List<Way> ways = Fitting.inTheHall(before, aim, rest.ofAll(), wanted).stream()
                .filter(way -> rest.lengthIn(Timeline.of(way.after())).compareTo(rest.length()) > 0).toList();
        return ways.isEmpty()
                ? new Proposal.Refused("Nothing that is still to come can be longer by %s."
                        .formatted(Lengths.clock(rest.over())))
                : new Proposal.Proposed(ways);
    }

    /** Returns a class with a proposal, and how long what is left of it would be. */
    public static Duration lengthWith(Rest rest, ClassPlan after) {
        return rest.lengthIn(Timeline.of(after));
    }
}
