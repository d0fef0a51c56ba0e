package app.kehre.desk.check;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

import app.kehre.core.balance.Effect;
import app.kehre.core.effort.Effort;
import app.kehre.core.effort.Spread;
import app.kehre.core.timeline.Stretch;

/**
 * What a climb shows.
 *
 * @param effort of the class
 * @param spread of the group, when it is asked for
 * @param preview what a mend would bring, while it is looked at
 * @param lit stretches that are pointed out
 * @param mark the second that is read
 * @param anchor the second from which a stretch is chosen, up to the mark
 */
record ClimbScene(Effort effort, Optional<Spread> spread, Optional<Effect> preview, List<Stretch> lit,
        OptionalInt mark, OptionalInt anchor) {

    static ClimbScene of(Effort effort) {
        return new ClimbScene(effort, Optional.empty(), Optional.empty(), List.of(), OptionalInt.empty(),
                OptionalInt.empty());
    }

    /** Returns another class; what was read in the last one stays where it is as long as there is such a second. */
    ClimbScene with(Effort other) {
        boolean there = mark.isPresent() && mark.getAsInt() < other.main().seconds();
        return new ClimbScene(other, Optional.empty(), preview, List.of(), there ? mark : OptionalInt.empty(),
                there ? anchor : OptionalInt.empty());
    }

    ClimbScene with(Optional<Spread> other) {
        return new ClimbScene(effort, other, preview, lit, mark, anchor);
    }

    ClimbScene previewing(Optional<Effect> other) {
        return new ClimbScene(effort, spread, other, lit, mark, anchor);
    }

    ClimbScene lit(List<Stretch> others) {
        return new ClimbScene(effort, spread, preview, others, mark, anchor);
    }

    ClimbScene reading(OptionalInt second, OptionalInt from) {
        return new ClimbScene(effort, spread, preview, lit, second, from);
    }
}
