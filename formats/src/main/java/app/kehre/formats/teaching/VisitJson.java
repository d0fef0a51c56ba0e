package app.kehre.formats.teaching;

import java.util.Map;

import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.plan.SegmentId;
import app.kehre.core.teaching.Debt;
import app.kehre.core.teaching.Visit;
import app.kehre.core.timeline.Done;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;
import app.kehre.formats.json.Fields;

/** A piece of a class as it was taught, and what a side was forgiven. */
final class VisitJson {

    private static final Range NUMBER = Range.of("a number", 0, 1_000_000);
    private static final Map<Done.Unit, String> UNITS = Map.of(Done.Unit.SECONDS, "seconds", Done.Unit.REPS,
            "reps", Done.Unit.COUNTS, "counts", Done.Unit.BREATHS, "breaths");
    private static final Map<Visit.Going, String> GOING = Map.of(Visit.Going.ON, "on", Visit.Going.PAUSED,
            "paused", Visit.Going.TALKED_TO, "talked-to");

    private VisitJson() {}

    static void write(Visit visit, ObjectNode node) {
        SpotJson.write(visit.spot(), node).put("segment", Integer.parseInt(visit.segment().toString()))
                .put("unit", UNITS.get(visit.unit())).put("from", visit.from()).put("to", visit.to())
                .put("began", visit.began().toString()).put("took", visit.took().toString())
                .put("going", GOING.get(visit.going()));
    }

    static Visit visit(Fields fields) {
        return new Visit(SpotJson.spot(fields), new SegmentId(Math.max(1, fields.whole("segment", NUMBER))),
                unit(fields), fields.whole("from", NUMBER), fields.whole("to", NUMBER),
                RunDocument.length(fields, "began"), RunDocument.length(fields, "took"),
                fields.parsed("going", word -> keyed(GOING, word), Visit.Going.ON));
    }

    static void write(Debt debt, ObjectNode node) {
        node.put("exercise", debt.exercise()).put("side", debt.side().word())
                .put("unit", UNITS.get(debt.unit())).put("amount", debt.amount());
    }

    static Debt debt(Fields fields) {
        return new Debt(fields.text("exercise"), SpotJson.side(fields), unit(fields),
                fields.whole("amount", NUMBER));
    }

    private static Done.Unit unit(Fields fields) {
        return fields.parsed("unit", word -> keyed(UNITS, word), Done.Unit.SECONDS);
    }

    private static <T> Reading<T> keyed(Map<T, String> keys, String word) {
        return keys.entrySet().stream().filter(each -> each.getValue().equals(word)).map(Map.Entry::getKey)
                .findFirst().map(Reading::of)
                .orElseGet(() -> Reading.refused("\"%s\" is none of %s.".formatted(word, keys.values())));
    }
}
