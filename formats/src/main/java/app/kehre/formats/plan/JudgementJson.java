package app.kehre.formats.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.advice.Threshold;
import app.kehre.core.advice.Thresholds;
import app.kehre.core.dose.Range;
import app.kehre.core.plan.Chosen;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.SetAside;
import app.kehre.formats.json.Fields;

/** The figures that are not Kehre's, the findings set aside and why lines were proposed, in a plan document. */
final class JudgementJson {

    private static final Range LINE = Range.of("a number", 1, Integer.MAX_VALUE);
    private static final Range NUMBER = Range.of("a number", 0, Integer.MAX_VALUE);

    private JudgementJson() {}

    static void write(ClassPlan plan, ObjectNode document) {
        if (!plan.thresholds().changed().isEmpty()) {
            ObjectNode figures = document.putObject("figures");
            new TreeMap<>(plan.thresholds().changed())
                    .forEach((figure, value) -> figures.put(figure.words(), value));
        }
        if (!plan.aside().isEmpty()) {
            ArrayNode aside = document.putArray("setAside");
            plan.aside()
                    .forEach(each -> aside.addObject().put("check", each.check())
                            .put("segment", each.segment())
                            .put("item", each.entry()).put("reason", each.reason()));
        }
        List<Chosen> chosen = plan.chosen().stream()
                .filter(each -> plan.find(each.entry()).map(plan::why).filter(each.why()::equals).isPresent())
                .toList();
        if (!chosen.isEmpty()) {
            ArrayNode reasons = document.putArray("chosen");
            chosen.forEach(each -> reasons.addObject().put("item", each.entry()).put("what", each.what())
                    .put("why", each.why()));
        }
    }

    static ClassPlan read(Fields fields, ClassPlan plan) {
        return plan.with(thresholds(fields)).withAside(aside(fields)).withChosen(chosen(fields));
    }

    private static Thresholds thresholds(Fields fields) {
        Map<Threshold, Integer> changed = new EnumMap<>(Threshold.class);
        if (fields.has("figures")) {
            fields.numbersByName("figures")
                    .forEach((name, value) -> fields.find(Threshold.class, "figures", name)
                            .ifPresent(figure -> Thresholds.problem(figure, value.intValue()).ifPresentOrElse(
                                    sentence -> fields.report("figures", sentence),
                                    () -> changed.put(figure, value.intValue()))));
        }
        return new Thresholds(changed);
    }

    private static List<SetAside> aside(Fields fields) {
        List<SetAside> aside = new ArrayList<>();
        fields.objects("setAside", false).forEach(each -> {
            String check = each.text("check");
            int segment = each.whole("segment", NUMBER);
            int item = each.whole("item", NUMBER);
            String reason = each.text("reason");
            each.built("reason", () -> new SetAside(check, segment, item, reason)).ifPresent(aside::add);
        });
        return aside;
    }

    private static List<Chosen> chosen(Fields fields) {
        List<Chosen> chosen = new ArrayList<>();
        fields.objects("chosen", false).forEach(each -> {
            int item = each.whole("item", LINE);
            String what = each.text("what");
            String why = each.text("why");
            each.built("why", () -> new Chosen(item, what, why)).ifPresent(chosen::add);
        });
        return chosen;
    }
}
