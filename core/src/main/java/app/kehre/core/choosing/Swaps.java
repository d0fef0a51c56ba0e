package app.kehre.core.choosing;

import java.time.Duration;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Likeness;
import app.kehre.core.exercise.Role;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Timeline;

/**
 * Other exercises for a line: of the same purpose and as long, for people and kit as the brief says.
 */
public final class Swaps {

    private static final double PREPARES = 40;
    private static final double USED = -12;
    private static final double LEAST_PURPOSE = 20;
    private static final int OFFERED = 12;

    private final ClassPlan plan;
    private final Library library;
    private final DoneSoFar served;

    private Swaps(ClassPlan plan, Library library) {
        this.plan = plan;
        this.library = library;
        served = DoneSoFar.of(plan);
    }

    /** Returns what could stand in a line, the nearest first; nothing for a line that is no exercise. */
    public static List<Swap> of(ClassPlan plan, Library library, EntryId itemId) {
        if (!(plan.find(itemId).orElse(null) instanceof Item item)) {
            return List.of();
        }
        Set<Limit> limits = plan.brief().watched();
        List<Exercise> near = new Swaps(plan, library).near(item, limits).limit(OFFERED).toList();
        Timeline before = Timeline.of(plan);
        return near.stream().map(exercise -> swap(before, item, exercise)).toList();
    }

    /** Finds the nearest exercise for a line that has no caution for any of the limits. */
    static Optional<Exercise> nearest(ClassPlan plan, Library library, Item item, Collection<Limit> limits) {
        return new Swaps(plan, library).near(item, limits).findFirst();
    }

    /** Returns the line with another exercise, as near to its length as the other's doses allow. */
    static Swap swap(Timeline before, Item item, Exercise exercise) {
        Item changed = SwapDose.fit(before.plan(), item, exercise);
        Duration longer = Timeline.of(before.plan().with(changed)).fit().length()
                .minus(before.fit().length());
        return new Swap(changed, SwapWords.of(item, changed), longer);
    }

    private Stream<Exercise> near(Item item, Collection<Limit> limits) {
        Role role = plan.segmentOf(item.id()).map(Segment::role).orElse(Role.TONING);
        return library.all().stream()
                .filter(each -> !each.id().equals(item.exercise().id()) && suits(each, role)
                        && (Belongs.in(plan.brief(), each) || each.family() == item.exercise().family())
                        && limits.stream().allMatch(limit -> each.cautionFor(limit).isEmpty())
                        && each.equipment().stream().allMatch(plan.brief().room()::has)
                        && servesAsMuch(item.exercise(), each)
                        && purpose(item.exercise(), each, role) >= LEAST_PURPOSE)
                .sorted(Comparator.comparingDouble((Exercise each) -> nearness(item.exercise(), each, role))
                        .reversed().thenComparing(Exercise::name));
    }

    /** Returns whether an exercise works at least one of those muscles that the old one is chosen for. */
    private static boolean servesAsMuch(Exercise old, Exercise other) {
        return old.main().isEmpty() || old.main().stream().anyMatch(muscle -> other.work()
                .share(muscle) >= Math.min(DoneSoFar.COUNTS, old.work().share(muscle)));
    }

    /** Toning and core parts take each other's exercises, cool-down and stretch too. */
    private static boolean suits(Exercise exercise, Role role) {
        return exercise.suits(role) || switch (role) {
            case TONING -> exercise.suits(Role.CORE);
            case CORE -> exercise.suits(Role.TONING);
            case COOL_DOWN -> exercise.suits(Role.STRETCH);
            case STRETCH -> exercise.suits(Role.COOL_DOWN);
            case TALK, WARM_UP, AEROBIC, PAUSE -> false;
        };
    }

    private double nearness(Exercise old, Exercise other, Role role) {
        return Likeness.of(old, other) + prepared(old, other, role) + (served.uses(other) ? USED : 0);
    }

    private static double purpose(Exercise old, Exercise other, Role role) {
        return Likeness.ofMuscles(old, other) + prepared(old, other, role);
    }

    private static double prepared(Exercise old, Exercise other, Role role) {
        if (role != Role.WARM_UP || old.work().prepares().isEmpty()) {
            return 0;
        }
        long shared = old.work().prepares().stream().filter(other.work().prepares()::contains).count();
        return PREPARES * shared / old.work().prepares().size();
    }
}
