package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.dose.Counts;
import app.kehre.core.footwork.Walk;
import app.kehre.core.value.Side;

/**
 * The pieces in which a combination is taught: of eight counts at least, each ending where the whole can begin
 * again, so that it can be repeated by itself.
 */
final class Blocks {

    private static final int EIGHT = Counts.EIGHT * 2;

    private Blocks() {}

    static List<List<Part>> of(Combination combination) {
        List<List<Part>> blocks = new ArrayList<>();
        List<Part> parts = combination.parts();
        int from = 0;
        for (int to = 1; to <= parts.size(); to++) {
            boolean last = to == parts.size();
            if (last || long8(parts.subList(from, to)) && long8(parts.subList(to, parts.size()))
                    && repeats(combination, parts.subList(0, to))
                    && repeats(combination, parts.subList(from, to))) {
                blocks.add(List.copyOf(parts.subList(from, to)));
                from = to;
            }
        }
        return blocks;
    }

    private static boolean long8(List<Part> parts) {
        return parts.stream().mapToInt(Part::halfCounts).sum() >= EIGHT;
    }

    private static boolean repeats(Combination combination, List<Part> piece) {
        Walk.Outcome once = Dance.outcome(piece, Combination.start(piece, combination.onStep()));
        Side free = once.end().free();
        Side lead = piece.getFirst().lead();
        List<Part> again = free == lead.other() ? mirrored(piece) : piece;
        return Dance.outcome(again, once.end().on(again.getFirst().lead().other())).works();
    }

    static List<Part> mirrored(List<Part> parts) {
        return parts.stream().map(Part::mirrored).toList();
    }
}
