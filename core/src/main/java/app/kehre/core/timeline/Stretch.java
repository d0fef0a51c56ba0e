package app.kehre.core.timeline;

import java.time.Duration;

import app.kehre.core.value.Lengths;

/**
 * A part of the class, from its start (included) to its end (excluded), measured from the class's start.
 *
 * @param start 0 or more
 * @param end not before the start
 */
public record Stretch(Duration start, Duration end) {
    public Stretch {
        if (start.isNegative() || end.compareTo(start) < 0) {
            throw new IllegalArgumentException(
                    "A stretch must not end (%s) before it starts (%s).".formatted(end, start));
        }
    }

    /** Returns the exact length. */
    public Duration length() {
        return end.minus(start);
    }

    /** Returns the length as it is shown: whole seconds, each boundary rounded on its own. */
    public Duration shown() {
        return Lengths.between(start, end);
    }

    /** Returns whether a moment lies in it. */
    public boolean has(Duration moment) {
        return start.compareTo(moment) <= 0 && moment.compareTo(end) < 0;
    }
}
