package app.kehre.core.timeline;

import java.time.Duration;

/** The lengths that no dose names. */
public final class Times {

    /** Changing from one side to the other: 4 s. Kehre's estimate (figures.md, "Time"). */
    public static final Duration SIDE_CHANGE = Duration.ofSeconds(4);

    private Times() {}
}
