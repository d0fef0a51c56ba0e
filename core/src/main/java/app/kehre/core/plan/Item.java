package app.kehre.core.plan;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

import app.kehre.core.dose.Dose;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Position;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.people.Limit;

/**
 * An exercise in a class.
 *
 * @param id what tells it from all others of the plan
 * @param exercise what is done
 * @param dose how much
 * @param load with what
 * @param posed the position in which it is done, one that the exercise has; nothing for its usual one
 * @param note the instructor's own words: a tip, an encouragement; at most {@value Notes#LONGEST} characters
 * @param delivery how it is taught
 * @param rounds what is different in which round of its circuit, from 1; empty outside of circuits
 * @param instead what people with a limit do meanwhile, for as long
 */
public record Item(EntryId id, Exercise exercise, Dose dose, Load load, Optional<Position> posed, String note,
        Delivery delivery,
        Map<Integer, RoundChange> rounds, Map<Limit, Exercise> instead) implements Entry {
    public Item {
        Notes.check(note);
        posed = posed.filter(each -> each != exercise.position());
        posed.filter(each -> !exercise.setting().allows(each)).ifPresent(each -> {
            throw new IllegalArgumentException("%s is not done %s; it can be done: %s.".formatted(
                    exercise.name(), each.words(), String.join(", ",
                            exercise.setting().positions().stream().map(Position::words).toList())));
        });
        Map<Integer, RoundChange> changes = new TreeMap<>(rounds);
        changes.values().removeIf(RoundChange::isNone);
        changes.keySet().forEach(round -> Circuit.ROUNDS.check(round));
        rounds = Map.copyOf(changes);
        Map<Limit, Exercise> others = new EnumMap<>(Limit.class);
        others.putAll(instead);
        instead = Collections.unmodifiableMap(others);
    }

    /** Returns an item that is taught in the usual way. */
    public Item(EntryId id, Exercise exercise, Dose dose, Load load, String note) {
        this(id, exercise, dose, load, Optional.empty(), note, Delivery.USUAL, Map.of(), Map.of());
    }

    /** Returns a new item of the exercise with its usual dose and load. */
    public static Item of(EntryId id, Exercise exercise) {
        return new Item(id, exercise, exercise.usualDose(), exercise.usualLoad(), "");
    }

    @Override
    public String name() {
        return exercise.name();
    }

    @Override
    public List<Exercise> exercises() {
        return List.of(exercise);
    }

    /** Returns all kinds of kit that it needs: the exercise's own and the load's. */
    @Override
    public Set<Equipment> kit() {
        EnumSet<Equipment> kit = EnumSet.noneOf(Equipment.class);
        kit.addAll(exercise.equipment());
        load.pieces().forEach(piece -> kit.add(piece.kit()));
        if (position() == Position.SEATED_CHAIR) {
            kit.add(Equipment.CHAIR);
        }
        return kit;
    }

    /** Returns how the body is placed. */
    public Position position() {
        return posed.orElse(exercise.position());
    }

    /** Returns the item in another position; nothing for the exercise's usual one. */
    public Item withPosed(Optional<Position> other) {
        return new Item(id, exercise, dose, load, other, note, delivery, rounds, instead);
    }

    /**
     * Returns the item as it is in a round of its circuit, from 1.
     *
     * @param round of its circuit, from 1
     */
    public Item inRound(int round) {
        RoundChange change = rounds.get(round);
        return change == null ? this : change.in(this);
    }

    /**
     * Returns whether it is left out in a round of its circuit, from 1.
     *
     * @param round of its circuit, from 1
     */
    public boolean outIn(int round) {
        RoundChange change = rounds.get(round);
        return change != null && change.out();
    }

    /**
     * Returns what is different in a round.
     *
     * @param round of its circuit, from 1
     */
    public RoundChange change(int round) {
        return rounds.getOrDefault(round, RoundChange.NONE);
    }

    /** Returns the item with something else to do for people with a limit. */
    @Override
    public Item withInstead(Limit limit, Exercise other) {
        Map<Limit, Exercise> others = new EnumMap<>(Limit.class);
        others.putAll(instead);
        others.put(limit, other);
        return withInstead(others);
    }

    /** Returns the item with other things to do for people with limits. */
    public Item withInstead(Map<Limit, Exercise> others) {
        return new Item(id, exercise, dose, load, posed, note, delivery, rounds, others);
    }

    /**
     * Returns the item with another exercise; dose, load and note stay, and what people do instead where the
     * other has a caution for them too.
     */
    public Item withExercise(Exercise other) {
        Map<Limit, Exercise> still = new EnumMap<>(Limit.class);
        still.putAll(instead);
        still.keySet().removeIf(limit -> other.cautionFor(limit).isEmpty());
        return new Item(id, other, dose, load, posed.filter(other.setting()::allows), note, delivery, rounds,
                still);
    }

    /** Returns the item with another dose. */
    public Item withDose(Dose other) {
        return new Item(id, exercise, other, load, posed, note, delivery, rounds, instead);
    }

    /** Returns the item with another load. */
    public Item withLoad(Load other) {
        return new Item(id, exercise, dose, other, posed, note, delivery, rounds, instead);
    }

    /** Returns the item taught in another way. */
    public Item withDelivery(Delivery other) {
        return new Item(id, exercise, dose, load, posed, note, other, rounds, instead);
    }

    /**
     * Returns the item with another change in a round.
     *
     * @param round of its circuit, from 1
     */
    public Item withChange(int round, RoundChange change) {
        Map<Integer, RoundChange> others = new TreeMap<>(rounds);
        others.put(round, change);
        return new Item(id, exercise, dose, load, posed, note, delivery, others, instead);
    }

    /** Returns the item without changes by the round, as it is outside of a circuit. */
    public Item withoutRounds() {
        return new Item(id, exercise, dose, load, posed, note, delivery, Map.of(), instead);
    }

    @Override
    public List<Item> items() {
        return List.of(this);
    }

    @Override
    public Optional<Item> item() {
        return Optional.of(this);
    }

    @Override
    public Optional<Dose> dosed() {
        return Optional.of(dose);
    }

    @Override
    public Item withName(String other) {
        return this;
    }

    @Override
    public Item withId(EntryId other) {
        return new Item(other, exercise, dose, load, posed, note, delivery, rounds, instead);
    }

    @Override
    public Item withNote(String other) {
        return new Item(id, exercise, dose, load, posed, other, delivery, rounds, instead);
    }
}
