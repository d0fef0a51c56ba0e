package app.kehre.core.fitting;

import java.util.List;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Screen;

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
}
