package app.kehre.core.stepping;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import app.kehre.core.advice.Severity;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Dance;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.footwork.RowFacts;
import app.kehre.core.value.Side;

/** Whether a phrase holds more repeaters than one on each leg: each of them leaves one leg standing for eight counts. */
final class RepeaterCheck implements Check {

    /** In a phrase: one on each leg. Teaching range (figures.md, "Good classes"). */
    private static final int MOST = 2;

    @Override
    public List<Finding> of(Checked checked) {
        List<Finding> found = new ArrayList<>();
        Map<Integer, Integer> repeaters = new HashMap<>();
        List<Dance.Beat> beats = checked.dance().beats();
        int lifts = 0;
        for (int i = 0; i < beats.size(); i++) {
            Dance.Beat beat = beats.get(i);
            Side standing = beat.step().after().weight();
            boolean stays = i > 0 && standing == beats.get(i - 1).step().after().weight();
            lifts = (stays ? lifts : 0) + (lifts(beat) ? 1 : 0);
            int phrase = (beat.count() - 1) / Combination.PHRASE;
            if (lifts(beat) && lifts == RowFacts.REPEATER
                    && repeaters.merge(phrase, 1, Integer::sum) == MOST + 1) {
                found.add(checked.found(CheckKey.REPEATERS, Severity.WATCH, beat.part(), beat.count(),
                        "%s is one repeater too many in phrase %d.".formatted(
                                checked.danced(beat).move().name(),
                                phrase + 1),
                        "One on each leg is enough for a phrase: the standing leg tires, and the eye too."));
            }
        }
        return found;
    }

    private static boolean lifts(Dance.Beat beat) {
        return beat.step().beat().gesture().filter(act -> act.shape().lifts()).isPresent();
    }
}
