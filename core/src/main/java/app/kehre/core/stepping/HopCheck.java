package app.kehre.core.stepping;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.choreography.Dance;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.value.Lengths;

/** Whether hops, leaps and jumps go on too long. */
final class HopCheck implements Check {

    /** Hops that lie further apart than this are no longer one stretch of hopping, in counts. Kehre's estimate. */
    private static final int APART = 4;

    @Override
    public List<Finding> of(Checked checked) {
        List<Finding> found = new ArrayList<>();
        List<Dance.Beat> hops = checked.dance().beats().stream().filter(beat -> beat.step().springs())
                .toList();
        int from = 0;
        for (int i = 1; i <= hops.size(); i++) {
            if (i == hops.size() || hops.get(i).count() - hops.get(i - 1).count() > APART) {
                add(found, checked, hops.get(from), hops.get(i - 1));
                from = i;
            }
        }
        return found;
    }

    private static void add(List<Finding> found, Checked checked, Dance.Beat first, Dance.Beat last) {
        Duration length = checked.conditions().length(last.count() - first.count() + 1);
        Duration most = checked.conditions().limits().hopping();
        if (length.compareTo(most) > 0) {
            found.add(checked.found(CheckKey.HOPS, Severity.FIX, first.part(), first.count(),
                    "From count %d hops go on for %s.".formatted(first.count(), Lengths.clock(length)),
                    "Hops at most %s on end, always as an option, upwards only.".formatted(
                            Lengths.notation(most))));
        }
    }
}
