package app.kehre.core.footwork;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import app.kehre.core.value.Side;

/**
 * A row danced once on a lead from a stance. What cannot be danced is noted, and the walk goes on as well as
 * it can, so that one slip does not bring others after it.
 *
 * @param steps what happens, a step for each half-count of the row
 * @param end how one stands at its end
 */
public record Walk(List<Step> steps, Stance end) {

    /**
     * One half-count.
     *
     * @param half its place in the row, from 0
     * @param beat what the feet do
     * @param before how one stood before
     * @param after how one stands then
     * @param slips what cannot be danced here
     */
    public record Step(int half, Beat beat, Stance before, Stance after, List<Slip> slips) {
        public Step {
            slips = List.copyOf(slips);
        }

        /** Returns whether the weight goes from the floor onto the bench. */
        public boolean ascends() {
            return before.spot().level() != Spot.Level.TOP && after.spot().level() == Spot.Level.TOP;
        }

        /** Returns whether both feet leave the ground. */
        public boolean springs() {
            return beat.bearing().map(act -> act.kind().springs()).orElse(false);
        }
    }

    public Walk {
        steps = List.copyOf(steps);
    }

    /**
     * Dances a row.
     *
     * @param lead the side of the lead foot, right or left
     * @param turnIn quarter turns to the right with which the move is entered, -1 to 2
     */
    public static Walk of(Row row, Side lead, Stance start, int turnIn) {
        Dancer dancer = new Dancer(lead, start.turned(turnIn));
        List<Step> steps = new ArrayList<>();
        List<Slip> first = Starts.slips(row, lead, start.turned(turnIn));
        for (int half = 0; half < row.beats().size(); half++) {
            Stance before = half == 0 ? start : dancer.stance();
            List<Slip> slips = dancer.dance(row.beats().get(half), first.isEmpty());
            if (half == 0 && !first.isEmpty()) {
                slips = Stream.concat(first.stream(), slips.stream()).toList();
            }
            steps.add(new Step(half, row.beats().get(half), before, dancer.stance(), slips));
        }
        return new Walk(steps, dancer.stance());
    }

    /**
     * What comes of a walk, without its steps.
     *
     * @param end how one stands after it
     * @param works whether nothing in it is impossible
     */
    public record Outcome(Stance end, boolean works) {}

    /**
     * Dances a row for its outcome alone, which is what the walk with all its steps would give.
     *
     * @param turnIn quarter turns to the right with which it is entered, -1 to 2
     */
    public static Outcome outcome(Row row, Side lead, Stance start, int turnIn) {
        Stance turned = start.turned(turnIn);
        boolean works = Starts.slips(row, lead, turned).isEmpty();
        boolean strict = works;
        Dancer dancer = new Dancer(lead, turned);
        for (Beat beat : row.beats()) {
            if (!beat.rests() || beat.turn() != 0) {
                works &= dancer.dance(beat, strict).isEmpty();
            }
        }
        return new Outcome(dancer.stance(), works);
    }

    /** Returns all slips, in order. */
    public List<Slip> slips() {
        return steps.stream().flatMap(step -> step.slips().stream()).toList();
    }
}
