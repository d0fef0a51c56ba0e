package app.kehre.core.plan;

/** One line of a segment: an exercise with its dose, a circuit of exercises, a build-up of combinations, a screen, or a
 * pause. */
public sealed interface Entry permits BuildUp, Circuit, Item, Pause, Screen {

    /** Returns the number that tells it from all others of the plan, 1 or more, kept through edits. */
    int id();

    /** Returns what it is called on screen and on the sheet. */
    String name();

    /** Returns the instructor's own note; may be empty. */
    String note();

    /** Returns the same entry under another number. */
    Entry withId(int id);

    /** Returns the same entry with another note. */
    Entry withNote(String note);
}
