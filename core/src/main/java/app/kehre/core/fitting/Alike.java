package app.kehre.core.fitting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.ToIntFunction;

import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseLevels;
import app.kehre.core.dose.Interval;
import app.kehre.core.exercise.Dosing;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;

/**
 * Items whose doses are changed together.
 *
 * @param about the line that is changed: one of them, or the circuit whose clock it is
 * @param name what is said to be changed, its name
 * @param items one, the two sides of one exercise, or the stations of one clock
 * @param often how often each of them comes
 * @param dispensable whether they may be left out as well
 */
record Alike(EntryId about, String name, List<Item> items, ToIntFunction<Item> often, boolean dispensable) {

    /** Returns items that stand by themselves, each done once. */
    static Alike of(List<Item> items) {
        return new Alike(items.getFirst().id(), items.getFirst().name(), items, _ -> 1, true);
    }

    /** Returns what is changed together in a circuit. */
    static List<Alike> in(Circuit circuit) {
        Map<Object, List<Item>> groups = new LinkedHashMap<>();
        circuit.items()
                .forEach(item -> groups.computeIfAbsent(together(circuit, item), _ -> new ArrayList<>())
                        .add(item));
        return groups.values().stream().map(items -> exercises(items) > 1
                ? new Alike(circuit.id(), circuit.name(), items, _ -> 1, false)
                : new Alike(items.getFirst().id(), items.getFirst().name(), items, _ -> 1, false)).toList();
    }

    /** What an item of a circuit shares with those that are changed with it: its clock, or the exercise of its other side. */
    private static Object together(Circuit circuit, Item item) {
        return SidesKept.half(item) && !(item.dose() instanceof Interval)
                ? item.exercise().id()
                : circuit.calledWith(item).getFirst().id();
    }

    private static long exercises(List<Item> items) {
        return items.stream().map(Item::exercise).distinct().count();
    }

    /** Returns them as often as they come: rounds, for a circuit. */
    Alike asOftenAs(ToIntFunction<Item> other) {
        return new Alike(about, name, items, other, dispensable);
    }

    /** Returns whether one of them comes at all. */
    boolean comes() {
        return items.stream().anyMatch(item -> often.applyAsInt(item) > 0);
    }

    Item first() {
        return items.getFirst();
    }

    /** Returns how many doses it is to those who do them: the two sides are one. */
    int doses() {
        return Math.toIntExact(exercises(items));
    }

    /** Returns the other doses that make sense for all of them. */
    List<DoseLevels.Level> levels() {
        return levels(first()).stream().filter(level -> items.stream().skip(1)
                .allMatch(item -> sameExercise(item) || levels(item).stream()
                        .anyMatch(other -> Math.abs(other.change() - level.change()) < 0.001)))
                .toList();
    }

    private boolean sameExercise(Item item) {
        return item.exercise().equals(first().exercise());
    }

    private static List<DoseLevels.Level> levels(Item item) {
        Dosing dosing = item.exercise().dosing();
        return DoseLevels.of(item.dose(), dosing.least(), dosing.most());
    }

    /** Returns by how much the class would be longer with another dose in all of them. */
    Duration adds(BiFunction<Item, Dose, Duration> length, Dose dose) {
        Duration adds = Duration.ZERO;
        for (Item item : items) {
            Duration more = length.apply(item, dose.withSides(item.dose().sides()))
                    .minus(length.apply(item, item.dose()));
            adds = adds.plus(more.multipliedBy(often.applyAsInt(item)));
        }
        return adds;
    }
}
