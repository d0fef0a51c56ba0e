package app.kehre.formats.plan;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Goes through a document by its schema: which objects the schema means, and which fields it names for each. */
final class SchemaFields {

    /** Told of each object of a document. */
    interface Visitor {

        /**
         * An object was met.
         *
         * @param schemas what the schema says of it, by where in the schema; more than one where it leaves a choice
         */
        void met(Map<String, JsonNode> schemas, ObjectNode object);
    }

    private static final List<String> SEVERAL = List.of("oneOf", "anyOf", "allOf");

    private final JsonNode root;
    private final Visitor visitor;

    SchemaFields(JsonNode schema, Visitor visitor) {
        this.root = schema;
        this.visitor = visitor;
    }

    void visit(JsonNode document) {
        visit(Map.of("", root), document);
    }

    private void visit(Map<String, JsonNode> by, JsonNode node) {
        if (node.isArray()) {
            Map<String, JsonNode> items = below(resolved(by), "items", "[]");
            node.valueStream().forEach(each -> visit(items, each));
        }
        if (node instanceof ObjectNode object) {
            Map<String, JsonNode> all = resolved(by);
            all.values().removeIf(each -> each.path("required").valueStream()
                    .anyMatch(required -> !object.has(required.asString())));
            visitor.met(all, object);
            object.propertyStream().forEach(field -> visit(next(all, field.getKey()), field.getValue()));
        }
    }

    private static Map<String, JsonNode> next(Map<String, JsonNode> all, String field) {
        Map<String, JsonNode> named = new LinkedHashMap<>();
        all.forEach((at, schema) -> {
            if (schema.path("properties").has(field)) {
                named.put(at + "." + field, schema.path("properties").path(field));
            }
        });
        return named.isEmpty() ? below(all, "additionalProperties", ".*") : named;
    }

    private static Map<String, JsonNode> below(Map<String, JsonNode> all, String field, String step) {
        Map<String, JsonNode> below = new LinkedHashMap<>();
        all.forEach((at, schema) -> {
            if (schema.path(field).isObject()) {
                below.put(at + step, schema.path(field));
            }
        });
        return below;
    }

    /** All that nodes of a schema stand for: themselves, what they lead to, their alternatives. */
    private Map<String, JsonNode> resolved(Map<String, JsonNode> by) {
        Map<String, JsonNode> all = new LinkedHashMap<>();
        by.forEach((at, schema) -> add(at, schema, all));
        return all;
    }

    private void add(String at, JsonNode schema, Map<String, JsonNode> all) {
        if (schema.has("$ref")) {
            String name = schema.path("$ref").asString().replaceFirst(".*/", "");
            add(name, root.path("$defs").path(name), all);
            return;
        }
        all.put(at, schema);
        SEVERAL.forEach(several -> schema.path(several).valueStream().forEach(each -> add(at, each, all)));
    }
}
