package app.kehre.core.capacity;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

import app.kehre.core.brief.Room;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.kit.Equipment;
import app.kehre.core.plan.ClassPlan;

/**
 * How many people a class can take: the least of what the floor and each counted kind of kit allow.
 *
 * @param bounds what sets a bound, the tightest first; none where nothing was measured or counted
 */
public record Capacity(List<Bound> bounds) {

    /** Floor for a person lying or kneeling, or moving on the spot, in square metres (figures.md, "Room"; teaching range). */
    public static final int ON_THE_SPOT = 3;
    /** Floor for a person who travels or steps, in square metres (figures.md, "Room"; teaching range). */
    public static final int TRAVELLING = 4;

    /**
     * Something that sets a bound.
     *
     * @param kit the kind of kit; none for the floor
     * @param people how many it is enough for
     * @param words how that comes about
     */
    public record Bound(Optional<Equipment> kit, int people, String words) {

        /** Returns what is stored of it. */
        public String key() {
            return kit.map(Equipment::key).orElse("floor");
        }

        /** Returns "floor", or the kit's plural. */
        public String what() {
            return kit.map(each -> each.noun(2)).orElse("floor");
        }
    }

    public Capacity {
        bounds = List.copyOf(bounds);
    }

    /** Returns the capacity of a class in its room. */
    public static Capacity of(ClassPlan plan) {
        return of(plan, KitNeed.of(plan));
    }

    /** Returns the capacity of a class of which the needs are known. */
    public static Capacity of(ClassPlan plan, List<KitNeed> needs) {
        List<Bound> bounds = new ArrayList<>();
        Room room = plan.brief().room();
        int each = plan.items().mapToInt(item -> floor(item.exercise())).max().orElse(0);
        if (room.floor() > 0 && each > 0) {
            bounds.add(new Bound(Optional.empty(), room.floor() / each,
                    "%d m\u00b2, %d m\u00b2 each".formatted(room.floor(), each)));
        }
        most(needs).forEach((kit, most) -> room.count(kit).ifPresent(pieces -> bounds.add(
                new Bound(Optional.of(kit), pieces / most, "%d, %d each".formatted(pieces, most)))));
        bounds.sort(Comparator.comparingInt(Bound::people));
        return new Capacity(bounds);
    }

    private static Map<Equipment, Integer> most(List<KitNeed> needs) {
        Map<Equipment, Integer> most = new EnumMap<>(Equipment.class);
        needs.stream().filter(need -> need.perPerson() > 0)
                .forEach(need -> most.merge(need.kit(), need.perPerson(), Math::max));
        return most;
    }

    private static int floor(Exercise exercise) {
        boolean travels = exercise.position().level() == Position.Level.STANDING
                && (exercise.pattern() == Pattern.TRAVEL || exercise.pattern() == Pattern.STEPPING
                        || exercise.position() == Position.ON_STEP);
        return travels ? TRAVELLING : ON_THE_SPOT;
    }

    /** Returns how many people it can take, if anything sets a bound. */
    public OptionalInt people() {
        return bounds.isEmpty() ? OptionalInt.empty() : OptionalInt.of(bounds.getFirst().people());
    }

    /**
     * Returns whether more come than it can take.
     *
     * @param coming people
     */
    public boolean tooSmallFor(int coming) {
        return people().isPresent() && people().getAsInt() < coming;
    }

    /** Returns "room for 16: the floor runs out first (64 m², 4 m² each)", or what is not known. */
    public String words() {
        if (bounds.isEmpty()) {
            return "room and kit not counted";
        }
        Bound first = bounds.getFirst();
        return "room for %d: the %s run%s out first (%s)".formatted(first.people(), first.what(),
                first.what().endsWith("s") ? "" : "s", first.words());
    }
}
