package app.kehre.core.stepping;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;

/** Whether the moves fill whole phrases, and none runs over the end of one. */
final class PhraseCheck implements Check {

    private static final int PHRASE = Combination.PHRASE * 2;

    @Override
    public List<Finding> of(Checked checked) {
        List<Finding> found = new ArrayList<>();
        if (checked.conditions().runsOn()) {
            return found;
        }
        List<DancedMove> parts = checked.combination().moves();
        int at = 0;
        for (int i = 0; i < parts.size(); i++) {
            int end = at + parts.get(i).halfCounts();
            int next = (at / PHRASE + 1) * PHRASE;
            if (end > next && at % PHRASE != 0) {
                found.add(across(checked, i, at, next));
            }
            at = end;
        }
        if (at % PHRASE != 0) {
            found.add(notFilled(checked, parts.size() - 1, at));
        }
        return found;
    }

    private static Finding across(Checked checked, int part, int at, int next) {
        return checked.found(CheckKey.PHRASE, Severity.WATCH, part, at / 2 + 1,
                "%s begins on count %d and runs over the end of the phrase on count %d.".formatted(
                        checked.combination().moves().get(part).move().name(), at / 2 + 1, next / 2),
                "People hear the new phrase and expect a new move there.");
    }

    private static Finding notFilled(Checked checked, int part, int halfCounts) {
        int counts = Math.ceilDiv(halfCounts, 2);
        int phrases = Math.ceilDiv(halfCounts, PHRASE);
        int missing = phrases * Combination.PHRASE - counts;
        return checked.found(CheckKey.PHRASE, Severity.FIX, part, counts,
                "%d counts: %d are missing to fill %s.".formatted(counts, missing,
                        phrases == 1 ? "the phrase" : phrases + " phrases"),
                "A phrase has 32 counts. What does not fill it starts the next time off the music.");
    }
}
