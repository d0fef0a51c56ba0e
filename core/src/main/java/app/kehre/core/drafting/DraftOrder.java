package app.kehre.core.drafting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;

/**
 * The order of a toning part: standing before the floor, compound before single joints, areas in turn, what shares a
 * position and kit together (craft.md 3).
 */
final class DraftOrder {

    private DraftOrder() {}

    static List<Exercise> of(List<Exercise> chosen) {
        List<Exercise> left = new ArrayList<>(chosen);
        left.sort(Comparator.comparing((Exercise each) -> each.position().level()));
        List<Exercise> ordered = new ArrayList<>();
        while (!left.isEmpty()) {
            Exercise next = left.stream()
                    .max(Comparator.comparingInt((Exercise each) -> after(ordered, each, left)))
                    .orElseThrow();
            left.remove(next);
            ordered.add(next);
        }
        return ordered;
    }

    private static int after(List<Exercise> ordered, Exercise next, List<Exercise> left) {
        boolean standing = left.stream().anyMatch(each -> each.position().level() == Position.Level.STANDING);
        int points = standing == (next.position().level() == Position.Level.STANDING) ? 100 : 0;
        points += next.pattern() == Pattern.SINGLE_JOINT ? 0 : 20;
        if (!ordered.isEmpty()) {
            Exercise before = ordered.getLast();
            points += before.main().stream().anyMatch(next.main()::contains) ? 0 : 25;
            points += before.equipment().equals(next.equipment()) ? 10 : 0;
            points += before.position() == next.position() ? 8 : 0;
        }
        return points;
    }
}
