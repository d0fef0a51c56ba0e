package app.kehre.core.rehearsal;

import java.time.Duration;
import java.util.Optional;

import app.kehre.core.pace.Pace;
import app.kehre.core.value.Range;

/**
 * How a simulated instructor teaches.
 *
 * @param slow by how many per cent all that no clock and no music drives is slower than planned; -50 to 200
 * @param late how late the class is begun, 0 to 30 min
 * @param keepOnTime whether the proposals of Kehre are taken when the class is late
 * @param forgets whether a line or a second side is forgotten now and then
 * @param own the pace at which people really move here; nothing for that of the class
 */
public record Habits(int slow, Duration late, boolean keepOnTime, boolean forgets, Optional<Pace> own) {

    /** How much slower. */
    public static final Range SLOW = new Range("how much slower", " %", -50, 200);
    /** How late. */
    public static final Range LATE = new Range("how late", " min", 0, 30);
    /** As the plan says, but for what varies from day to day. */
    public static final Habits AS_PLANNED = new Habits(0, Duration.ZERO, false, false);

    /**
     * Returns habits of somebody whose people move at the pace of the class.
     *
     * @param slow per cent by which everything takes longer
     */
    public Habits(int slow, Duration late, boolean keepOnTime, boolean forgets) {
        this(slow, late, keepOnTime, forgets, Optional.empty());
    }

    public Habits {
        SLOW.check(slow);
        LATE.check(Math.toIntExact(late.toMinutes()));
    }
}
