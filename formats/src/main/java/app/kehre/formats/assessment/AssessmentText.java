package app.kehre.formats.assessment;

import java.nio.charset.StandardCharsets;
import java.util.Locale;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.balance.Assessment;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Segment;
import app.kehre.core.value.Lengths;
import app.kehre.formats.json.JsonText;

/** What is found in a class, as JSON or as text for a person. */
public final class AssessmentText {

    private AssessmentText() {}

    /** Returns an array of findings: check, severity, segment, item, startMs, text, why, source, mends, aside. */
    public static String json(Assessment assessment) {
        ObjectNode whole = JsonText.object();
        whole.put("verdict", assessment.verdict());
        ArrayNode findings = whole.putArray("findings");
        assessment.findings().forEach(finding -> write(assessment, finding, findings.addObject()));
        assessment.aside().forEach(aside -> {
            ObjectNode node = findings.addObject();
            write(assessment, aside.finding(), node);
            node.put("aside", aside.reason());
        });
        return new String(JsonText.print(whole), StandardCharsets.UTF_8);
    }

    private static void write(Assessment assessment, Finding finding, ObjectNode node) {
        node.put("check", finding.check()).put("severity", finding.severity().key())
                .put("segment", segment(assessment, finding)).put("item", item(assessment, finding));
        finding.place().segment().ifPresent(id -> node.put("segmentId", id.number()));
        finding.entry().ifPresent(id -> node.put("itemId", id.number()));
        finding.entry().flatMap(assessment.timeline().plan()::find)
                .ifPresent(line -> node.put("subject", line.subject()));
        node
                .put("startMs", finding.place().at().toMillis()).put("text", finding.what())
                .put("why", finding.why()).put("source", finding.source().key())
                .put("sourceWords", finding.source().words());
        ArrayNode mends = node.putArray("mends");
        finding.mends().forEach(mend -> mends.add(mend.words()));
    }

    /** Returns the verdict and a paragraph for each finding. */
    public static String text(Assessment assessment) {
        StringBuilder out = new StringBuilder(assessment.verdict()).append('\n');
        for (Finding finding : assessment.findings()) {
            out.append('\n').append(line(assessment, finding));
            finding.mends().forEach(mend -> out.append("          or: ").append(mend.words()).append('\n'));
        }
        assessment.aside().forEach(aside -> out.append("\nset aside (").append(aside.reason()).append("): ")
                .append(aside.finding().what()).append('\n'));
        return out.toString();
    }

    private static String line(Assessment assessment, Finding finding) {
        String item = item(assessment, finding);
        String where = segment(assessment, finding) + (item.isEmpty() ? "" : ", " + item);
        return String.format(Locale.ROOT, "%-8s %s%n         %s (%s; %s at %s)%n", finding.severity().words(),
                finding.what(), finding.why(), finding.source().words(), where.isEmpty() ? "class" : where,
                Lengths.clock(finding.place().at()));
    }

    private static String segment(Assessment assessment, Finding finding) {
        ClassPlan plan = assessment.timeline().plan();
        return finding.place().segment().flatMap(plan::findSegment).map(Segment::name).orElse("");
    }

    private static String item(Assessment assessment, Finding finding) {
        return finding.entry().flatMap(assessment.timeline().plan()::find).map(Entry::name).orElse("");
    }
}
