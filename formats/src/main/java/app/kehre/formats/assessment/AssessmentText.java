package app.kehre.formats.assessment;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Promise;
import app.kehre.core.finding.Fact;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.value.Lengths;
import app.kehre.formats.json.JsonText;

/** What is found in a class, as JSON or as text for a person. */
public final class AssessmentText {

    /** So many ways of a fact are told; JSON has all. */
    private static final int WAYS = 4;

    private AssessmentText() {}

    /**
     * Returns the verdict, what was promised with the seconds that serve it, and an array of facts: severity, text, why, source, mends, aside, and the places, each with check,
     * segment, item, their ids and startMs, as what is set aside needs them.
     */
    public static String json(Assessment assessment) {
        ObjectNode whole = JsonText.object();
        whole.put("verdict", assessment.verdict());
        ArrayNode promises = whole.putArray("promises");
        Promise.of(assessment).forEach(promise -> promises.addObject().put("what", promise.what())
                .put("seconds", promise.is().toSeconds()).put("least", promise.least().toSeconds()));
        ArrayNode findings = whole.putArray("findings");
        assessment.facts().forEach(fact -> write(assessment, fact, findings.addObject()));
        assessment.aside().forEach(aside -> {
            ObjectNode node = findings.addObject();
            write(assessment, aside.fact(), node);
            node.put("aside", aside.reason());
        });
        return new String(JsonText.print(whole), StandardCharsets.UTF_8);
    }

    private static void write(Assessment assessment, Fact fact, ObjectNode node) {
        node.put("severity", fact.severity().key()).put("text", fact.what()).put("why", fact.why())
                .put("source", fact.source().key()).put("sourceWords", fact.source().words());
        ArrayNode places = node.putArray("places");
        fact.parts().forEach(part -> write(assessment, part, places.addObject()));
        ArrayNode mends = node.putArray("mends");
        fact.mends().forEach(mend -> mends.add(mend.words()));
    }

    private static void write(Assessment assessment, Finding part, ObjectNode node) {
        node.put("check", part.check()).put("segment", segment(assessment, part)).put("item",
                item(assessment, part));
        part.place().segment().ifPresent(id -> node.put("segmentId", id.number()));
        part.entry().ifPresent(id -> node.put("itemId", id.number()));
        part.entry().flatMap(assessment.timeline().plan()::find)
                .ifPresent(line -> node.put("subject", line.subject()));
        node.put("startMs", part.place().at().toMillis());
    }

    /** Returns the verdict and a paragraph for each fact. */
    public static String text(Assessment assessment) {
        StringBuilder out = new StringBuilder(assessment.verdict()).append('\n');
        List<Promise> promises = Promise.of(assessment);
        if (!promises.isEmpty()) {
            out.append("promised: ").append(promises.stream().map(Promise::words)
                    .collect(Collectors.joining("; "))).append('\n');
        }
        for (Fact fact : assessment.facts()) {
            out.append('\n').append(line(assessment, fact));
            ways(out, fact.mends());
        }
        assessment.aside().forEach(aside -> out.append("\nset aside (").append(aside.reason()).append("): ")
                .append(aside.fact().what()).append('\n'));
        return out.toString();
    }

    private static void ways(StringBuilder out, List<Way> ways) {
        ways.stream().limit(WAYS)
                .forEach(way -> out.append("          or: ").append(way.words()).append('\n'));
        if (ways.size() > WAYS) {
            out.append("          or one of %d more ways\n".formatted(ways.size() - WAYS));
        }
    }

    private static String line(Assessment assessment, Fact fact) {
        String where = fact.parts().stream().map(part -> where(assessment, part)).distinct()
                .collect(Collectors.joining("; "));
        return String.format(Locale.ROOT, "%-8s %s%n         %s (%s; %s)%n", fact.severity().words(),
                fact.what(), fact.why(), fact.source().words(), where);
    }

    private static String where(Assessment assessment, Finding part) {
        String item = item(assessment, part);
        String where = segment(assessment, part) + (item.isEmpty() ? "" : ", " + item);
        return "%s at %s".formatted(where.isEmpty() ? "class" : where, Lengths.clock(part.place().at()));
    }

    private static String segment(Assessment assessment, Finding finding) {
        ClassPlan plan = assessment.timeline().plan();
        return finding.place().segment().flatMap(plan::findSegment).map(Segment::name).orElse("");
    }

    private static String item(Assessment assessment, Finding finding) {
        return finding.entry().flatMap(assessment.timeline().plan()::find).map(Entry::name).orElse("");
    }
}
