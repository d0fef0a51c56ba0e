package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

import org.jspecify.annotations.Nullable;

import app.kehre.core.footwork.Row;
import app.kehre.core.footwork.Stance;
import app.kehre.core.footwork.Walk;
import app.kehre.core.value.Side;

/**
 * Dances moves for their outcome, as {@link Dance#outcome} does, and remembers each way in which a row was
 * danced: a build-up dances the same few rows from the same few stances hundreds of times.
 */
final class Rehearsal {

    private final Map<Row, Map<Start, Walk.Outcome>> known = new IdentityHashMap<>();

    /** How a row is danced. */
    private record Start(Side lead, Stance stance, int turnIn, boolean changed) {
        @Override
        public boolean equals(@Nullable Object other) {
            return other instanceof Start start && lead == start.lead && turnIn == start.turnIn
                    && changed == start.changed && stance.equals(start.stance);
        }

        @Override
        public int hashCode() {
            return ((stance.hashCode() * 4 + lead.ordinal()) * 4 + turnIn) * 2 + (changed ? 1 : 0);
        }
    }

    /** Dances moves from a stance. */
    Walk.Outcome outcome(List<DancedMove> moves, Stance start) {
        Stance stance = start;
        boolean works = true;
        for (DancedMove danced : moves) {
            Side lead = danced.lead();
            for (int time = 0; time < danced.times(); time++) {
                Walk.Outcome once = once(danced, time, lead, stance);
                stance = once.end();
                works &= once.works();
                lead = stance.weight() == lead ? lead.other() : lead;
            }
        }
        return new Walk.Outcome(stance, works);
    }

    private Walk.Outcome once(DancedMove danced, int time, Side lead, Stance stance) {
        Row row = danced.move().footwork().orElseThrow();
        boolean changed = danced.tapChange() && time == danced.times() - 1;
        Start start = new Start(lead, stance, time == 0 ? danced.turnIn() : 0, changed);
        Map<Start, Walk.Outcome> ways = known.computeIfAbsent(row, _ -> new HashMap<>());
        Walk.Outcome before = ways.get(start);
        if (before != null) {
            return before;
        }
        Walk.Outcome once = Walk.outcome(danced.footing(time), lead, stance, start.turnIn());
        ways.put(start, once);
        return once;
    }

    /** Adds moves, entered with the turn that they need from here; returns what comes of them. */
    Walk.Outcome dance(List<DancedMove> moves, List<DancedMove> more, Stance stance) {
        Walk.Outcome straight = outcome(more, stance);
        if (straight.works() || starts(more.getFirst(), stance)) {
            moves.addAll(more);
            return straight;
        }
        List<DancedMove> turned = new ArrayList<>(more);
        DancedMove first = turned.getFirst();
        for (int quarters : new int[]{0, 1, -1, 2}) {
            if (starts(first.withTurnIn(quarters), stance)) {
                turned.set(0, first.withTurnIn(quarters));
                break;
            }
        }
        moves.addAll(turned);
        return outcome(turned, stance);
    }

    /** Whether the first time of a move can be danced from a stance. */
    boolean starts(DancedMove danced, Stance stance) {
        return once(danced, 0, danced.lead(), stance).works();
    }
}
