package app.kehre.core.balance;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.advice.Severity;
import app.kehre.core.exercise.Library;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Fact;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Timeline;

/**
 * Tries the ways to mend a fact before they are offered: each must take it away, at all or at some of its places, or lessen
 * it, and may begin nothing that can hurt or has to be fixed, and no dose beyond what is usual at the most. That a class gets longer is seen by the time itself.
 */
final class Proven {

    /** So much less of what is measured is worth a word. Kehre's estimate. */
    private static final double LESS = 0.95;

    private final ClassPlan plan;
    private final Library library;
    private final List<Finding> before;

    /** @param before all that is found in the class now, set aside or not */
    Proven(ClassPlan plan, Library library, List<Finding> before) {
        this.plan = plan;
        this.library = library;
        this.before = List.copyOf(before);
    }

    /** Returns those of the ways that mend the fact. */
    List<Way> of(Fact fact, List<Way> ways) {
        Set<String> words = new HashSet<>();
        return ways.stream().filter(way -> !way.after().equals(plan)).filter(way -> mends(fact, way))
                .filter(way -> words.add(way.words())).toList();
    }

    private boolean mends(Fact fact, Way way) {
        List<Finding> after = AllChecks.of(ClassUnderCheck.of(Timeline.of(way.after()), library));
        return fact.parts().stream().anyMatch(part -> lessens(part, after))
                && after.stream().noneMatch(this::worse);
    }

    private static boolean lessens(Finding part, List<Finding> after) {
        Optional<Finding> still = after.stream().filter(part::sameFact).findFirst();
        return still.isEmpty() || still.get().severity().compareTo(part.severity()) > 0
                || still.get().extent() < LESS * part.extent();
    }

    /** Whether it can hurt or has to be fixed, and was not there, or not so serious. */
    private boolean worse(Finding now) {
        boolean matters = now.severity() != Severity.WATCH || now.key() == CheckKey.DOSE_OVER_MOST;
        return matters && !now.key().ofTheSlot()
                && before.stream().noneMatch(
                        then -> then.severity().compareTo(now.severity()) <= 0 && then.sameFact(now));
    }
}
