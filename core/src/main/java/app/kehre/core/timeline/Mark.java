package app.kehre.core.timeline;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

import org.jspecify.annotations.Nullable;

import app.kehre.core.exercise.Position;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;

/**
 * Something the group has to change or is given at a moment of the class.
 *
 * @param at when
 * @param kind what sort of change
 * @param words what to write beside it
 */
public record Mark(Duration at, Kind kind, String words) {

    /** What sort of change it is. */
    public enum Kind {
        /** Down to the floor. */
        DOWN,
        /** Up from the floor. */
        UP,
        /** Kit is taken, changed or put away. */
        KIT,
        /** Water. */
        WATER
    }

    /** The kit that people stand at, which is put out and away as a whole. */
    private static final Set<Equipment> STATIONS = Set.of(Equipment.STEP, Equipment.CHAIR, Equipment.WALL);

    /** Returns the marks of a class, in order. The class starts standing, without kit. */
    public static List<Mark> of(Timeline timeline) {
        List<Mark> marks = new ArrayList<>();
        Item before = null;
        for (Entry entry : timeline.plan().entries().toList()) {
            Duration at = timeline.ofEntry(entry.id()).start();
            switch (entry) {
                case Pause pause when pause.kind() == Pause.Kind.WATER ->
                    marks.add(new Mark(at, Kind.WATER, "water"));
                case Pause _ -> {
                }
                case Item item -> {
                    addFloor(marks, at, level(before), level(item));
                    addStations(marks, at, before, item);
                    addLoad(marks, at, before == null ? Load.NONE : before.load(), item.load());
                    before = item;
                }
            }
        }
        return marks;
    }

    private static Position.Level level(@Nullable Item item) {
        return item == null ? Position.Level.STANDING : item.exercise().position().level();
    }

    private static void addFloor(List<Mark> marks, Duration at, Position.Level from, Position.Level to) {
        if (from != to) {
            boolean down = to == Position.Level.FLOOR;
            marks.add(new Mark(at, down ? Kind.DOWN : Kind.UP, down ? "floor" : "up"));
        }
    }

    private static void addStations(List<Mark> marks, Duration at, @Nullable Item before,
            Item item) {
        for (Equipment station : Equipment.values()) {
            if (STATIONS.contains(station)) {
                boolean had = before != null && before.kit().contains(station);
                boolean has = item.kit().contains(station);
                if (had != has) {
                    marks.add(new Mark(at, Kind.KIT, has ? station.noun(1) : station.noun(1) + " away"));
                }
            }
        }
    }

    private static void addLoad(List<Mark> marks, Duration at, Load from, Load to) {
        if (!from.equals(to)) {
            marks.add(new Mark(at, Kind.KIT, to.equals(Load.NONE) ? "put down" : LoadNotation.print(to)));
        }
    }
}
