package app.kehre.core.drafting;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Collectors;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.people.Level;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;

/** Aerobic parts of short bursts: a circuit of lively moves, neighbours for different areas. */
final class Bursts {

    private final Pool pool;
    private final Set<String> lately;
    private final SplittableRandom random;
    private final Map<String, String> why;

    /**
     * Prepares to choose.
     *
     * @param lately what the group did lately, to be varied
     * @param why told why each move is there
     */
    Bursts(Pool pool, Set<String> lately, SplittableRandom random, Map<String, String> why) {
        this.pool = pool;
        this.lately = lately;
        this.random = random;
        this.why = why;
    }

    /** Returns a class with a circuit of such moves in a segment; as it was where there are none. */
    ClassPlan filled(ClassPlan plan, Segment segment) {
        Circuits circuits = new Circuits(plan);
        List<Exercise> moves = new ArrayList<>(pool.of(Role.AEROBIC).stream()
                .filter(each -> each.family() == Family.BURSTS
                        && each.position().level() == Position.Level.STANDING)
                .toList());
        Collections.shuffle(moves, random);
        Set<String> used = plan.items().map(item -> item.exercise().id()).collect(Collectors.toSet());
        moves.sort(Comparator.comparing((Exercise each) -> pool.cautionsOfMost(each))
                .thenComparing(each -> lively(plan) ? -Math.round(2 * each.work().mets().value()) : 0)
                .thenComparing(each -> used.contains(each.id()) || lately.contains(each.id())));
        moves.forEach(each -> why.put(each.id(), "raises the pulse without a jump"));
        return moves.isEmpty()
                ? plan
                : plan.with(segment.withEntries(
                        List.of(circuits.circuit(segment, plan.nextEntryId(), apart(moves)))));
    }

    /** The same moves, the best first, but so that neighbours work different areas as long as there are such. */
    private static List<Exercise> apart(List<Exercise> moves) {
        List<Exercise> left = new ArrayList<>(moves);
        List<Exercise> apart = new ArrayList<>();
        while (!left.isEmpty()) {
            List<Muscle> before = apart.isEmpty() ? List.of() : apart.getLast().main();
            Exercise next = left.stream().filter(each -> each.main().stream().noneMatch(before::contains))
                    .findFirst().orElse(left.getFirst());
            left.remove(next);
            apart.add(next);
        }
        return apart;
    }

    private static boolean lively(ClassPlan plan) {
        return !plan.brief().group().older() && Level.of(plan.brief().group().mix()) != Level.NEWCOMERS;
    }
}
