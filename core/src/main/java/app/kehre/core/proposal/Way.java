package app.kehre.core.proposal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

import app.kehre.core.plan.ClassPlan;

/**
 * One way to another class, such as a mend, a fit or a draft.
 *
 * @param words what is special about it, a few words: "1 line fewer, 2 doses changed"
 * @param changes what it does, in the order in which it is done
 * @param notes what else is to be known of it, each a sentence; such as what found no place
 * @param after the class with all of its changes made
 */
public record Way(String words, List<Change> changes, List<String> notes, ClassPlan after) {

    public Way {
        changes = List.copyOf(changes);
        notes = List.copyOf(notes);
    }

    /** Returns a way that is one change, whose words say it all. */
    public static Way of(String words, ClassPlan after) {
        return new Way(words,
                List.of(new Change(Optional.empty(), words, List.of(), Change.Kind.WHOLE, _ -> after)),
                List.of(), after);
    }

    /** Returns a test that takes of several ways to the same class only the first; to be used for one list. */
    public static Predicate<Way> different() {
        List<ClassPlan> seen = new ArrayList<>();
        return way -> !seen.contains(way.after) && seen.add(way.after);
    }

    /** Returns the changes with what belongs to them, and the notes, one line each, as they are printed. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        for (Change change : changes) {
            lines.add("- " + change.words());
            change.details().forEach(detail -> lines.add("    " + detail));
        }
        lines.addAll(notes);
        return lines;
    }
}
