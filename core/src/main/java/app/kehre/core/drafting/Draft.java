package app.kehre.core.drafting;

import java.time.Duration;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.balance.Assessment;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Differences;
import app.kehre.core.proposal.Way;
import app.kehre.core.value.Lengths;

/**
 * A class that was drafted. Nothing of it is the instructor's yet.
 *
 * @param plan the class, which says why each line is there
 * @param assessment the class as it is judged
 */
public record Draft(ClassPlan plan, Assessment assessment) {

    /** A class that ends so many seconds before what it may fill of its slot ends in time. */
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
     * each second beyond 15 that is left of what it may fill of it. Kehre's estimates.
     */
    public double penalty() {
        return penalty(assessment);
    }

    static double penalty(Assessment assessment) {
        Duration left = SlotAndMend.room(assessment.plan()).minus(assessment.timeline().fit().length());
        return Repairing.penalty(assessment) + Math.max(0, Lengths.seconds(left) - IN_TIME);
    }
}
