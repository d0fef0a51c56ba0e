package app.kehre.formats.plan;

import java.util.List;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Before version 6 a finding set aside for the whole class, or a whole segment, named segment or line 0. */
final class ToVersion6 {

    private ToVersion6() {}

    static ObjectNode apply(ObjectNode document) {
        for (JsonNode aside : document.path("setAside")) {
            if (aside instanceof ObjectNode object) {
                List.of("segment", "item").forEach(name -> removeZero(object, name));
            }
        }
        return document;
    }

    private static void removeZero(ObjectNode node, String name) {
        JsonNode number = node.path(name);
        if (number.isIntegralNumber() && number.asLong() == 0) {
            node.remove(name);
        }
    }
}
