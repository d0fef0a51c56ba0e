package app.kehre.core.choreography;

import java.util.Collections;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * The scripts of the build-ups that were asked for last. A class is laid out again with every edit, and its build-ups
 * seldom change. May be used from any thread.
 */
public final class Scripts {

    private static final int KEPT = 24;

    /** A build-up is told apart by being the same object, which is quicker than comparing all its moves. */
    private record Asked(Build build, Lesson lesson) {

        @Override
        public boolean equals(Object other) {
            return other instanceof Asked asked && asked.build == build && asked.lesson.isSame(lesson);
        }

        @Override
        public int hashCode() {
            return 31 * System.identityHashCode(build) + lesson.bpm().value();
        }
    }

    private static final Map<Asked, Script> KNOWN = Collections.synchronizedMap(new LinkedHashMap<>());

    private Scripts() {}

    /** Returns the script of a build-up. */
    public static Script of(Build build, Lesson lesson) {
        Asked asked = new Asked(build, lesson);
        Script known = KNOWN.get(asked);
        if (known != null) {
            return known;
        }
        Script script = Script.of(build, lesson);
        synchronized (KNOWN) {
            KNOWN.put(asked, script);
            Iterator<Asked> oldest = KNOWN.keySet().iterator();
            while (KNOWN.size() > KEPT) {
                oldest.next();
                oldest.remove();
            }
        }
        return script;
    }
}
