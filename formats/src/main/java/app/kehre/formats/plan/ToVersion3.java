package app.kehre.formats.plan;

import java.util.List;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * From version 2 to 3: an older group says its ages; an exercise that a plan brings along says its family, the
 * share of each muscle group, where it looks, its METs, set-up, alignment and what to do instead.
 */
final class ToVersion3 {

    /** What a plan of version 2 does not say of an exercise: a guess between light and moderate work. */
    private static final String METS = "3.5, Kehre's estimate";

    private ToVersion3() {}

    static ObjectNode apply(ObjectNode document) {
        if (document.get("brief") instanceof ObjectNode brief) {
            JsonNode older = brief.remove("older");
            if (older != null && older.isBoolean() && older.booleanValue()) {
                brief.putObject("ages").put("from", 65).put("to", 80);
            }
        }
        if (document.get("exercises") instanceof ArrayNode exercises) {
            exercises.forEach(each -> {
                if (each instanceof ObjectNode exercise) {
                    raise(exercise);
                }
            });
        }
        return document;
    }

    private static void raise(ObjectNode exercise) {
        exercise.put("family", family(exercise.path("pattern").asString(""))).put("facing", "front")
                .put("mets", METS);
        ObjectNode muscles = exercise.putObject("muscles");
        share(exercise.remove("main"), muscles, 1);
        share(exercise.remove("helping"), muscles, 0.5);
        exercise.putArray("alignment");
        if (exercise.get("how") instanceof ArrayNode how && how.size() > 0) {
            JsonNode first = how.size() > 1 ? how.remove(0) : how.get(0);
            exercise.set("setUp", first);
        }
        if (exercise.get("cautions") instanceof ObjectNode cautions) {
            List.copyOf(cautions.propertyNames()).forEach(limit -> {
                JsonNode advice = cautions.get(limit);
                cautions.putObject(limit).set("advice", advice);
            });
        }
    }

    private static void share(@org.jspecify.annotations.Nullable JsonNode words, ObjectNode muscles,
            double share) {
        if (words != null && words.isArray()) {
            words.forEach(word -> muscles.put(word.asString(""), share));
        }
    }

    private static String family(String pattern) {
        return switch (pattern) {
            case "stretch" -> "stretches";
            case "breathing" -> "breathing and relaxing";
            case "mobility" -> "warm-up and mobility";
            case "stepping" -> "step";
            case "travel" -> "low-impact and high-low cardio";
            case "push" -> "push";
            case "pull" -> "pull and upper back";
            case "balance" -> "balance";
            case "brace", "rotation", "trunk flexion" -> "trunk";
            case "trunk extension" -> "back extension and all-fours";
            case "single joint" -> "arms and shoulders";
            default -> "legs and hips";
        };
    }
}
