package app.kehre.formats.plan;

import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;

/** The exercises that a plan has to bring along, so that it opens where nobody has them. */
record OwnInPlan(Library library, List<Exercise> held) {

    /** Returns those that its lines use and that do not ship, those that these lead to, and those that it held before. */
    Collection<Exercise> of(ClassPlan plan) {
        Map<String, Exercise> own = new LinkedHashMap<>();
        Map<String, Exercise> before = new LinkedHashMap<>();
        held.forEach(each -> before.put(each.id(), each));
        Deque<Exercise> open = new ArrayDeque<>(Stream.concat(used(plan), held.stream()).toList());
        while (!open.isEmpty()) {
            Exercise next = open.remove();
            if ((before.containsKey(next.id()) || !library.ships(next))
                    && own.putIfAbsent(next.id(), next) == null) {
                next.named().flatMap(id -> library.find(id).stream()).forEach(open::add);
            }
        }
        return own.values();
    }

    private static Stream<Exercise> used(ClassPlan plan) {
        return Stream.concat(
                plan.items().flatMap(
                        item -> Stream.concat(Stream.of(item.exercise()), item.instead().values().stream())),
                plan.buildUps().flatMap(
                        build -> Stream.concat(build.exercises().stream(),
                                build.instead().values().stream())));
    }
}
