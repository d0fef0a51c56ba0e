package app.kehre.core.drafting;

import java.util.Comparator;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.Threshold;
import app.kehre.core.advice.Thresholds;
import app.kehre.core.balance.Assessment;
import app.kehre.core.exercise.Library;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Variant;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.SlotFit;
import app.kehre.core.value.Lengths;

/** Mends what is found in a draft, one local edit after the other, always the one that helps most. */
final class Repairing {

    private static final int ROUNDS = 30;
    /** How many findings are tried at once, and how many ways for each. */
    private static final int TRIED = 4;
    private static final int POLISHED = 4;
    /** One water for so many minutes of the slot at the most. Kehre's estimate. */
    private static final int EACH_WATER = 10;
    private static final int STOP = 1000;
    static final int FIX = 100;
    private static final int WATCH = 3;
    private static final double EACH_MINUTE_OVER = 4;
    /** Minutes over the slot that Fit takes away at the end; each minute more counts nearly as much as a finding. */
    private static final double FIT_TAKES = 1.5;
    private static final double FAR_OVER = 90;
    private static final double NEAR = 60;

    private final Library library;
    private final Replacements replacements;
    private final Fixed kept;

    /**
     * Makes a repair.
     *
     * @param kept what a mend must leave as it is, and what is to be mended
     */
    Repairing(Toolbox toolbox, Fixed kept) {
        this.library = toolbox.library();
        this.kept = kept;
        replacements = new Replacements(toolbox, kept);
    }

    /** Returns the class with as little wrong as local edits can make it. */
    Assessment mended(ClassPlan plan) {
        Assessment now = Assessment.of(plan, library);
        for (int round = 0; round < ROUNDS && serious(now) > 0; round++) {
            Optional<Assessment> better = better(now, kept::mends);
            if (better.isEmpty()) {
                break;
            }
            now = better.get();
        }
        return now;
    }

    private long serious(Assessment assessment) {
        return assessment.findings().stream()
                .filter(finding -> kept.mends(finding) && !ofLength(finding)).count();
    }

    /** Returns how bad a class is: what can hurt counts most, then what mends, then taste; its length is for Fit to see to. */
    static double penalty(Assessment assessment) {
        double penalty = 0;
        for (Finding finding : assessment.findings()) {
            penalty += ofLength(finding) ? 0 : weight(finding);
        }
        SlotFit fit = assessment.timeline().fit();
        double over = fit.over() ? -Lengths.seconds(fit.spare()) / 60.0 : 0;
        return penalty + near(assessment) + EACH_MINUTE_OVER * over
                + FAR_OVER * Math.max(0, over - FIT_TAKES);
    }

    /** Returns how bad a finding is. */
    static double weight(Finding finding) {
        return switch (finding.severity()) {
            case STOP -> STOP;
            case FIX -> FIX;
            case WATCH -> WATCH;
        };
    }

    /** Returns how far the class is from the two figures that take several edits to reach, so that each edit is worth something. */
    static double near(Assessment assessment) {
        Thresholds figures = assessment.plan().thresholds();
        double inside = assessment.effort().insideAerobic()
                .map(share -> Math.max(0, figures.share(Threshold.INSIDE) - share))
                .orElse(0.0);
        double even = assessment.ledger().ratios().stream()
                .filter(each -> Math.max(each.first(), each.second()) > 0)
                .mapToDouble(each -> Math.max(0, figures.share(Threshold.RATIO) - each.evenness())).sum();
        return NEAR * (inside + even);
    }

    /** How long the class is, is for Fit to see to; one that fills its slot has nothing spare. */
    private static boolean ofLength(Finding finding) {
        return finding.key().ofTheSlot() || finding.key() == CheckKey.NOTHING_SPARE;
    }

    /** Returns a class in which nothing serious is found a little nearer to taste as well. */
    Assessment polished(Assessment plan) {
        Assessment now = plan;
        for (int round = 0; round < POLISHED; round++) {
            Optional<Assessment> better = better(now, Repairing::isTaste);
            if (better.isEmpty()) {
                break;
            }
            now = better.get();
        }
        return now;
    }

    private static boolean isTaste(Finding finding) {
        return finding.severity() == Severity.WATCH;
    }

    private Optional<Assessment> better(Assessment now, Predicate<Finding> wanted) {
        double before = penalty(now);
        int tried = 0;
        for (Finding finding : now.findings()) {
            if (!wanted.test(finding) || ofLength(finding)) {
                continue;
            }
            Optional<Assessment> best = Stream
                    .concat(finding.mends().stream().map(Way::after).limit(TRIED),
                            replacements.of(now, finding))
                    .filter(mended -> keeps(now.plan(), mended))
                    .map(mended -> Assessment.of(mended, library))
                    .min(Comparator.comparingDouble(Repairing::penalty));
            if (best.isPresent() && penalty(best.get()) < before) {
                return best;
            }
            if (++tried > 2 * TRIED) {
                break;
            }
        }
        return Optional.empty();
    }

    private static long waters(ClassPlan plan) {
        return plan.lines().filter(line -> line.isWater())
                .count();
    }

    /** A draft bends neither the brief nor the figures, and leaves what is the instructor's. */
    private boolean keeps(ClassPlan before, ClassPlan mended) {
        return mended.brief().equals(before.brief()) && mended.thresholds().equals(before.thresholds())
                && (before.brief().group().mix().newcomers() == 0
                        || mended.items().noneMatch(item -> item.delivery().variant() == Variant.HARDER))
                && waters(mended) <= Math.max(waters(before), before.brief().slot().toMinutes() / EACH_WATER)
                && kept.isIn(mended);
    }
}
