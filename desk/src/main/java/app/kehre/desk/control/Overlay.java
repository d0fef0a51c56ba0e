package app.kehre.desk.control;

import java.util.List;
import java.util.Optional;

import app.kehre.core.effort.Effort;
import app.kehre.core.timeline.Stretch;

/**
 * What is drawn over a road.
 *
 * @param effort the predicted effort, where it is shown
 * @param lit stretches that are pointed out
 */
record Overlay(Optional<Effort> effort, List<Stretch> lit) {

    static final Overlay NONE = new Overlay(Optional.empty(), List.of());

    /** The height of the strip in which the effort runs above the blocks. */
    static final double STRIP = 18;

    Overlay with(Effort other) {
        return new Overlay(Optional.of(other), lit);
    }

    Overlay lit(List<Stretch> other) {
        return new Overlay(effort, other);
    }

    double strip() {
        return effort.isPresent() ? STRIP : 0;
    }
}
