package app.kehre.formats.library;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

import app.kehre.core.exercise.Exercise;

/**
 * What came of reading a table of own exercises.
 *
 * @param good the new exercises and the changed ones, of the lines that were understood
 * @param same how many lines say what the library has already
 * @param bad by the number of the line, counted from 1 with the header, what is wrong with it
 * @param letters what the table was written in where that had to be found out; else empty
 */
public record ImportedExercises(List<Exercise> good, int same, Map<Long, String> bad, String letters) {
    public ImportedExercises {
        good = List.copyOf(good);
        bad = Collections.unmodifiableMap(new TreeMap<>(bad));
    }

    /** Returns a sentence a bad line, in order: "Line 3: ...". */
    public List<String> sentences() {
        return bad.entrySet().stream().map(each -> "Line %d: %s".formatted(each.getKey(), each.getValue()))
                .toList();
    }

    /** Returns "12 understood, 3 of them as you have them already, 1 not." */
    public String words() {
        return "%d understood%s, %d not.%s".formatted(good.size() + same,
                same == 0 ? "" : ", %d of them as you have them already".formatted(same), bad.size(),
                letters.isEmpty() ? "" : " Read as %s.".formatted(letters));
    }
}
