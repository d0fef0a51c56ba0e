package app.kehre.core.exercise;

import java.util.List;
import java.util.stream.Stream;

/**
 * What is said and shown.
 *
 * @param setUp one line to get ready
 * @param action one line to do, or a few
 * @param breathing when to breathe
 * @param alignment what must be in line, one point each
 * @param fault the usual fault, and how it is mended; empty where none is known
 * @param everyday whether everybody knows it, such as marching or shaking out, so that it is never new
 * @param staple whether classes are built of it: most people have met it, and it bears a second round
 * @param cues what is called out while it runs, as far as somebody wrote it down
 */
public record Coaching(String setUp, List<String> action, String breathing, List<String> alignment,
        String fault, boolean everyday, boolean staple, CueWords cues) {

    public Coaching {
        action = List.copyOf(action);
        alignment = List.copyOf(alignment);
        if (setUp.isBlank() || action.isEmpty()) {
            throw new IllegalArgumentException("There must be a line to set up and a line to do.");
        }
    }

    /** Returns what is said of an exercise that has to be learnt. */
    public Coaching(String setUp, List<String> action, String breathing, List<String> alignment,
            String fault) {
        this(setUp, action, breathing, alignment, fault, false, false, CueWords.NONE);
    }

    /** Returns the lines to set up and to do. */
    public List<String> lines() {
        return Stream.concat(Stream.of(setUp), action.stream()).toList();
    }
}
