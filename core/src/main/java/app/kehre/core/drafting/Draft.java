package app.kehre.core.drafting;

import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.balance.Assessment;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Differences;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.SlotFit;
import app.kehre.core.value.Lengths;

/**
 * A class that was drafted. Nothing of it is the instructor's yet.
 *
 * @param plan the class, which says why each line is there
 * @param assessment the class as it is judged
 */
public record Draft(ClassPlan plan, Assessment assessment) {

    /** A class that ends so many seconds before its slot ends in time. */
    private static final double IN_TIME = 15;

    /** Returns how this draft comes out of a class, segment by segment, with why each line is there. */
    public Way way(ClassPlan before) {
        String words = open().isEmpty() ? "nothing to fix" : "%d to fix".formatted(open().size());
        return new Way("%d lines, %s".formatted(plan.lines().count(), words),
                Differences.ofSegments(before, plan), List.of(), plan);
    }

    /** Returns what is still wrong with it: what can hurt, and what the class would suffer from. */
    public List<Finding> open() {
        return assessment.findings().stream().filter(finding -> finding.severity() != Severity.WATCH)
                .toList();
    }

    /**
     * Returns how bad it is, in points: what can hurt 1000, what to mend 100, what to consider 3, what comes near such
     * figures a part of that; of its length, which is no finding here, four for each minute over the slot, and one for
     * each second of it that is left beyond 15. Kehre's estimates.
     */
    public double penalty() {
        return penalty(assessment);
    }

    static double penalty(Assessment assessment) {
        SlotFit fit = assessment.timeline().fit();
        return Repairing.penalty(assessment)
                + (fit.over() ? 0 : Math.max(0, Lengths.seconds(fit.spare()) - IN_TIME));
    }
}
