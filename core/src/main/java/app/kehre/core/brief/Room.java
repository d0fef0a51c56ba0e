package app.kehre.core.brief;

import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalInt;

import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.value.Range;

/**
 * The room and what is in it.
 *
 * @param floor free floor in square metres, 5 to 2000; 0 where it was not measured
 * @param wall whether a free wall is at hand
 * @param hardFloor whether the floor is hard, so that nobody kneels or lies without a mat
 * @param kit how many pieces there are of the kinds that were counted, each 0 to 500
 * @param start how people are placed when the class begins
 * @param places where kit lies, for the kinds that lie elsewhere than usual
 */
public record Room(int floor, boolean wall, boolean hardFloor, Start start, Map<Equipment, Integer> kit,
        Map<Equipment, KitPlace> places) {

    /** The floor, where it was measured. */
    public static final Range FLOOR = new Range("the floor", " m\u00b2", 5, 2000);
    /** The pieces of one kind. */
    public static final Range PIECES = Range.of("pieces", 0, 500);
    /** A room of which nothing is known but that it has a wall. */
    public static final Room UNKNOWN = new Room(0, true, false, Start.STANDING, Map.of(), Map.of());

    public Room {
        if (floor != 0) {
            FLOOR.check(floor);
        }
        kit.values().forEach(PIECES::check);
        kit = Map.copyOf(kit);
        places = Map.copyOf(places);
    }

    /** Returns how many pieces of a kind there are, if they were counted. */
    public OptionalInt count(Equipment kind) {
        Integer found = kit.get(kind);
        return found == null ? OptionalInt.empty() : OptionalInt.of(found);
    }

    /** Returns whether a kind of kit is at hand: there is at least one, or nobody counted. */
    public boolean has(Equipment kind) {
        return kind == Equipment.WALL ? wall : count(kind).orElse(kind.rare() ? 0 : 1) > 0;
    }

    /** Returns where a kind of kit lies. */
    public KitPlace placeOf(Equipment kind) {
        return places.getOrDefault(kind, kind.usualPlace());
    }

    /**
     * Returns the room with another floor, 0 for not measured.
     *
     * @param other square metres, 5 to 2000; 0 where it is not known
     */
    public Room withFloor(int other) {
        return new Room(other, wall, hardFloor, start, kit, places);
    }

    /** Returns the room with or without a free wall. */
    public Room withWall(boolean other) {
        return new Room(floor, other, hardFloor, start, kit, places);
    }

    /** Returns the room with a hard floor, or a soft one. */
    public Room withHardFloor(boolean other) {
        return new Room(floor, wall, other, start, kit, places);
    }

    /** Returns the room with people placed otherwise when the class begins. */
    public Room with(Start other) {
        return new Room(floor, wall, hardFloor, other, kit, places);
    }

    /**
     * Returns the room with so many pieces of a kind; nothing for not counted.
     *
     * @param count pieces, 0 to 500; nothing where it is not known
     */
    public Room withCount(Equipment kind, OptionalInt count) {
        Map<Equipment, Integer> others = new EnumMap<>(Equipment.class);
        others.putAll(kit);
        others.remove(kind);
        count.ifPresent(pieces -> others.put(kind, pieces));
        return new Room(floor, wall, hardFloor, start, others, places);
    }

    /** Returns the room with a kind of kit lying elsewhere. */
    public Room withPlace(Equipment kind, KitPlace place) {
        Map<Equipment, KitPlace> others = new EnumMap<>(Equipment.class);
        others.putAll(places);
        others.put(kind, place);
        return new Room(floor, wall, hardFloor, start, kit, others);
    }
}
