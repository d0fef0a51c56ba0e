package app.kehre.trials.choreography;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.dose.Counts.Pace;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.value.Side;

/** Combinations drawn by chance, right and wrong ones. */
public final class Draw {

    private Draw() {}

    public static Combination combination(long seed, int number) {
        Random random = new Random(seed);
        List<Exercise> all = Moves.all();
        List<DancedMove> moves = new ArrayList<>();
        for (int i = 0; i < number; i++) {
            Exercise move = all.get(random.nextInt(all.size()));
            DancedMove danced = DancedMove.of(move, random.nextBoolean() ? Side.RIGHT : Side.LEFT)
                    .withTimes(1 + random.nextInt(4)).withHop(random.nextInt(5) == 0)
                    .withTapChange(random.nextInt(5) == 0).withTurnIn(random.nextInt(4) - 1);
            moves.add(random.nextInt(6) == 0 ? danced.withPace(Pace.HALF_TIME) : danced);
        }
        return new Combination("Drawn", moves, false);
    }
}
