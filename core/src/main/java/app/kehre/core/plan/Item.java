package app.kehre.core.plan;

import java.util.EnumSet;
import java.util.Set;

import app.kehre.core.dose.Dose;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;

/**
 * An exercise in a class.
 *
 * @param id the entry's number in the plan
 * @param exercise what is done
 * @param dose how much
 * @param load with what
 * @param note the instructor's own words: a tip, an encouragement; at most {@value Notes#LONGEST} characters
 */
public record Item(int id, Exercise exercise, Dose dose, Load load, String note) implements Entry {
    public Item {
        Notes.check(note);
    }

    /** Returns a new item of the exercise with its usual dose and load. */
    public static Item of(int id, Exercise exercise) {
        return new Item(id, exercise, exercise.usualDose(), exercise.usualLoad(), "");
    }

    @Override
    public String name() {
        return exercise.name();
    }

    /** Returns all kinds of kit that it needs: the exercise's own and the load's. */
    public Set<Equipment> kit() {
        EnumSet<Equipment> kit = EnumSet.noneOf(Equipment.class);
        kit.addAll(exercise.equipment());
        if (load instanceof Load.Carried carried) {
            kit.add(carried.kit());
        }
        return kit;
    }

    /** Returns the item with another exercise; dose, load and note stay. */
    public Item withExercise(Exercise other) {
        return new Item(id, other, dose, load, note);
    }

    /** Returns the item with another dose. */
    public Item withDose(Dose other) {
        return new Item(id, exercise, other, load, note);
    }

    /** Returns the item with another load. */
    public Item withLoad(Load other) {
        return new Item(id, exercise, dose, other, note);
    }

    @Override
    public Item withId(int other) {
        return new Item(other, exercise, dose, load, note);
    }

    @Override
    public Item withNote(String other) {
        return new Item(id, exercise, dose, load, other);
    }
}
