package app.kehre.formats.json;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What of a document nobody asked for while it was read: the fields of newer versions, of other programs, of its owner.
 * They are written again beside what is written anew, each into the object that it stood in.
 */
public final class Unread {

    private static final String ID = "id";

    private final ObjectNode document;
    private final IdentityHashMap<ObjectNode, Set<String>> read;

    Unread(ObjectNode document, IdentityHashMap<ObjectNode, Set<String>> read) {
        this.document = document;
        this.read = read;
    }

    /** Returns that there is nothing. */
    public static Unread nothing() {
        return new Unread(JsonText.object(), new IdentityHashMap<>());
    }

    /** Returns the whole document as it was read. */
    public ObjectNode document() {
        return document;
    }

    /** Copies it all into a document that is about to be written. */
    public void into(ObjectNode written) {
        carry(document, written);
    }

    private void carry(ObjectNode from, ObjectNode to) {
        Set<String> known = read.get(from);
        if (known == null) {
            // Its fields were asked for all at once, such as the limits of a group: there is none that is unknown.
            return;
        }
        from.propertyStream().forEach(field -> {
            if (known.contains(field.getKey())) {
                below(field.getValue(), to.get(field.getKey()));
            } else {
                to.set(field.getKey(), field.getValue().deepCopy());
            }
        });
    }

    private void below(JsonNode from, @Nullable JsonNode to) {
        if (from instanceof ObjectNode one && to instanceof ObjectNode other) {
            carry(one, other);
        } else if (from instanceof ArrayNode some && to instanceof ArrayNode others) {
            list(some, others);
        }
    }

    /** Objects of a list are the same by their id, else by what they say, else by where they stand. */
    private void list(ArrayNode from, ArrayNode to) {
        Map<Object, Deque<ObjectNode>> written = new HashMap<>();
        Set<ObjectNode> left = Collections.newSetFromMap(new IdentityHashMap<>());
        objects(to).forEach(each -> {
            written.computeIfAbsent(key(each, each.propertyNames()), _ -> new ArrayDeque<>()).add(each);
            left.add(each);
        });
        List<ObjectNode> changed = new ArrayList<>();
        objects(from).forEach(each -> {
            Deque<ObjectNode> same = written.get(key(each, read.getOrDefault(each, Set.of())));
            if (same != null && !same.isEmpty()) {
                left.remove(same.element());
                carry(each, same.remove());
            } else if (!each.has(ID)) {
                changed.add(each);
            }
        });
        Iterator<ObjectNode> others = objects(to).filter(left::contains).iterator();
        for (ObjectNode each : changed) {
            if (others.hasNext()) {
                carry(each, others.next());
            }
        }
    }

    private static Stream<ObjectNode> objects(ArrayNode list) {
        return list.valueStream().filter(ObjectNode.class::isInstance).map(ObjectNode.class::cast);
    }

    private static Object key(ObjectNode object, Iterable<String> known) {
        JsonNode id = object.get(ID);
        if (id != null) {
            return id;
        }
        Map<String, JsonNode> said = new HashMap<>();
        for (String name : known) {
            JsonNode value = object.get(name);
            if (value != null && !value.isContainer()) {
                said.put(name, value);
            }
        }
        return said;
    }
}
