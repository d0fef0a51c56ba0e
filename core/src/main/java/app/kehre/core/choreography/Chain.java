package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.footwork.Stance;
import app.kehre.core.value.Side;

/** Pieces put one after the other, each on the foot that is free then and turned as it needs it. */
final class Chain {

    private final boolean onStep;
    private final Rehearsal rehearsal;
    private final List<Part> parts = new ArrayList<>();
    private Stance beforeLast = Stance.OPEN;
    private Stance stance = Stance.OPEN;

    Chain(boolean onStep, Rehearsal rehearsal) {
        this.rehearsal = rehearsal;
        this.onStep = onStep;
    }

    /** Adds a piece; where it cannot begin on the free foot, on the other one after a changed end. */
    void add(List<Part> piece) {
        if (parts.isEmpty()) {
            stance = Combination.start(piece, onStep);
        } else if (!works(piece, stance)) {
            Part last = parts.getLast().withTapChange(!parts.getLast().tapChange());
            Stance other = rehearsal.outcome(List.of(last), beforeLast).end();
            if (works(piece, other)) {
                parts.set(parts.size() - 1, last);
                stance = other;
            }
        }
        List<Part> led = led(piece, stance);
        int before = parts.size();
        Stance end = rehearsal.dance(parts, led, stance).end();
        beforeLast = parts.size() - before > 1
                ? rehearsal.outcome(parts.subList(before, parts.size() - 1), stance).end()
                : stance;
        stance = end;
    }

    private boolean works(List<Part> piece, Stance stance) {
        List<Part> turned = new ArrayList<>();
        return rehearsal.dance(turned, led(piece, stance), stance).works();
    }

    private static List<Part> led(List<Part> piece, Stance stance) {
        return stance.free() == Side.BOTH ? piece : Passes.led(piece, stance.free());
    }

    /** Returns all moves. */
    List<Part> parts() {
        return List.copyOf(parts);
    }
}
