package app.kehre.core.choreography;

import java.util.List;

import app.kehre.core.footwork.Stance;
import app.kehre.core.value.Side;

/**
 * One run through what a stage teaches, over whole phrases or, where combinations run on, over whole eights.
 *
 * @param lead the side that leads first
 * @param moves what is danced
 * @param eights how many it takes
 * @param start how one stands before
 * @param end how one stands after
 * @param works whether all of it can be danced
 */
public record Pass(Side lead, List<DancedMove> moves, int eights, Stance start, Stance end, boolean works) {
    public Pass {
        moves = List.copyOf(moves);
    }
}
