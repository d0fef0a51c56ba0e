package app.kehre.formats.plan;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Which fields of a document Kehre knows, so that all others can be carried through a round trip.
 *
 * @param known the fields that Kehre writes itself
 * @param inner the shapes of the objects, or of the objects in the lists, below some of them
 */
record Shape(Set<String> known, Map<String, Shape> inner) {

    private static final Shape ITEM = new Shape(Set.of("id", "exercise", "dose", "load", "note", "known",
            "explain", "explainFor", "changeover", "option", "layer", "holdingEights", "locked", "rounds",
            "instead"),
            Map.of());
    private static final Shape ENTRY = new Shape(with(ITEM.known, "buildUp", "method", "time", "hold",
            "facingAway", "combinations", "stages", "pause", "name", "length", "keepMoving",
            "notBefore", "circuit", "rest", "soloFrom", "items", "screen", "failed"),
            Map.of("items", ITEM));
    private static final Shape SEGMENT = new Shape(
            Set.of("id", "name", "role", "target", "bpm", "entries", "standsAlone", "leftOut"),
            Map.of("entries", ENTRY));
    private static final Shape BRIEF = new Shape(
            Set.of("title", "date", "start", "slotMinutes", "people", "ages", "mix", "limits",
                    "floor", "noWall", "hardFloor", "kit", "kitPlaces", "goal", "format", "schools"),
            Map.of());

    /** The shape of a plan document. */
    static final Shape PLAN = new Shape(
            Set.of("format", "version", "brief", "times", "figures", "setAside", "chosen", "segments",
                    "exercises"),
            Map.of("brief", BRIEF, "segments", SEGMENT));

    private static Set<String> with(Set<String> some, String... more) {
        Set<String> all = new HashSet<>(some);
        all.addAll(List.of(more));
        return Set.copyOf(all);
    }

    /** Copies into a written object what Kehre does not know of the original; list members match by id. */
    void carry(ObjectNode from, ObjectNode to) {
        from.propertyStream().filter(field -> !known.contains(field.getKey()))
                .forEach(field -> to.set(field.getKey(), field.getValue().deepCopy()));
        inner.forEach((name, shape) -> shape.carryBelow(from.get(name), to.get(name)));
    }

    private void carryBelow(@Nullable JsonNode from,
            @Nullable JsonNode to) {
        if (from instanceof ObjectNode one && to instanceof ObjectNode other) {
            carry(one, other);
        } else if (from != null && to != null && from.isArray() && to.isArray()) {
            for (JsonNode one : from) {
                for (JsonNode other : to) {
                    if (Objects.equals(one.get("id"), other.get("id"))) {
                        carryBelow(one, other);
                    }
                }
            }
        }
    }
}
