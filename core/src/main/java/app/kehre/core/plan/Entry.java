package app.kehre.core.plan;

import java.util.List;
import java.util.stream.Collectors;

import app.kehre.core.exercise.Exercise;

/** One line of a segment: an exercise with its dose, a circuit of exercises, a build-up of combinations, a screen, or a
 * pause. */
public sealed interface Entry permits BuildUp, Circuit, Item, Pause, Screen {

    /** Returns what tells it from all others of the plan, kept through edits. */
    EntryId id();

    /** Returns what it is called on screen and on the sheet. */
    String name();

    /** Returns the exercises that are done in it, each once, in order; none in a pause or a screen. */
    List<Exercise> exercises();

    /**
     * Returns what the line is about, by the ids of its exercises, else by its name. What was decided about a line holds as
     * long as this stays the same.
     */
    default String subject() {
        return exercises().isEmpty()
                ? name()
                : exercises().stream().map(Exercise::id).collect(Collectors.joining(", "));
    }

    /** Returns the instructor's own note; may be empty. */
    String note();

    /** Returns the same entry under another number. */
    Entry withId(EntryId id);

    /** Returns the same entry with another note. */
    Entry withNote(String note);
}
