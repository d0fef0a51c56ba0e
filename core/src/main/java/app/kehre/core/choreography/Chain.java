package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.footwork.Stance;
import app.kehre.core.value.Side;

/** Pieces put one after the other, each on the foot that is free then and turned as it needs it. */
final class Chain {

    private final boolean onStep;
    private final Rehearsal rehearsal;
    private final List<DancedMove> moves = new ArrayList<>();
    private Stance beforeLast = Stance.OPEN;
    private Stance stance = Stance.OPEN;

    Chain(boolean onStep, Rehearsal rehearsal) {
        this.rehearsal = rehearsal;
        this.onStep = onStep;
    }

    /** Adds a piece; where it cannot begin on the free foot, on the other one after a changed end. */
    void add(List<DancedMove> piece) {
        if (moves.isEmpty()) {
            stance = Combination.start(piece, onStep);
        } else if (!works(piece, stance)) {
            DancedMove last = moves.getLast().withTapChange(!moves.getLast().tapChange());
            Stance other = rehearsal.outcome(List.of(last), beforeLast).end();
            if (works(piece, other)) {
                moves.set(moves.size() - 1, last);
                stance = other;
            }
        }
        List<DancedMove> led = led(piece, stance);
        int before = moves.size();
        Stance end = rehearsal.dance(moves, led, stance).end();
        beforeLast = moves.size() - before > 1
                ? rehearsal.outcome(moves.subList(before, moves.size() - 1), stance).end()
                : stance;
        stance = end;
    }

    private boolean works(List<DancedMove> piece, Stance stance) {
        List<DancedMove> turned = new ArrayList<>();
        return rehearsal.dance(turned, led(piece, stance), stance).works();
    }

    private static List<DancedMove> led(List<DancedMove> piece, Stance stance) {
        return stance.free() == Side.BOTH ? piece : Passes.led(piece, stance.free());
    }

    /** Returns all moves. */
    List<DancedMove> parts() {
        return List.copyOf(moves);
    }
}
