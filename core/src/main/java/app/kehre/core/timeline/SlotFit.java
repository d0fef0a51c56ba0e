package app.kehre.core.timeline;

import java.time.Duration;

import app.kehre.core.value.Lengths;

/**
 * How a class stands to its slot.
 *
 * @param length of the class, as shown
 * @param slot on the timetable
 */
public record SlotFit(Duration length, Duration slot) {

    /** How far off a length must be to be worth a mark: a tenth of what was meant. Kehre's estimate. */
    private static final int WORTH_A_MARK = 10;

    /** Returns what is left of the slot; negative when the class goes over. */
    public Duration spare() {
        return slot.minus(length);
    }

    /** Returns whether the class is longer than its slot. */
    public boolean over() {
        return spare().isNegative();
    }

    /** Returns "2:40 to spare", "goes over by 1:40" or "ends on time to the second". */
    public String words() {
        if (spare().isZero()) {
            return "ends on time to the second";
        }
        return over() ? "goes over by " + Lengths.clock(spare()) : Lengths.clock(spare()) + " to spare";
    }

    /** Returns whether the length is off by more than a tenth of what was meant. */
    public boolean wellOff() {
        return spare().abs().multipliedBy(WORTH_A_MARK).compareTo(slot) > 0;
    }
}
