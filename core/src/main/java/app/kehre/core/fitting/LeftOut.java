package app.kehre.core.fitting;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;

/** Leaves lines out, and the screens that ask for nothing any more without them. */
final class LeftOut {

    private LeftOut() {}

    static ClassPlan of(ClassPlan plan, List<Item> items) {
        ClassPlan without = plan;
        for (Item item : items) {
            without = without.find(item.id()).isPresent() ? without.remove(item.id()) : without;
        }
        for (Entry line : plan.entries().toList()) {
            if (line instanceof Screen screen && asksFor(plan, screen) && !asksFor(without, screen)) {
                without = without.remove(screen.id());
            }
        }
        return without;
    }

    private static boolean asksFor(ClassPlan plan, Screen screen) {
        return screen.instead().keySet().stream().anyMatch(id -> plan.find(id).isPresent());
    }

    /** Returns whether one of them is the only stretch for something that works in the class: it is what runs out of time first. */
    static boolean leavesUnreleased(ClassPlan plan, List<Item> items) {
        Set<Muscle> released = EnumSet.noneOf(Muscle.class);
        List<Item> stretches = in(plan, role -> role == Role.STRETCH || role == Role.COOL_DOWN);
        stretches.stream().filter(items::contains).forEach(item -> released.addAll(item.exercise().main()));
        stretches.stream().filter(item -> !items.contains(item))
                .forEach(item -> released.removeAll(item.exercise().main()));
        return !released.isEmpty() && in(plan, Role::main).stream()
                .anyMatch(item -> item.exercise().main().stream().anyMatch(released::contains));
    }

    private static List<Item> in(ClassPlan plan, Predicate<Role> role) {
        return plan.segments().stream().filter(segment -> !segment.leftOut() && role.test(segment.role()))
                .flatMap(Segment::items).toList();
    }
}
