package app.kehre.formats.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.IntFunction;
import java.util.stream.Collectors;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

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
import app.kehre.formats.json.Fields;

/** The figures that are not Kehre's, the findings set aside and why lines were proposed, in a plan document. */
final class JudgementJson {

    /** What stands in for the range of each figure, which is checked with its own words. */
    private static final Range FIGURE = Range.of("a figure", 0, 1_000_000);
    private static final Range REASONS = Range.of("the number of reasons", 0, 4000);

    private JudgementJson() {}

    static void write(ClassPlan plan, ObjectNode document) {
        if (!plan.thresholds().changed().isEmpty()) {
            ObjectNode figures = document.putObject("figures");
            new TreeMap<>(plan.thresholds().changed())
                    .forEach((figure, value) -> figures.put(figure.key(), value));
        }
        List<SetAside> still = plan.asideStill();
        if (!still.isEmpty()) {
            ArrayNode aside = document.putArray("setAside");
            still.forEach(each -> {
                ObjectNode node = aside.addObject().put("check", each.check());
                each.segment().ifPresent(id -> node.put("segment", id.number()));
                each.entry().ifPresent(id -> node.put("item", id.number()));
                if (!each.subject().isEmpty()) {
                    node.put("subject", each.subject());
                }
                node.put("reason", each.reason());
            });
        }
        List<Chosen> chosen = still(plan);
        if (!chosen.isEmpty()) {
            ArrayNode reasons = document.putArray("chosen");
            chosen.forEach(
                    each -> reasons.addObject().put("item", each.entry().number()).put("what", each.what())
                            .put("why", each.why()));
        }
    }

    /**
     * What is read of it.
     *
     * @param thresholds the figures
     * @param aside the findings set aside
     * @param chosen why lines were proposed
     */
    record Read(Thresholds thresholds, List<SetAside> aside, List<Chosen> chosen) {

        /** Returns a plan with it. */
        ClassPlan of(ClassPlan plan) {
            List<SetAside> about = aside.stream().map(each -> since6(plan, each)).toList();
            ClassPlan judged = plan.with(thresholds).withAside(about).withChosen(chosen);
            return judged.withAside(judged.asideStill()).withChosen(still(judged));
        }
    }

    /** Before version 6 a plan did not say what the line was about: what stands there is what it was about. */
    private static SetAside since6(ClassPlan plan, SetAside aside) {
        return aside.subject().isEmpty()
                ? SetAside.of(plan, aside.check(), aside.segment(), aside.entry(), aside.reason())
                : aside;
    }

    /** The reasons of lines that are still as they were proposed; those of others say nothing any more. */
    private static List<Chosen> still(ClassPlan plan) {
        Map<EntryId, Entry> lines = plan.lines().collect(Collectors.toMap(Entry::id, each -> each));
        return plan.chosen().stream()
                .filter(each -> lines.containsKey(each.entry()) && each.isOf(lines.get(each.entry())))
                .toList();
    }

    static Read read(Fields fields) {
        return new Read(thresholds(fields), aside(fields), chosen(fields));
    }

    private static Thresholds thresholds(Fields fields) {
        Map<Threshold, Integer> changed = new EnumMap<>(Threshold.class);
        fields.wholesByName("figures", FIGURE)
                .forEach((name, value) -> fields.find(Threshold.class, "figures", name)
                        .ifPresent(figure -> Thresholds.problem(figure, value).ifPresentOrElse(
                                sentence -> fields.report("figures", sentence),
                                () -> changed.put(figure, value))));
        return new Thresholds(changed);
    }

    private static List<SetAside> aside(Fields fields) {
        List<SetAside> aside = new ArrayList<>();
        fields.objects("setAside", false, REASONS).forEach(each -> {
            String check = each.text("check");
            Optional<SegmentId> segment = id(each, "segment", SegmentId::new);
            Optional<EntryId> item = id(each, "item", EntryId::new);
            String subject = each.text("subject", "");
            String reason = each.text("reason");
            each.built("reason", () -> new SetAside(check, segment, item, subject, reason))
                    .ifPresent(aside::add);
        });
        return aside;
    }

    private static <T> Optional<T> id(Fields fields, String name, IntFunction<T> made) {
        return fields.has(name)
                ? fields.find(name, Identity.NUMBER).stream().mapToObj(made).findFirst()
                : Optional.empty();
    }

    private static List<Chosen> chosen(Fields fields) {
        List<Chosen> chosen = new ArrayList<>();
        fields.objects("chosen", false, REASONS).forEach(each -> {
            EntryId item = new EntryId(each.whole("item", Identity.NUMBER));
            String what = each.text("what");
            String why = each.text("why");
            each.built("why", () -> new Chosen(item, what, why)).ifPresent(chosen::add);
        });
        return chosen;
    }
}
