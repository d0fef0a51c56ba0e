package app.kehre.formats.plan;

import java.time.Duration;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/**
 * The pace that plans had before version 7, as near as today's rules come to it: a rep of 3 s, 20 s for each new exercise, however
 * it was taught. It is used to say by how much such a plan is longer or shorter now, and for nothing else.
 */
final class EarlierPace {

    private static final int LAST_VERSION = 6;
    private static final Map<String, Quantity> NAMES = Map.of("explainNew", Quantity.NEW, "explainKnown",
            Quantity.KNOWN, "floor", Quantity.FLOOR, "sideChange", Quantity.SIDE, "weightsAtHand",
            Quantity.WITHIN_REACH, "fetch", Quantity.FETCH, "putAway", Quantity.PUT_AWAY, "setUp",
            Quantity.SET_UP, "mat", Quantity.LAY_MAT, "band", Quantity.BAND);

    /** A rep of 3 s against one of four counts at 120 BPM. */
    private static final double THREE_SECONDS = 1.5;

    private EarlierPace() {}

    /** Returns about how long a plan was when it was written, if that was before it carried its pace. */
    static Optional<Duration> length(ObjectNode document, ClassPlan plan) {
        if (document.path("version").asInt(Integer.MAX_VALUE) > LAST_VERSION) {
            return Optional.empty();
        }
        Pace pace = usual(plan.brief().group().older());
        JsonNode times = document.path("times");
        for (Map.Entry<String, Quantity> each : NAMES.entrySet()) {
            Optional<Duration> said = Lengths.parse(times.path(each.getKey()).asString("")).value();
            if (said.isPresent() && each.getValue().problem(said.get().toSeconds()).isEmpty()) {
                pace = pace.with(each.getValue(), said.get().toSeconds());
            }
        }
        return Optional.of(Timeline.of(plan.with(pace)).total());
    }

    private static Pace usual(boolean older) {
        Map<Quantity, Integer> seconds = new EnumMap<>(Map.of(Quantity.NEW, 20, Quantity.KNOWN, 5,
                Quantity.SIDE, 4, Quantity.STRETCH, 0, Quantity.FLOOR, older ? 20 : 10,
                Quantity.WITHIN_REACH, 6, Quantity.FETCH, 25, Quantity.PUT_AWAY, 15));
        seconds.putAll(Map.of(Quantity.MAT, 0, Quantity.LAY_MAT, 15, Quantity.SET_UP, 20, Quantity.RUNG, 0,
                Quantity.INTO_HOLD, 0, Quantity.OUT_OF_HOLD, 0, Quantity.SET, 0, Quantity.STATION, 20));
        Pace pace = Pace.USUAL.with(Quantity.REPS, THREE_SECONDS);
        for (Map.Entry<Quantity, Integer> each : seconds.entrySet()) {
            pace = pace.with(each.getKey(), each.getValue());
        }
        return pace;
    }
}
