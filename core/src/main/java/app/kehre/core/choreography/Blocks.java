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

    static List<List<DancedMove>> of(Combination combination) {
        List<List<DancedMove>> blocks = new ArrayList<>();
        List<DancedMove> moves = combination.moves();
        int from = 0;
        for (int to = 1; to <= moves.size(); to++) {
            boolean last = to == moves.size();
            if (last || long8(moves.subList(from, to)) && long8(moves.subList(to, moves.size()))
                    && repeats(combination, moves.subList(0, to))
                    && repeats(combination, moves.subList(from, to))) {
                blocks.add(List.copyOf(moves.subList(from, to)));
                from = to;
            }
        }
        return blocks;
    }

    private static boolean long8(List<DancedMove> moves) {
        return moves.stream().mapToInt(DancedMove::halfCounts).sum() >= EIGHT;
    }

    private static boolean repeats(Combination combination, List<DancedMove> piece) {
        Walk.Outcome once = Dance.outcome(piece, Combination.start(piece, combination.onStep()));
        Side free = once.end().free();
        Side lead = piece.getFirst().lead();
        List<DancedMove> again = free == lead.other() ? mirrored(piece) : piece;
        return Dance.outcome(again, once.end().on(again.getFirst().lead().other())).works();
    }

    static List<DancedMove> mirrored(List<DancedMove> moves) {
        return moves.stream().map(DancedMove::mirrored).toList();
    }
}
