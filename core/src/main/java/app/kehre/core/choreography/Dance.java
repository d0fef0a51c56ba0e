package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.footwork.Row;
import app.kehre.core.footwork.Stance;
import app.kehre.core.footwork.Walk;
import app.kehre.core.value.Side;

/**
 * Moves danced one after the other.
 *
 * @param beats what happens, in order
 * @param start how one stands before
 * @param end how one stands after
 */
public record Dance(List<Beat> beats, Stance start, Stance end) {

    /**
     * One half-count of a move.
     *
     * @param part the place of the move, from 0
     * @param time which time of the move, from 0
     * @param at when it begins, in quarters of a count of the music from the start
     * @param length how long it lasts, in quarters of a count
     * @param lead the side that leads this time
     * @param step what the feet do
     */
    public record Beat(int part, int time, int at, int length, Side lead, Walk.Step step) {

        /** Returns the count of the music that it lies in, from 1. */
        public int count() {
            return at / QUARTERS + 1;
        }
    }

    /** Quarters in a count. */
    public static final int QUARTERS = 4;

    public Dance {
        beats = List.copyOf(beats);
    }

    /** Dances a combination once from its start. */
    public static Dance of(Combination combination) {
        return of(combination.moves(), combination.start());
    }

    /** Dances moves from a stance. */
    public static Dance of(List<DancedMove> parts, Stance start) {
        List<Beat> beats = new ArrayList<>();
        Stance stance = start;
        int at = 0;
        for (int i = 0; i < parts.size(); i++) {
            DancedMove danced = parts.get(i);
            Side lead = danced.lead();
            for (int time = 0; time < danced.times(); time++) {
                Row row = danced.row(time);
                Walk walk = Walk.of(row, lead, stance, time == 0 ? danced.turnIn() : 0);
                int length = danced.pace().halfCounts();
                for (Walk.Step step : walk.steps()) {
                    beats.add(new Beat(i, time, at, length, lead, step));
                    at += length;
                }
                lead = walk.end().weight() == lead ? lead.other() : lead;
                stance = walk.end();
            }
        }
        return new Dance(beats, start, stance);
    }

    /** Dances moves from a stance for the outcome alone. */
    static Walk.Outcome outcome(List<DancedMove> parts, Stance start) {
        Stance stance = start;
        boolean works = true;
        for (DancedMove danced : parts) {
            Side lead = danced.lead();
            for (int time = 0; time < danced.times(); time++) {
                Walk.Outcome once = Walk.outcome(danced.footing(time), lead, stance,
                        time == 0 ? danced.turnIn() : 0);
                stance = once.end();
                works &= once.works();
                lead = stance.weight() == lead ? lead.other() : lead;
            }
        }
        return new Walk.Outcome(stance, works);
    }

    /** Returns the counts of the music that it lasts. */
    public int counts() {
        return beats.isEmpty()
                ? 0
                : Math.ceilDiv(beats.getLast().at() + beats.getLast().length(), QUARTERS);
    }

    /** Returns whether nothing in it is impossible. */
    public boolean works() {
        return beats.stream().allMatch(beat -> beat.step().slips().isEmpty());
    }
}
