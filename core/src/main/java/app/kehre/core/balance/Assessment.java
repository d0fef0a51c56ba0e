package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.effort.Effort;
import app.kehre.core.exercise.Library;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Fact;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.finding.Reason;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SetAside;
import app.kehre.core.timeline.SideTotals;
import app.kehre.core.timeline.SlotFit;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/**
 * A class as it is judged: a pure function of its plan and the library, computed afresh at each edit.
 *
 * @param timeline its seconds
 * @param effort how hard it is
 * @param sides what each side of the body does
 * @param ledger what is prepared, loaded and released
 * @param findings what should be looked at, place by place, the most serious first
 * @param facts what an instructor is told of it: one fact once, wherever it shows
 * @param aside what the instructor set aside, with the reason
 */
public record Assessment(Timeline timeline, Effort effort, List<SideTotals> sides, Ledger ledger,
        List<Finding> findings, List<Fact> facts, List<Aside> aside) {

    private static final int IN_THE_VERDICT = 2;

    /**
     * A fact that was set aside, at some or all of its places.
     *
     * @param fact what it is
     * @param reason why it stays
     */
    public record Aside(Fact fact, String reason) {

        /** Returns what it is, and behind it why it stays. */
        public String words() {
            return "%s (%s)".formatted(fact.what(), reason);
        }
    }

    public Assessment {
        sides = List.copyOf(sides);
        findings = List.copyOf(findings);
        facts = List.copyOf(facts);
        aside = List.copyOf(aside);
    }

    /** Returns the plan that was judged. */
    public ClassPlan plan() {
        return timeline.plan();
    }

    /** Judges a plan. */
    public static Assessment of(ClassPlan plan, Library library) {
        return of(Timeline.of(plan), library);
    }

    /** Judges a class that is laid out already. */
    public static Assessment of(Timeline timeline, Library library) {
        ClassUnderCheck judged = ClassUnderCheck.of(timeline, library);
        List<Finding> open = new ArrayList<>();
        Map<String, List<Finding>> reasons = new LinkedHashMap<>();
        List<SetAside> still = timeline.plan().asideStill();
        List<Finding> all = AllChecks.of(judged);
        for (Finding finding : all) {
            still.stream().filter(finding::isAside).findFirst().ifPresentOrElse(
                    found -> reasons.computeIfAbsent(found.reason(), _ -> new ArrayList<>()).add(finding),
                    () -> open.add(finding));
        }
        List<Aside> aside = reasons.entrySet().stream()
                .flatMap(each -> Facts.of(timeline.plan(), library, all, each.getValue()).stream()
                        .map(fact -> new Aside(fact, each.getKey())))
                .toList();
        return new Assessment(timeline, judged.effort(), judged.sides(), judged.ledger(), open,
                Facts.of(timeline.plan(), library, all, open), aside);
    }

    /**
     * Judges a class that is laid out, whatever comes: where judging itself fails, the one finding says so and why, so
     * that nobody takes the verdict of another class, or none, for this one's.
     */
    public static Assessment orUnjudged(Timeline timeline, Library library) {
        try {
            return of(timeline, library);
        } catch (RuntimeException failure) {
            List<Segment> bare = timeline.plan().segments().stream()
                    .map(segment -> segment.withEntries(List.of())).toList();
            Timeline empty = Timeline.of(new ClassPlan(timeline.plan().brief(), bare));
            Finding unjudged = new Finding(CheckKey.UNJUDGED, "", Severity.STOP, Place.CLASS,
                    "This class could not be judged.",
                    new Reason(
                            ("Kehre itself failed at it: %s. Nothing has been checked; what is wrong here is not known.")
                                    .formatted(failure),
                            SourceKind.ESTIMATE),
                    List::of);
            return new Assessment(timeline, Effort.of(empty), SideTotals.of(empty), Ledger.of(empty),
                    List.of(unjudged), List.of(Fact.of(unjudged)), List.of());
        }
    }

    /** Returns the keys of all that checks may find, never changed. */
    public static Set<CheckKey> checks() {
        return AllChecks.ALL.stream().flatMap(check -> check.keys().stream())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(CheckKey.class)));
    }

    /** Returns how many open facts are of a severity. */
    public long count(Severity severity) {
        return facts.stream().filter(finding -> finding.severity() == severity).count();
    }

    /** Returns one line that an instructor would say: whether it fits, and what matters most. */
    public String verdict() {
        if (findings.stream().anyMatch(finding -> finding.key() == CheckKey.UNJUDGED)) {
            return "This class could not be judged.";
        }
        if (plan().lines().allMatch(line -> line instanceof Pause)) {
            return "Empty so far: add a first segment and its lines, or let Kehre draft the class.";
        }
        SlotFit fit = timeline.fit();
        String time = fit.over()
                ? "Goes over by %s.".formatted(Lengths.clock(fit.spare()))
                : fit.wellOff() ? "%s of the slot are empty.".formatted(Lengths.clock(fit.spare())) : "Fits.";
        List<String> said = facts.stream().filter(fact -> fact.severity() != Severity.WATCH)
                .filter(fact -> !fact.key().ofTheSlot()).limit(IN_THE_VERDICT).map(Fact::what).toList();
        boolean clear = facts.stream().allMatch(fact -> fact.severity() == Severity.WATCH);
        return said.isEmpty()
                ? clear ? time + " Nothing to fix." : time
                : time + " " + String.join(" ", said);
    }

    /** Returns the plan with a finding set aside for a reason. */
    public static ClassPlan setAside(ClassPlan plan, Finding finding, String reason) {
        List<SetAside> others = new ArrayList<>(plan.aside());
        others.removeIf(finding::wasAside);
        others.add(SetAside.of(plan, finding.check(), finding.place().segment(), finding.place().entry(),
                Optional.of(finding.severity()), reason));
        return plan.withAside(others);
    }

    /** Returns the plan with a fact set aside for a reason, at all of its places. */
    public static ClassPlan setAside(ClassPlan plan, Fact fact, String reason) {
        ClassPlan aside = plan;
        for (Finding part : fact.parts()) {
            aside = setAside(aside, part, reason);
        }
        return aside;
    }

    /** Returns the plan with a fact open again, at all of its places. */
    public static ClassPlan takeUp(ClassPlan plan, Fact fact) {
        List<SetAside> others = new ArrayList<>(plan.aside());
        fact.parts().forEach(part -> others.removeIf(part::wasAside));
        return plan.withAside(others);
    }
}
