package app.kehre.core.teaching;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import app.kehre.core.plan.EntryId;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Turn;
import app.kehre.core.value.Side;

/**
 * A span of a class by what it is, so that it is found again when the class around it has changed.
 *
 * @param entry the line
 * @param turn which turn of it
 * @param phase what happens
 * @param side the side that works
 * @param number which of those that are alike, from 1
 */
public record Spot(EntryId entry, Turn turn, Phase phase, Side side, int number) {

    /** Returns the spots of spans, in their order. */
    public static List<Spot> of(List<Span> spans) {
        Map<Spot, Integer> seen = new HashMap<>();
        return spans.stream().map(Spot::first)
                .map(spot -> spot.numbered(seen.merge(spot, 1, Integer::sum))).toList();
    }

    private static Spot first(Span span) {
        return new Spot(span.entry(), span.turn(), span.phase(), span.side(), 1);
    }

    private Spot numbered(int other) {
        return other == 1 ? this : new Spot(entry, turn, phase, side, other);
    }

    /** Returns whether another spot is of the same turn of the same line: its stage, or its round of a circuit. */
    boolean sameTurn(Spot other) {
        return entry.equals(other.entry) && turn.stage().equals(other.turn.stage())
                && turn.round().equals(other.turn.round());
    }

    /** Finds where the spans stand at which a class goes on that stood here before it was changed. */
    Optional<Integer> nearest(List<Spot> spots) {
        int at = spots.indexOf(this);
        if (at >= 0) {
            return Optional.of(at);
        }
        for (int i = 0; i < spots.size(); i++) {
            if (sameTurn(spots.get(i))) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }
}
