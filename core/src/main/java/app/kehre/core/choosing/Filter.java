package app.kehre.core.choosing;

import java.util.Optional;

import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;

/**
 * Which exercises are shown.
 *
 * @param role that they suit
 * @param area that they work or release, at least half of the way
 * @param pattern their movement pattern
 * @param position how the body is placed
 * @param impact how hard the feet meet the floor
 * @param kitAtHand only with kit that is there
 * @param cautionFree only without a caution for anybody in the group
 * @param ownOnly only the instructor's own
 */
public record Filter(Optional<Role> role, Optional<Muscle> area, Optional<Pattern> pattern,
        Optional<Position> position, Optional<Impact> impact, boolean kitAtHand, boolean cautionFree,
        boolean ownOnly) {

    /** Everything. */
    public static final Filter NONE = new Filter(Optional.empty(), Optional.empty(), Optional.empty(),
            Optional.empty(), Optional.empty(), false, false, false);

    /** Returns whether an exercise is shown for a brief. */
    public boolean shows(Exercise exercise, Brief brief) {
        return role.map(exercise::suits).orElse(true)
                && area.map(muscle -> exercise.work().share(muscle) >= DoneSoFar.COUNTS).orElse(true)
                && pattern.map(each -> exercise.pattern() == each).orElse(true)
                && position.map(each -> exercise.position() == each).orElse(true)
                && impact.map(each -> exercise.impact() == each).orElse(true)
                && (!kitAtHand || exercise.equipment().stream().allMatch(brief.room()::has))
                && (!cautionFree || brief.watched().stream()
                        .allMatch(limit -> exercise.cautionFor(limit).isEmpty()));
    }
}
