package app.kehre.core.brief;

import java.util.EnumSet;
import java.util.Set;

import app.kehre.core.exercise.Muscle;

/**
 * What was promised to the group.
 *
 * @param areas the muscle groups that the class is announced to work
 * @param qualities what else it is announced to be good for
 */
public record Goal(Set<Muscle> areas, Set<Quality> qualities) {

    /** Nothing in particular. */
    public static final Goal OPEN = new Goal(Set.of(), Set.of());

    public Goal {
        areas = Set.copyOf(areas);
        qualities = Set.copyOf(qualities);
    }

    /** Returns the goal with an area promised, or no longer. */
    public Goal with(Muscle area, boolean promised) {
        Set<Muscle> others = EnumSet.noneOf(Muscle.class);
        others.addAll(areas);
        if (promised) {
            others.add(area);
        } else {
            others.remove(area);
        }
        return new Goal(others, qualities);
    }

    /** Returns the goal with a quality promised, or no longer. */
    public Goal with(Quality quality, boolean promised) {
        Set<Quality> others = EnumSet.noneOf(Quality.class);
        others.addAll(qualities);
        if (promised) {
            others.add(quality);
        } else {
            others.remove(quality);
        }
        return new Goal(areas, others);
    }
}
