package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Counts.Pace;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.footwork.Row;
import app.kehre.core.footwork.RowFacts;
import app.kehre.core.footwork.Stance;
import app.kehre.core.footwork.Walk;
import app.kehre.core.value.Side;

/** Turns what is taught into passes that fill whole phrases and begin where the one before ended. */
final class Passes {

    private static final int EIGHT = Counts.EIGHT * 2;
    private static final Row MARCH = Row.of("A, B");

    private final Rehearsal rehearsal;
    private final Exercise hold;
    private final boolean keeps;
    private final boolean runsOn;
    private final Map<Key, Pass> made = new HashMap<>();

    private final Map<List<DancedMove>, Integer> numbers = new IdentityHashMap<>();
    private final Map<Key, Boolean> begins = new HashMap<>();

    /** The content by its number: comparing moves one by one would take longer than dancing them. */
    private record Key(int content, Side lead, Side next, Stance start) {}

    /** @param runsOn whether what fills no phrase begins again at its end */
    Passes(Exercise hold, Rehearsal rehearsal, boolean runsOn) {
        this.runsOn = runsOn;
        this.rehearsal = rehearsal;
        this.hold = hold;
        this.keeps = RowFacts.of(hold.footwork().orElseThrow()).after() == RowFacts.After.KEEPS;
    }

    /** The eights that a pass of moves takes. */
    int eights(List<DancedMove> content) {
        int once = halfCounts(content);
        int whole = runsOn && once > 0 && Rung.PHRASE * EIGHT % once != 0 ? 1 : Rung.PHRASE;
        return whole * Math.max(1, Math.ceilDiv(once, whole * EIGHT));
    }

    private static int halfCounts(List<DancedMove> moves) {
        return moves.stream().mapToInt(DancedMove::halfCounts).sum();
    }

    /**
     * Makes a pass.
     *
     * @param next the foot that shall be free at its end
     * @param start how one stands before; with the lead foot free
     */
    Pass pass(List<DancedMove> content, Side lead, Side next, Stance start) {
        return made.computeIfAbsent(new Key(number(content), lead, next, start),
                _ -> make(content, lead, next, start));
    }

    private int number(List<DancedMove> content) {
        return numbers.computeIfAbsent(content, _ -> numbers.size());
    }

    private Pass make(List<DancedMove> content, Side first, Side next, Stance start) {
        List<DancedMove> moves = new ArrayList<>();
        int target = eights(content) * EIGHT;
        Walk.Outcome so = new Walk.Outcome(start, true);
        int left = target;
        int once = halfCounts(content);
        Side lead = first;
        while (left >= once) {
            so = after(so, rehearsal.dance(moves, led(content, lead), so.end()));
            lead = so.end().free() == Side.BOTH ? lead : so.end().free();
            left -= once;
        }
        if (left > 0) {
            so = after(so, rehearsal.dance(moves, held(left, lead, so.end()), so.end()));
        }
        if (so.end().free() != Side.BOTH && so.end().free() != next) {
            moves.set(moves.size() - 1, moves.getLast().withTapChange(!moves.getLast().tapChange()));
            so = rehearsal.outcome(moves, start);
        }
        return new Pass(first, moves, target / EIGHT, start, so.end(), so.works());
    }

    private static Walk.Outcome after(Walk.Outcome before, Walk.Outcome more) {
        return new Walk.Outcome(more.end(), before.works() && more.works());
    }

    private static Stance start(List<DancedMove> moves) {
        return Combination.start(moves, moves.stream().anyMatch(danced -> danced.move().onStep()));
    }

    static List<DancedMove> led(List<DancedMove> content, Side lead) {
        return content.getFirst().lead() == lead ? content : Blocks.mirrored(content);
    }

    /** The holding pattern for so many half-counts: the one wished for where it can be danced, else a march. */
    List<DancedMove> held(int halfCounts, Side lead, Stance stance) {
        DancedMove wished = DancedMove.of(hold, lead);
        int once = wished.halfCountsOnce();
        boolean fits = halfCounts % once == 0 && halfCounts / once <= DancedMove.TIMES.most()
                && keeps
                && rehearsal.starts(wished, stance);
        if (fits) {
            return List.of(wished.withTimes(halfCounts / once));
        }
        DancedMove march = DancedMove.of(hold.withName("March on the spot").withFootwork(MARCH), lead);
        List<DancedMove> moves = new ArrayList<>();
        int whole = halfCounts / march.halfCounts();
        if (whole > 0) {
            moves.add(march.withTimes(Math.clamp(whole, 1, 16)));
        }
        if (halfCounts % march.halfCounts() >= 2) {
            moves.add(march.withPace(Pace.DOUBLE_TIME));
        }
        return moves;
    }

    /** Whether moves can be danced over whole phrases or eights, on both leads. */
    boolean fill(List<DancedMove> content) {
        return pass(content, Side.RIGHT, Side.BOTH, startOn(content, Side.RIGHT)).works()
                && pass(content, Side.LEFT, Side.BOTH, startOn(content, Side.LEFT)).works();
    }

    private static Stance startOn(List<DancedMove> content, Side lead) {
        return start(led(content, lead));
    }

    /** How one stands before moves on a lead, when there was time to walk there. */
    static Stance walkedTo(List<DancedMove> content, Side lead, boolean onStep) {
        return Combination.start(led(content, lead), onStep);
    }

    /** Whether a pass can begin from a stance when its lead foot is free, turning into it if need be. */
    boolean canBegin(List<DancedMove> content, Side lead, Stance stance) {
        Stance free = stance.on(lead.other());
        return begins.computeIfAbsent(new Key(number(content), lead, Side.BOTH, free), _ -> {
            List<DancedMove> moves = new ArrayList<>();
            return rehearsal.dance(moves, led(content, lead), free).works();
        });
    }

    /** Whether people have to walk to another place before they can begin on the other foot. */
    boolean walks(List<DancedMove> content) {
        Stance end = rehearsal.outcome(content, start(content)).end();
        return !canBegin(content, Side.RIGHT, end) || !canBegin(content, Side.LEFT, end);
    }
}
