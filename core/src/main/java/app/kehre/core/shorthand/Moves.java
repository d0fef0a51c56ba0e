package app.kehre.core.shorthand;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.choreography.Fits;
import app.kehre.core.choreography.Method;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.EntryId;

/**
 * A combination as it is written in a line: moves and how often, the way of building up.
 *
 * @param name of the combination; may be empty
 * @param moves in order
 * @param method how it is built up
 */
public record Moves(String name, List<Move> moves, Method method) {

    /**
     * A move and how often it is done.
     *
     * @param exercise with footwork
     * @param times 1 to 16; 0 where nothing was written
     */
    public record Move(Exercise exercise, int times) {}

    private static final int MOST_TIMES = 16;

    public Moves {
        moves = List.copyOf(moves);
    }

    /** Returns it as a combination: each move on the foot that is free, what says no number filling its share of a phrase. */
    Combination combination(String usualName) {
        Combination combination = Combination.of(name.isBlank() ? usualName : name);
        for (int i = 0; i < moves.size(); i++) {
            DancedMove next = Fits.of(combination, i, List.of(moves.get(i).exercise())).moves().getFirst()
                    .danced();
            combination = combination.add(i, next.withTimes(times(i)));
        }
        return combination;
    }

    private int times(int at) {
        Move move = moves.get(at);
        if (move.times() > 0) {
            return Math.min(MOST_TIMES, move.times());
        }
        int counts = move.exercise().footwork().orElseThrow().counts();
        return Math.clamp(share(at) / counts, 1, MOST_TIMES);
    }

    /** A phrase of 32 counts in eights, the first moves first. */
    private int share(int at) {
        int eights = Math.max(moves.size(), Combination.PHRASE / 8);
        int more = eights % moves.size() > at ? 1 : 0;
        return 8 * (eights / moves.size() + more);
    }

    /** Returns "add-on: 2 Basic step, 4 Knee lift on the step". */
    public String words() {
        return method.words() + ": " + IntStream.range(0, moves.size())
                .mapToObj(at -> times(at) + " " + moves.get(at).exercise().name())
                .collect(Collectors.joining(", "));
    }

    /** Returns it as a line of a class. */
    public BuildUp line(EntryId id, Exercise hold) {
        Combination combination = combination("Combination A");
        Load load = combination.onStep()
                ? new Load(List.of(new Load.Piece(Equipment.STEP, Load.Size.UNSIZED, 1, Load.Where.USUAL, 0)))
                : Load.NONE;
        BuildUp plain = BuildUp.of(id, hold);
        return plain.withName(name.isBlank() ? plain.name() : name)
                .with(Build.of(List.of(combination), method, hold)).withLoad(load);
    }
}
