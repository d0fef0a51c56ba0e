package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.exercise.Library;
import app.kehre.core.finding.Fact;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.timeline.SlotFit;
import app.kehre.core.value.Lengths;

/**
 * What a proposal, or a mend, would do.
 *
 * @param after the class as it would be judged
 * @param longer by how much the class would be longer; below zero shorter
 * @param effortMinutes by how many minutes there would be more of moderate effort or harder
 * @param gone what would be found no longer
 * @param fresh what would be found anew
 * @param mended what an instructor is told of what is gone
 * @param begun what an instructor is told of what is new
 */
public record Effect(Assessment after, Duration longer, double effortMinutes, List<Finding> gone,
        List<Finding> fresh, List<Fact> mended, List<Fact> begun) {

    /** Returns the effect of making another plan of a class that is judged. */
    public static Effect of(Assessment before, ClassPlan plan, Library library) {
        Assessment after = Assessment.of(plan, library);
        List<Finding> gone = missing(before.findings(), after.findings());
        List<Finding> fresh = missing(after.findings(), before.findings());
        return new Effect(after,
                Lengths.between(Duration.ZERO, after.timeline().total())
                        .minus(Lengths.between(Duration.ZERO, before.timeline().total())),
                after.effort().effortMinutes() - before.effort().effortMinutes(),
                gone, fresh, told(Facts.of(before.plan(), library, before.findings(), gone)),
                told(Facts.of(plan, library, after.findings(), fresh)));
    }

    /** What has none of its own among others. */
    private static List<Finding> missing(List<Finding> some, List<Finding> others) {
        List<Finding> left = new ArrayList<>(others);
        List<Finding> missing = new ArrayList<>();
        for (Finding one : some) {
            Optional<Finding> same = left.stream().filter(one::sameFact).findFirst();
            same.ifPresentOrElse(left::remove, () -> missing.add(one));
        }
        return missing;
    }

    /** What is worth a line beside where the class ends. */
    private static List<Fact> told(List<Fact> facts) {
        return facts.stream().filter(each -> !each.key().seenByTheEnd()).toList();
    }

    /** Returns "+0:20, new: 1": what decides between ways, in few words. */
    public String brief() {
        String length = longer.isZero() ? "as long" : Lengths.signed(longer);
        int more = begun.size();
        return more == 0 ? length : "%s, new: %d".formatted(length, more);
    }

    /** Returns "+0:20, mends 2, new: 1", or "as long". */
    public String words() {
        List<String> words = new ArrayList<>();
        words.add(longer.isZero() ? "as long" : Lengths.signed(longer));
        if (Math.abs(effortMinutes) >= 1) {
            words.add("effort %+d min".formatted(Math.round(effortMinutes)));
        }
        if (mended.size() > 1) {
            words.add("mends %d".formatted(mended.size()));
        }
        if (!begun.isEmpty()) {
            words.add("new: %d".formatted(begun.size()));
        }
        return String.join(", ", words);
    }

    /** Returns what comes of it, one line each: where the class ends, what is found no longer, what is found anew. */
    public List<String> lines() {
        SlotFit fit = after.timeline().fit();
        List<String> lines = new ArrayList<>();
        lines.add("Ends at %s of %s: %s".formatted(Lengths.clock(fit.length()), Lengths.clock(fit.slot()),
                words()));
        mended.forEach(each -> lines.add("mends: " + each.what()));
        begun.forEach(each -> lines.add("new: " + each.what()));
        return lines;
    }
}
