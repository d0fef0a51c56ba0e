package app.kehre.core.fitting;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

import app.kehre.core.dose.Sides;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;

/** Sees to it that no side of an exercise is left behind. */
final class SidesKept {

    private final List<Item> halves;

    SidesKept(ClassPlan plan) {
        halves = plan.items().filter(SidesKept::half).toList();
    }

    /** Whether it serves one side at a time, so that another line or round must serve the other. */
    static boolean half(Item item) {
        return !item.dose().sides().servesBoth();
    }

    /** Returns whether items that are changed alike are all that serve the sides of their exercises. */
    boolean whole(List<Item> items) {
        Set<EntryId> ids = new HashSet<>(items.stream().map(Item::id).toList());
        return items.stream().filter(SidesKept::half)
                .allMatch(item -> halves.stream().filter(other -> other.exercise().equals(item.exercise()))
                        .allMatch(other -> ids.contains(other.id())));
    }

    /** Returns whether a circuit may have so many rounds: sides by rounds need as many for each. */
    boolean mayHaveRounds(Circuit circuit, int rounds) {
        return circuit.items().stream().filter(SidesKept::half).allMatch(item -> byRounds(item)
                ? rounds % 2 == 0 || circuit.rounds() % 2 == 1
                : halves.stream().filter(other -> other.exercise().equals(item.exercise()))
                        .allMatch(circuit.inside()::contains));
    }

    private static boolean byRounds(Item item) {
        return item.dose().sides() == Sides.SIDE_A_ROUND
                || item.dose().sides() == Sides.SIDE_A_ROUND_LEFT_FIRST;
    }
}
