package app.kehre.core.choreography;

import app.kehre.core.footwork.Walk;
import app.kehre.core.value.Side;

/**
 * What each leg does in a combination, once.
 *
 * @param right counts in which the right leg bears weight, the last one begun counted whole
 * @param left counts in which the left leg bears weight
 * @param ascents how often one goes onto the bench
 * @param hops hops, leaps and jumps
 * @param changesLead whether it ends with the other foot free, so that it repeats on the other side by itself
 */
public record Legs(int right, int left, int ascents, int hops, boolean changesLead) {

    /** Counts them. */
    public static Legs of(Combination combination) {
        Dance dance = Dance.of(combination);
        boolean changes = !combination.moves().isEmpty()
                && dance.end().weight() == combination.lead();
        return new Legs(bearing(dance, Side.RIGHT), bearing(dance, Side.LEFT),
                Math.toIntExact(
                        dance.beats().stream().map(Dance.Beat::step).filter(Walk.Step::ascends).count()),
                Math.toIntExact(
                        dance.beats().stream().map(Dance.Beat::step).filter(Walk.Step::springs).count()),
                changes);
    }

    private static int bearing(Dance dance, Side side) {
        int quarters = dance.beats().stream().filter(beat -> beat.step().after().weight() == side
                || beat.step().after().weight() == Side.BOTH).mapToInt(Dance.Beat::length).sum();
        return Math.ceilDiv(quarters, Dance.QUARTERS);
    }

    /** Returns how the other side gets its turn. */
    public String otherSide(Combination combination) {
        if (combination.moves().isEmpty()) {
            return "";
        }
        String other = combination.lead().other().word();
        return changesLead
                ? "Ends with the %s free: it repeats on the %s by itself.".formatted(other, other)
                : "Keeps the %s: to change over, end %s on a tap instead of a step.".formatted(
                        combination.lead().word(), combination.moves().getLast().move().name());
    }
}
