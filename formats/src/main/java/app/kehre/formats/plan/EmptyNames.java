package app.kehre.formats.plan;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.exercise.Library;

/**
 * Names of what is not there. A screen says what is done instead of a line that was deleted since, or an own exercise
 * names another one that was removed: both are taken away when a plan is written, since a plan that names nothing is
 * refused. Before version 5 they were left, so that the way up from version 4 is the same.
 */
final class EmptyNames {

    private EmptyNames() {}

    /** Takes them away from a document. Returns it. */
    static ObjectNode removed(ObjectNode document, Library library) {
        Set<String> lines = new HashSet<>();
        objects(document, "segments").flatMap(segment -> objects(segment, "entries"))
                .flatMap(entry -> Stream.concat(Stream.of(entry), objects(entry, "items")))
                .forEach(line -> lines.add(line.path("id").toString()));
        objects(document, "segments").flatMap(segment -> objects(segment, "entries"))
                .filter(entry -> entry.has("screen"))
                .forEach(screen -> keep(screen.path("instead"), name -> lines.contains(name)));
        Set<String> own = new HashSet<>();
        objects(document, "exercises").forEach(each -> own.add(each.path("id").asString("")));
        Consumer<JsonNode> named = where -> {
            for (String field : List.of("exercise", "instead")) {
                String id = where.path(field).asString("");
                if (where instanceof ObjectNode object && !own.contains(id) && library.find(id).isEmpty()) {
                    object.remove(field);
                }
            }
        };
        objects(document, "exercises").forEach(each -> {
            named.accept(each.path("easier"));
            named.accept(each.path("harder"));
            each.path("cautions").forEach(named);
        });
        return document;
    }

    private interface Wanted {
        boolean test(String name);
    }

    private static void keep(JsonNode where, Wanted wanted) {
        if (where instanceof ObjectNode object) {
            List.copyOf(object.propertyNames()).stream().filter(name -> !wanted.test(name))
                    .forEach(object::remove);
        }
    }

    private static Stream<ObjectNode> objects(JsonNode node, String name) {
        return node.path(name).valueStream().filter(ObjectNode.class::isInstance).map(ObjectNode.class::cast);
    }
}
