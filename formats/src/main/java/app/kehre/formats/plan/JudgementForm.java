package app.kehre.formats.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.Collectors;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.Threshold;
import app.kehre.core.advice.Thresholds;
import app.kehre.core.plan.Chosen;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Identity;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.plan.SetAside;
import app.kehre.core.value.Range;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.Notation;

/**
 * The figures that are not Kehre's, the findings set aside and why lines were proposed, each field said once for reading
 * and for writing.
 *
 * @param thresholds the figures
 * @param aside the findings set aside
 * @param chosen why lines were proposed
 */
record JudgementForm(Thresholds thresholds, List<SetAside> aside, List<Chosen> chosen) {

    private static final Notation<Threshold> FIGURES = Notation.keys(Threshold.class);
    /** What stands in for the range of each figure, which is checked with its own words. */
    private static final Range FIGURE = Range.of("a figure", 0, 1_000_000);
    private static final Range REASONS = Range.of("the number of reasons", 0, 4000);

    static JudgementForm of(Form<ClassPlan> form) {
        Map<Threshold, Integer> changed = form.wholesIfAny("figures", FIGURES, FIGURE,
                plan -> plan.thresholds().changed());
        changed.forEach((figure, value) -> Thresholds.problem(figure, value)
                .ifPresent(sentence -> form.report("figures", sentence)));
        List<SetAside> aside = form.listIfAny("setAside", REASONS, ClassPlan::asideStill,
                JudgementForm::aside);
        List<Chosen> chosen = form.listIfAny("chosen", REASONS, JudgementForm::still, JudgementForm::chosen);
        return new JudgementForm(form.clean() ? new Thresholds(changed) : Thresholds.USUAL, aside, chosen);
    }

    private static Optional<SetAside> aside(Form<SetAside> form) {
        String check = form.text("check", SetAside::check);
        Optional<SegmentId> segment = id(form, "segment", SegmentId::new,
                each -> each.segment().map(SegmentId::number));
        Optional<EntryId> item = id(form, "item", EntryId::new, each -> each.entry().map(EntryId::number));
        String subject = form.textIfAny("subject", SetAside::subject);
        Optional<Severity> severity = form.termIfAny("severity", Severity.class, SetAside::severity);
        String reason = form.text("reason", SetAside::reason);
        return form.built("reason", () -> new SetAside(check, segment, item, subject, severity, reason));
    }

    private static <T> Optional<T> id(Form<SetAside> form, String name, IntFunction<T> made,
            Function<SetAside, Optional<Integer>> value) {
        return form.wholeIfAny(name, Identity.NUMBER, value).map(made::apply);
    }

    private static Optional<Chosen> chosen(Form<Chosen> form) {
        int item = form.whole("item", Identity.NUMBER, each -> each.entry().number());
        String what = form.text("what", Chosen::what);
        String why = form.text("why", Chosen::why);
        return form.built("why", () -> new Chosen(new EntryId(item), what, why));
    }

    /** Returns a plan with it. */
    ClassPlan in(ClassPlan plan) {
        List<SetAside> about = aside.stream().map(each -> since6(plan, each)).toList();
        ClassPlan judged = plan.with(thresholds).withAside(about).withChosen(chosen);
        return judged.withAside(judged.asideStill()).withChosen(still(judged));
    }

    /** Before version 6 a plan did not say what the line was about: what stands there is what it was about. */
    private static SetAside since6(ClassPlan plan, SetAside aside) {
        return aside.subject().isEmpty()
                ? SetAside.of(plan, aside.check(), aside.segment(), aside.entry(), aside.severity(),
                        aside.reason())
                : aside;
    }

    /** The reasons of lines that are still as they were proposed; those of others say nothing any more. */
    private static List<Chosen> still(ClassPlan plan) {
        Map<EntryId, Entry> lines = plan.lines().collect(Collectors.toMap(Entry::id, each -> each));
        return plan.chosen().stream()
                .filter(each -> lines.containsKey(each.entry()) && each.isOf(lines.get(each.entry())))
                .toList();
    }
}
