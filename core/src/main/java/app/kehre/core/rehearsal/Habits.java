package app.kehre.core.rehearsal;

import java.time.Duration;

import app.kehre.core.value.Range;

/**
 * How a simulated instructor teaches.
 *
 * @param slow by how many per cent all that no clock and no music drives is slower than planned; -50 to 200
 * @param late how late the class is begun, 0 to 30 min
 * @param keepOnTime whether the proposals of Kehre are taken when the class is late
 * @param forgets whether a line or a second side is forgotten now and then
 */
public record Habits(int slow, Duration late, boolean keepOnTime, boolean forgets) {

    /** How much slower. */
    public static final Range SLOW = new Range("how much slower", " %", -50, 200);
    /** How late. */
    public static final Range LATE = new Range("how late", " min", 0, 30);
    /** As the plan says, but for what varies from day to day. */
    public static final Habits AS_PLANNED = new Habits(0, Duration.ZERO, false, false);

    public Habits {
        SLOW.check(slow);
        LATE.check(Math.toIntExact(late.toMinutes()));
    }
}
