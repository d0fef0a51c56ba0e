package app.kehre.core.exercise;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.kit.Equipment;

/**
 * Where and with what an exercise is done.
 *
 * @param position how the body is placed, unless a line says otherwise
 * @param others the other positions in which it can be done as well
 * @param facing where it looks at the start
 * @param equipment what must be there, each person's or the room's
 * @param standIns what stands in for a kind of kit here, where it is not the usual stand-in
 * @param without the id of an exercise that does much the same without the kit; empty where none is needed
 */
public record Setting(Position position, Set<Position> others, Facing facing, Set<Equipment> equipment,
        Map<Equipment, String> standIns, String without) {

    public Setting {
        others = others.stream().filter(other -> other != position).collect(Collectors.toUnmodifiableSet());
        equipment = Set.copyOf(equipment);
        standIns = Map.copyOf(standIns);
        if (!equipment.containsAll(standIns.keySet())) {
            throw new IllegalArgumentException("Only kit that is needed has a stand-in.");
        }
    }

    /** Returns whether it can be done in a position. */
    public boolean allows(Position other) {
        return other == position || others.contains(other);
    }

    /** Returns the positions in which it can be done, the usual one first. */
    public List<Position> positions() {
        return Stream.concat(Stream.of(position), others.stream().sorted()).toList();
    }

    /** Returns what stands in for a kind of kit, in words. */
    public String standIn(Equipment kit) {
        return standIns.getOrDefault(kit, kit.standIn());
    }

    /** Returns whether it cannot be done without more than the floor: a mat, a towel or bare feet bind nobody. */
    public boolean boundToKit() {
        return equipment.stream().anyMatch(Setting::binds);
    }

    /** Returns whether a kind of kit must be there for the exercise to be what it is. */
    public static boolean binds(Equipment kit) {
        return kit != Equipment.MAT && kit != Equipment.TOWEL && kit != Equipment.BARE_FEET;
    }
}
