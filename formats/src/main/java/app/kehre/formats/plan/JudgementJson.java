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
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.SetAside;
import app.kehre.formats.json.Fields;

/** The figures that are not Kehre's and the findings set aside, in a plan document. */
final class JudgementJson {

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
    }

    static ClassPlan read(Fields fields, ClassPlan plan) {
        return plan.with(thresholds(fields)).withAside(aside(fields));
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
}
