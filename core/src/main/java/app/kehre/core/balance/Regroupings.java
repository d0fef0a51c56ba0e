package app.kehre.core.balance;

import java.util.List;

import org.jspecify.annotations.Nullable;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.regrouping.Regrouping;

/**
 * The parts of a class that would gain by another order, each by itself. To find them takes longer than all checks together,
 * so it is done when a finding is first to be mended by one, and once for all findings.
 */
final class Regroupings {

    private final ClassPlan plan;
    private @Nullable List<Regrouping> found;

    Regroupings(ClassPlan plan) {
        this.plan = plan;
    }

    /** Returns them, in the order of the parts; to be called on any thread. */
    synchronized List<Regrouping> all() {
        List<Regrouping> all = found;
        if (all == null) {
            all = plan.segments().stream().flatMap(segment -> Regrouping.of(plan, segment.id()).stream())
                    .toList();
            found = all;
        }
        return all;
    }
}
