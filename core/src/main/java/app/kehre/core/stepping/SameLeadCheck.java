package app.kehre.core.stepping;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.choreography.Dance;
import app.kehre.core.choreography.DanceLimits;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.value.Lengths;

/** Whether the same foot leads too long. */
final class SameLeadCheck implements Check {

    @Override
    public List<Finding> of(Checked checked) {
        List<Finding> found = new ArrayList<>();
        List<Dance.Beat> beats = checked.dance().beats();
        int from = 0;
        for (int i = 1; i <= beats.size(); i++) {
            if (i == beats.size() || beats.get(i).lead() != beats.get(from).lead()) {
                add(found, checked, beats.subList(from, i));
                from = i;
            }
        }
        return found;
    }

    private static void add(List<Finding> found, Checked checked, List<Dance.Beat> beats) {
        int counts = beats.stream().mapToInt(Dance.Beat::length).sum() / Dance.QUARTERS;
        Duration length = checked.conditions().length(counts);
        DanceLimits limits = checked.conditions().limits();
        if (length.compareTo(limits.sameLead()) > 0) {
            Dance.Beat first = beats.getFirst();
            found.add(checked.found(CheckKey.SAME_LEAD,
                    length.compareTo(limits.sameLeadMost()) > 0 ? Severity.FIX : Severity.WATCH,
                    first.part(), first.count(),
                    "From count %d the %s foot leads for %s.".formatted(first.count(), first.lead().word(),
                            Lengths.clock(length)),
                    "Change the lead leg at least every %s, so that neither knee tires first.".formatted(
                            Lengths.notation(limits.sameLead()))));
        }
    }
}
