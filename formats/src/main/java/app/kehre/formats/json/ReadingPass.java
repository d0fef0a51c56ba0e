package app.kehre.formats.json;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;

import tools.jackson.databind.node.ObjectNode;

/** What is known of a whole document while it is being read: its faults, and which of its fields were asked for. */
final class ReadingPass {

    private final List<Problem> problems = new ArrayList<>();
    /** The fields at fault, and those that they lie in. */
    private final Set<String> faulty = new HashSet<>();
    private final IdentityHashMap<ObjectNode, Set<String>> read = new IdentityHashMap<>();

    List<Problem> problems() {
        return Collections.unmodifiableList(problems);
    }

    /** Returns the names of the fields of an object that were asked for, to be added to. */
    Set<String> readOf(ObjectNode object) {
        return read.computeIfAbsent(object, _ -> new HashSet<>());
    }

    Unread unread(ObjectNode document) {
        return new Unread(document, read);
    }

    void report(Problem problem) {
        problems.add(problem);
        String at = problem.place();
        while (!at.isEmpty() && faulty.add(at)) {
            int dot = Math.max(at.lastIndexOf('.'), at.lastIndexOf('['));
            at = at.substring(0, Math.max(0, dot));
        }
    }

    /** Returns whether a field, or something in it, is at fault. */
    boolean isFaulty(String place) {
        return faulty.contains(place);
    }
}
