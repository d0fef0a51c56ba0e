package app.kehre.core.plan;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import app.kehre.core.dose.Dose;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.people.Limit;

/** One line of a segment: an exercise with its dose, a circuit of exercises, a build-up of combinations, a screen, or a
 * pause. */
public sealed interface Entry permits BuildUp, Circuit, Item, Pause, Screen {

    /** Returns what tells it from all others of the plan, kept through edits. */
    EntryId id();

    /** Returns what it is called on screen and on the sheet. */
    String name();

    /** Returns the exercises that are done in it, each once, in order; none in a pause or a screen. */
    List<Exercise> exercises();

    /**
     * Returns what the line is about, by the ids of its exercises, else by its name. What was decided about a line holds as
     * long as this stays the same.
     */
    default String subject() {
        return exercises().isEmpty()
                ? name()
                : exercises().stream().map(Exercise::id).collect(Collectors.joining(", "));
    }

    /** Returns the lines that stand inside of it: those of a circuit. */
    default List<Entry> inside() {
        return List.of();
    }

    /** Returns the exercises with their doses that it is made of: an item itself, the items of a circuit, else none. */
    default List<Item> items() {
        return List.of();
    }

    /** Returns it as an item, if it is one. */
    default Optional<Item> item() {
        return Optional.empty();
    }

    /**
     * Returns it as one item, for what is asked of a line as a whole: kit, cautions, what comes later. An item itself; a
     * build-up with the kit and the cautions of all its moves; nothing for what is no work of its own.
     */
    default Optional<Item> whole() {
        return item();
    }

    /** Returns all kit that it needs. */
    default Set<Equipment> kit() {
        Set<Equipment> kit = EnumSet.noneOf(Equipment.class);
        items().forEach(item -> kit.addAll(item.kit()));
        return kit;
    }

    /** Returns what is held or worn; {@link Load#NONE} where there is none, or where it is each item's. */
    default Load load() {
        return Load.NONE;
    }

    /** Returns its dose, if it is dosed as a whole. */
    default Optional<Dose> dosed() {
        return Optional.empty();
    }

    /** Returns whether it, or something in it, must stay as it is. */
    default boolean locked() {
        return items().stream().anyMatch(item -> item.delivery().locked());
    }

    /** Returns whether people stand still in it by its nature. */
    default boolean stops() {
        return false;
    }

    /** Returns whether it is a pause for drinking. */
    default boolean isWater() {
        return false;
    }

    /** Returns the instructor's own note; may be empty. */
    String note();

    /** Returns the same entry under another number. */
    Entry withId(EntryId id);

    /** Returns the same entry under numbers from this one on, what is in it as well. */
    default Entry copy(EntryId first) {
        return withId(first);
    }

    /** Returns the same entry under another name; an item has that of its exercise. */
    Entry withName(String name);

    /** Returns it with something else to do for people with a limit; what can have none stays as it is. */
    default Entry withInstead(Limit limit, Exercise other) {
        return this;
    }

    /** Returns the same entry with another note. */
    Entry withNote(String note);
}
