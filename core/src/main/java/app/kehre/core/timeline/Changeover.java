package app.kehre.core.timeline;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

import org.jspecify.annotations.Nullable;

import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Position;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.kit.Load;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.Item;

/**
 * What the group holds, stands at and lies on, and what it takes to change that for the next exercise. The
 * class starts as its room says, with nothing in the hands. It follows the change of load, not of kind. A wall, a chair
 * that stands there, shoes and bare feet are not picked up.
 */
final class Changeover {

    /**
     * One thing that is done in changing over.
     *
     * @param phase set-up or transition
     * @param kind how it is marked
     * @param words what is done
     * @param length how long it takes; may be 0 for what costs nothing and is only marked
     */
    record Step(Phase phase, Mark.Kind kind, String words, Duration length) {}

    private static final Set<Equipment> WORN = EnumSet.of(Equipment.BARE_FEET, Equipment.STEP);
    /** What stands or lies there: nobody has it in hand. */
    private static final Set<Equipment> STANDING_THERE = EnumSet.of(Equipment.WALL, Equipment.CHAIR,
            Equipment.MAT, Equipment.ROLLER, Equipment.BLOCK);
    private static final Set<Equipment> BANDS = EnumSet.of(Equipment.LONG_BAND, Equipment.LOOP_BAND);

    private final Brief brief;
    private final Pace pace;
    private final Map<Equipment, Load.Piece> held = new EnumMap<>(Equipment.class);
    private final Set<String> fetched = new HashSet<>();
    private final Set<Equipment> stations = EnumSet.noneOf(Equipment.class);
    private Position.Level level = Position.Level.STANDING;
    private boolean matLaid;
    private List<Step> steps = new ArrayList<>();

    Changeover(Brief brief, Pace pace) {
        this.brief = brief;
        this.pace = pace;
        switch (brief.room().start()) {
            case STANDING -> {
            }
            case ON_THE_FLOOR -> {
                level = Position.Level.FLOOR;
                matLaid = true;
            }
            case ON_CHAIRS -> {
                stations.add(Equipment.CHAIR);
                fetched.add(Equipment.CHAIR.key());
            }
        }
    }

    /** Copies another one: the same position, and the same kit held and fetched. */
    Changeover(Changeover other) {
        this(other.brief, other.pace);
        stations.clear();
        held.putAll(other.held);
        fetched.addAll(other.fetched);
        stations.addAll(other.stations);
        level = other.level;
        matLaid = other.matLaid;
    }

    /**
     * Changes over to an item.
     *
     * @param usedLater whether a kind of kit is needed again in this class
     * @return what is done, in order
     */
    List<Step> to(Item item, Predicate<Equipment> usedLater) {
        steps = new ArrayList<>();
        Position.Level next = item.position().level();
        layDown(item, usedLater);
        if (next == Position.Level.STANDING) {
            changeLevel(next);
        }
        Set<Equipment> needed = item.kit();
        stand(needed);
        takeUp(item);
        layMat(needed);
        if (next == Position.Level.FLOOR) {
            changeLevel(next);
        }
        return steps;
    }

    /** Empties the hands, as in a pause; returns what is done. */
    List<Step> emptyHands(Predicate<Equipment> usedLater) {
        steps = new ArrayList<>();
        for (Load.Piece piece : List.copyOf(held.values())) {
            if (!WORN.contains(piece.kit())) {
                held.remove(piece.kit());
                layDown(piece.kit(), usedLater.test(piece.kit()));
            }
        }
        return steps;
    }

    private void changeLevel(Position.Level next) {
        if (level != next) {
            boolean down = next == Position.Level.FLOOR;
            add(Phase.TRANSITION, down ? Mark.Kind.DOWN : Mark.Kind.UP, down ? "floor" : "up",
                    pace.length(Quantity.FLOOR));
            level = next;
        }
    }

    private void layDown(Item item, Predicate<Equipment> usedLater) {
        if (held.isEmpty()) {
            return;
        }
        for (Load.Piece piece : List.copyOf(held.values())) {
            if (item.load().find(piece.kit()).isEmpty()) {
                held.remove(piece.kit());
                layDown(piece.kit(), usedLater.test(piece.kit()));
            }
        }
    }

    private void layDown(Equipment kit, boolean needed) {
        if (kit == Equipment.BARE_FEET) {
            add(Phase.SET_UP, Mark.Kind.KIT, "shoes on", Duration.ZERO);
        } else if (BANDS.contains(kit)) {
            add(Phase.SET_UP, Mark.Kind.KIT, "band off", pace.length(Quantity.BAND));
        } else if (kit != Equipment.STEP) {
            boolean away = !needed && brief.room().placeOf(kit) == KitPlace.BY_THE_WALL;
            add(Phase.SET_UP, Mark.Kind.KIT, away ? "put away" : "put down",
                    pace.length(away ? Quantity.PUT_AWAY : Quantity.WITHIN_REACH));
        }
    }

    private void stand(Set<Equipment> needed) {
        for (Equipment station : List.of(Equipment.STEP, Equipment.CHAIR, Equipment.WALL)) {
            if (!needed.contains(station)) {
                stations.remove(station);
            } else if (stations.add(station)) {
                boolean free = station == Equipment.WALL
                        || brief.room().placeOf(station) == KitPlace.SET_OUT
                        || fetched.contains(station.key());
                Duration length = free ? Duration.ZERO : pace.length(Quantity.SET_UP);
                Phase phase = station == Equipment.WALL ? Phase.TRANSITION : Phase.SET_UP;
                add(phase, Mark.Kind.KIT, station == Equipment.WALL ? "to the wall" : station.noun(1),
                        length);
                fetched.add(station.key());
            }
        }
    }

    private void takeUp(Item item) {
        for (Load.Piece piece : item.load().pieces()) {
            if (STANDING_THERE.contains(piece.kit())) {
                continue;
            }
            Load.Piece before = held.put(piece.kit(), piece);
            if (!piece.equals(before)) {
                takeUp(piece, before);
            }
        }
    }

    private void takeUp(Load.Piece piece, Load.@Nullable Piece before) {
        String words = LoadNotation.print(new Load(List.of(piece)));
        if (piece.kit() == Equipment.BARE_FEET) {
            add(Phase.SET_UP, Mark.Kind.KIT, "shoes off", Duration.ZERO);
        } else if (piece.kit() == Equipment.STEP) {
            if (before != null && before.risers() != piece.risers()) {
                add(Phase.SET_UP, Mark.Kind.KIT, words, pace.length(Quantity.BAND));
            }
        } else {
            boolean fetch = fetched.add(piece.kit().key() + piece.size().words() + piece.howMany())
                    && brief.room().placeOf(piece.kit()) == KitPlace.BY_THE_WALL && !hadAlike(piece, before);
            if (BANDS.contains(piece.kit())) {
                Duration on = pace.length(Quantity.BAND);
                add(Phase.SET_UP, Mark.Kind.KIT, words,
                        fetch ? pace.length(Quantity.FETCH).plus(on) : on);
            } else if (fetch) {
                add(Phase.SET_UP, Mark.Kind.KIT, words, pace.length(Quantity.FETCH));
            } else if (before == null || !hadAlike(piece, before)) {
                add(Phase.SET_UP, Mark.Kind.KIT, words, pace.length(Quantity.WITHIN_REACH));
            }
        }
    }

    /** Returns whether the same pieces were in hand already, held elsewhere or more of them. */
    private static boolean hadAlike(Load.Piece piece, Load.@Nullable Piece before) {
        return before != null && before.size().equals(piece.size()) && before.howMany() >= piece.howMany();
    }

    private void layMat(Set<Equipment> needed) {
        if (!matLaid && needed.contains(Equipment.MAT)) {
            matLaid = true;
            boolean free = brief.room().placeOf(Equipment.MAT) == KitPlace.SET_OUT;
            add(Phase.SET_UP, Mark.Kind.KIT, "mat", pace.length(free ? Quantity.MAT : Quantity.LAY_MAT));
        }
    }

    private void add(Phase phase, Mark.Kind kind, String words, Duration length) {
        steps.add(new Step(phase, kind, words, length));
    }
}
