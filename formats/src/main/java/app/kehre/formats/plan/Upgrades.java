package app.kehre.formats.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.UnaryOperator;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.formats.json.UnreadableFile;

/**
 * The way up from older documents: one step a version, each turning a document of its version into one of
 * the next.
 *
 * @param current the version that this Kehre writes, 1 or more
 * @param steps by the version that they start from
 */
record Upgrades(int current, Map<Integer, UnaryOperator<ObjectNode>> steps) {

    /**
     * Version 2 added circuits, screens, cuts, how an item is taught, and more ways to write a dose; a
     * document of version 1 needs nothing but its number. Version 3 says more of the group and of the
     * exercises that a plan brings along. Version 4 added build-ups and the footwork of moves.
     */
    static final Upgrades PLAN = new Upgrades(4,
            Map.of(1, document -> document, 2, ToVersion3::apply, 3, document -> document));

    Upgrades {
        steps = Map.copyOf(steps);
        for (int version = 1; version < current; version++) {
            if (!steps.containsKey(version)) {
                throw new IllegalArgumentException("There is no step up from version " + version + ".");
            }
        }
    }

    /** Brings a document up to the current version. @throws UnreadableFile when its version is none of ours */
    ObjectNode apply(String file, ObjectNode document) throws UnreadableFile {
        JsonNode version = document.get("version");
        if (version == null || !version.isIntegralNumber() || !version.canConvertToInt()
                || version.intValue() < 1) {
            throw new UnreadableFile(file, List.of("version: found %s, expected a whole number from 1 to %d."
                    .formatted(version == null ? "nothing" : version, current)));
        }
        if (version.intValue() > current) {
            throw new UnreadableFile(file,
                    List.of(("version: found %d, but this Kehre reads plans up to version %d."
                            + " Open it with a newer Kehre.").formatted(version.intValue(), current)));
        }
        ObjectNode upgraded = document.deepCopy();
        for (int from = version.intValue(); from < current; from++) {
            UnaryOperator<ObjectNode> step = Objects.requireNonNull(steps.get(from), "step");
            upgraded = step.apply(upgraded).put("version", from + 1);
        }
        return upgraded;
    }
}
