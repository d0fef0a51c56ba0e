package app.kehre.formats.teaching;

import java.util.Arrays;
import java.util.OptionalInt;

import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.plan.EntryId;
import app.kehre.core.teaching.Course;
import app.kehre.core.teaching.Spot;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Turn;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;
import app.kehre.core.value.Side;
import app.kehre.formats.json.Fields;

/** A span by what it is. */
final class SpotJson {

    private static final Range NUMBER = Range.of("a number", 1, 1_000_000);

    private SpotJson() {}

    static ObjectNode write(Spot spot, ObjectNode node) {
        node.put("line", Integer.parseInt(spot.entry().toString())).put("phase", spot.phase().words());
        if (spot.side() != Side.BOTH) {
            node.put("side", spot.side().word());
        }
        Turn turn = spot.turn();
        put(node, "round", turn.round());
        put(node, "set", turn.set());
        put(node, "interval", turn.interval());
        put(node, "rung", turn.rung());
        put(node, "stage", turn.stage());
        return node.put("number", spot.number());
    }

    static ObjectNode write(Course.StageSpot stage, ObjectNode node) {
        return node.put("line", Integer.parseInt(stage.entry().toString())).put("stage", stage.stage());
    }

    private static void put(ObjectNode node, String name, OptionalInt value) {
        value.ifPresent(number -> node.put(name, number));
    }

    static Spot spot(Fields fields) {
        return new Spot(line(fields),
                new Turn(some(fields, "round"), some(fields, "set"),
                        some(fields, "interval"), some(fields, "rung"),
                        some(fields, "stage")),
                fields.parsed("phase", SpotJson::phase, Phase.WORK), side(fields),
                fields.whole("number", NUMBER));
    }

    private static OptionalInt some(Fields fields, String name) {
        return fields.has(name) ? fields.find(name, NUMBER) : OptionalInt.empty();
    }

    static Course.StageSpot stage(Fields fields) {
        return new Course.StageSpot(line(fields), fields.whole("stage", NUMBER));
    }

    static EntryId line(Fields fields) {
        return new EntryId(fields.whole("line", NUMBER));
    }

    static Side side(Fields fields) {
        return !fields.has("side") ? Side.BOTH : fields.parsed("side", SpotJson::side, Side.BOTH);
    }

    private static Reading<Side> side(String word) {
        return Arrays.stream(Side.values()).filter(side -> side.word().equals(word)).findFirst()
                .map(Reading::of)
                .orElseGet(() -> Reading.refused("\"%s\" is no side: right or left.".formatted(word)));
    }

    private static Reading<Phase> phase(String word) {
        return Arrays.stream(Phase.values()).filter(phase -> phase.words().equals(word)).findFirst()
                .map(Reading::of)
                .orElseGet(
                        () -> Reading.refused("\"%s\" is nothing that happens in a class.".formatted(word)));
    }
}
