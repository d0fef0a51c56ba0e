package app.kehre.core.footwork;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;

import app.kehre.core.value.Side;

/**
 * What follows from a row alone.
 *
 * @param counts as danced
 * @param after which foot is free at its end
 * @param stances how one stands before and after, on the right lead
 * @param ascents how often the weight goes from the floor onto the bench
 * @param bearing how long each foot bears weight
 * @param springs hops, leaps and jumps
 * @param lifts the most lifts of one leg while the other bears the weight without a change
 * @param heading how the way through the room changes
 * @param floor the steps covered, to the side and to the front, 1 or more each
 */
public record RowFacts(int counts, After after, Stances stances, int ascents, Bearing bearing,
        int springs, int lifts, Heading heading, Box floor) {

    /** More rows than this nobody types. */
    private static final int KEPT = 2000;
    private static final Map<Row, RowFacts> WORKED_OUT = new ConcurrentHashMap<>();

    /** From so many lifts of one leg over the other on it is a repeater. */
    public static final int REPEATER = 3;

    /**
     * How one stands.
     *
     * @param start before
     * @param end after
     */
    public record Stances(Stance start, Stance end) {}

    /**
     * How long each foot bears weight, in half-counts; on both feet both do.
     *
     * @param lead the foot that leads
     * @param other the other one
     */
    public record Bearing(int lead, int other) {}

    /**
     * How the way through the room changes.
     *
     * @param changes how often its direction changes
     * @param turns the whole of all quarter turns, whichever way
     */
    public record Heading(int changes, int turns) {}

    /** Which foot is free after a move. */
    public enum After {
        /** The lead foot again: the lead is kept. */
        KEEPS("keeps the lead"),
        /** The other foot: the lead changes. */
        CHANGES("changes the lead"),
        /** Either, after landing on both. */
        EITHER("either foot goes on");

        private final String words;

        After(String words) {
            this.words = words;
        }

        /** Returns it in words. */
        public String words() {
            return words;
        }
    }

    /**
     * A part of the floor, in steps of about 0.6 m (Kehre's estimate).
     *
     * @param wide to the sides
     * @param deep to the front and back
     */
    public record Box(int wide, int deep) {
        private static final double STEP = 0.6;

        /** Returns the floor in square metres. */
        public double squareMetres() {
            return wide * STEP * deep * STEP;
        }
    }

    /** Returns how one stands before it, on the right lead. */
    public Stance start() {
        return stances.start();
    }

    /** Returns how one stands after it. */
    public Stance end() {
        return stances.end();
    }

    /** Returns the facts of a row: worked out once, for they are asked for with every class that is judged. */
    public static RowFacts of(Row row) {
        RowFacts known = WORKED_OUT.get(row);
        if (known != null) {
            return known;
        }
        RowFacts facts = walked(row);
        if (WORKED_OUT.size() >= KEPT) {
            WORKED_OUT.clear();
        }
        WORKED_OUT.put(row, facts);
        return facts;
    }

    private static RowFacts walked(Row row) {
        Stance start = (row.bench() ? Stance.before(row.from(), Side.RIGHT) : Stance.OPEN).on(Side.LEFT);
        return of(row, Walk.of(row, Side.RIGHT, start, 0), start);
    }

    private static RowFacts of(Row row, Walk walk, Stance start) {
        List<Walk.Step> steps = walk.steps();
        return new RowFacts(row.counts(), after(walk.end()), new Stances(start, walk.end()),
                count(steps, Walk.Step::ascends),
                new Bearing(bearing(steps, Side.RIGHT), bearing(steps, Side.LEFT)),
                count(steps, Walk.Step::springs), lifts(steps),
                new Heading(directionChanges(steps),
                        row.beats().stream().mapToInt(beat -> Math.abs(beat.turn())).sum()),
                floor(steps));
    }

    private static After after(Stance end) {
        return switch (end.weight()) {
            case LEFT -> After.KEEPS;
            case RIGHT -> After.CHANGES;
            case BOTH -> After.EITHER;
        };
    }

    private static int count(List<Walk.Step> steps, java.util.function.Predicate<Walk.Step> which) {
        return Math.toIntExact(steps.stream().filter(which).count());
    }

    private static int bearing(List<Walk.Step> steps, Side foot) {
        return count(steps, step -> step.after().weight() == foot || step.after().weight() == Side.BOTH);
    }

    private static int lifts(List<Walk.Step> steps) {
        int most = 0;
        int now = 0;
        Side standing = Side.BOTH;
        for (Walk.Step step : steps) {
            now = step.after().weight() == standing && standing != Side.BOTH ? now : 0;
            standing = step.after().weight();
            now += step.beat().gesture().filter(act -> act.shape().lifts()).isPresent() ? 1 : 0;
            most = Math.max(most, now);
        }
        return most;
    }

    private static int directionChanges(List<Walk.Step> steps) {
        List<Spot> ways = steps.stream()
                .map(step -> step.after().spot().plus(-step.before().spot().x(), -step.before().spot().y()))
                .filter(way -> way.x() != 0 || way.y() != 0)
                .map(way -> new Spot(Integer.signum(way.x()), Integer.signum(way.y()), Spot.Level.OPEN))
                .toList();
        int changes = 0;
        for (int i = 1; i < ways.size(); i++) {
            changes += Objects.equals(ways.get(i), ways.get(i - 1)) ? 0 : 1;
        }
        return changes;
    }

    private static Box floor(List<Walk.Step> steps) {
        int left = steps.stream().mapToInt(RowFacts::left).min().orElse(0);
        int right = steps.stream().mapToInt(RowFacts::right).max().orElse(0);
        int back = steps.stream().mapToInt(step -> step.after().spot().y()).min().orElse(0);
        int front = steps.stream().mapToInt(step -> step.after().spot().y()).max().orElse(0);
        return new Box(right - left + 1, front - back + 1);
    }

    private static int left(Walk.Step step) {
        return Math.min(step.before().spot().x(), step.after().spot().x());
    }

    private static int right(Walk.Step step) {
        return Math.max(step.before().spot().x(), step.after().spot().x());
    }

    /** Returns whether the lead changes. */
    public boolean changesLead() {
        return after == After.CHANGES;
    }

    /** Returns whether it is a repeater: three lifts or more of one leg over the other. */
    public boolean repeats() {
        return lifts >= REPEATER;
    }

    /** Returns whether the body turns in it. */
    public boolean turning() {
        return heading.turns() > 0;
    }

    /** Returns whether it goes over the bench, or astride of it. */
    public boolean over() {
        return end().spot().level() == Spot.Level.ASTRIDE || start().spot().level() == Spot.Level.ASTRIDE
                || start().spot().level() == Spot.Level.FLOOR && end().spot().level() == Spot.Level.FLOOR
                        && start().spot().y() * end().spot().y() < 0;
    }

    /** Returns whether it comes after the basics: a repeater, a turn, a way over the bench. */
    public boolean afterTheBasics() {
        return repeats() || turning() || over();
    }

    /** Returns whether it ends where and facing as it started. */
    public boolean returns() {
        return start().samePlace(end());
    }
}
