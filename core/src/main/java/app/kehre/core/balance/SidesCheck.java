package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.dose.Sides;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.SideTotals;

/** One side gets more than the other: time, reps, holds. */
final class SidesCheck implements KeyedCheck {

    private final boolean stretches;

    SidesCheck(boolean stretches) {
        this.stretches = stretches;
    }

    @Override
    public CheckKey key() {
        return stretches ? CheckKey.STRETCH_SIDES : CheckKey.SIDES;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        double most = judged.figures().share(Threshold.SIDES);
        List<Finding> findings = new ArrayList<>();
        for (SideTotals totals : judged.sides()) {
            Item item = (Item) judged.find(totals.entries().getFirst()).orElseThrow();
            if (item.exercise().rests() == stretches && off(totals) > most) {
                findings.add(finding(judged, item, totals));
            }
        }
        return findings;
    }

    private static double off(SideTotals totals) {
        double reps = off(totals.right().reps(), totals.left().reps());
        return totals.right().reps() + totals.left().reps() > 0
                ? reps
                : off(totals.right().length().toMillis(), totals.left().length().toMillis());
    }

    private static double off(double right, double left) {
        double most = Math.max(right, left);
        return most == 0 ? 0 : 1 - Math.min(right, left) / most;
    }

    private Finding finding(ClassUnderCheck judged, Item item, SideTotals totals) {
        return found(Severity.FIX, judged.at(item), totals.words() + ".",
                "Sides may differ by %d %%. Both sides are done exactly the same."
                        .formatted(judged.figures().of(Threshold.SIDES)),
                SourceKind.ESTIMATE, () -> mends(judged, item, totals));
    }

    private static List<Way> mends(ClassUnderCheck judged, Item item, SideTotals totals) {
        ClassPlan plan = judged.plan();
        if (totals.entries().size() == 1) {
            return item.dose().sides() == Sides.EACH_SIDE || !item.dose().goesWith(Sides.EACH_SIDE)
                    ? List.of()
                    : List.of(Way.of(item.name() + ": each side",
                            plan.with(item.withDose(item.dose().withSides(Sides.EACH_SIDE)))));
        }
        List<Way> mends = new ArrayList<>();
        for (EntryId id : totals.entries()) {
            if (plan.entry(id) instanceof Item one && !one.dose().sides().servesBoth()) {
                mends.add(Way.of(one.name() + ": each side",
                        plan.with(one.withDose(one.dose().withSides(Sides.EACH_SIDE)))));
            }
            for (EntryId like : totals.entries()) {
                if (!id.equals(like) && plan.entry(id) instanceof Item one
                        && plan.entry(like) instanceof Item other
                        && other.dose().goesWith(one.dose().sides())) {
                    mends.add(Way.of("%s: as much as the other side".formatted(one.name()),
                            plan.with(one.withDose(other.dose().withSides(one.dose().sides())))));
                }
            }
        }
        return Mends.first(mends.stream().filter(mend -> !mend.after().equals(plan)));
    }
}
