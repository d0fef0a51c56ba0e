package app.kehre.core.stepping;

import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.Dance;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.finding.Reason;

/**
 * A combination that is being checked, danced once.
 *
 * @param combination what is checked
 * @param dance how it goes
 * @param conditions to what, on what, by whom
 */
record Checked(Combination combination, Dance dance, Conditions conditions) {

    DancedMove danced(Dance.Beat beat) {
        return combination.moves().get(beat.part());
    }

    /** Returns the count at which a move begins, from 1. */
    int countOf(int part) {
        return combination.moves().subList(0, part).stream().mapToInt(DancedMove::halfCounts).sum() / 2 + 1;
    }

    /** Something found at a move, counted from 0, on a count of the music, from 1. */
    Finding found(CheckKey key, Severity severity, int part, int count, String what, String why) {
        Place place = Place.CLASS.on(new Place.Beat(part, count));
        return new Finding(key, String.valueOf(part + 1), severity, place, what,
                new Reason(why, SourceKind.TEACHING_RANGE), List::of);
    }
}
