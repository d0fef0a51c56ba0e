package app.kehre.core.choreography;

import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;

/**
 * A combination that is being checked, danced once.
 *
 * @param combination what is checked
 * @param dance how it goes
 * @param conditions to what, on what, by whom
 */
record Checked(Combination combination, Dance dance, Conditions conditions) {

    Part part(Dance.Beat beat) {
        return combination.parts().get(beat.part());
    }

    /** Returns the count at which a move begins, from 1. */
    int countOf(int part) {
        return combination.parts().subList(0, part).stream().mapToInt(Part::halfCounts).sum() / 2 + 1;
    }

    Misstep misstep(Misstep.Kind kind, Severity severity, int part, int count, String what, String why) {
        return new Misstep(kind, severity, part, count, what, why, SourceKind.TEACHING_RANGE, List::of);
    }
}
