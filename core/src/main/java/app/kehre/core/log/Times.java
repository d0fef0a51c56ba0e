package app.kehre.core.log;

import java.time.Duration;

/**
 * How long a class, or a part of it, was thought to take, and took.
 *
 * @param planned how long by its plan, zero or more
 * @param predicted how long by its plan what was really taught: without lines that were left out, with proposals that were
 *     taken. Only this can be held against what was taught to say how true a plan is
 * @param usual the same at the usual pace, as if nothing had been learned
 * @param taught how long it took, pauses with it
 */
public record Times(Duration planned, Duration predicted, Duration usual, Duration taught) {

    /** Returns times of a class that was taught whole, and of which nothing was learned. */
    public Times(Duration planned, Duration taught) {
        this(planned, planned, planned, taught);
    }

    /** Returns by which share it took longer than was predicted; negative when it was shorter, 0 for what was not planned. */
    public double off() {
        return off(predicted);
    }

    /** Returns the same against the usual pace. */
    public double offUsual() {
        return off(usual);
    }

    private double off(Duration thought) {
        return thought.isZero() ? 0 : (double) taught.minus(thought).toMillis() / thought.toMillis();
    }
}
