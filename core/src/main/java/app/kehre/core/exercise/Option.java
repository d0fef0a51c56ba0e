package app.kehre.core.exercise;

/**
 * An easier or harder way to do an exercise.
 *
 * @param name what it is called, said to the group
 * @param change what is different from the standard
 * @param exercise the id of the exercise that it is, where the library has one of its own; else empty
 */
public record Option(String name, String change, String exercise) {
    public Option {
        if (name.isBlank() || change.isBlank()) {
            throw new IllegalArgumentException("An option must have a name and say what changes.");
        }
    }

    /** Returns an option that is no exercise of its own. */
    public Option(String name, String change) {
        this(name, change, "");
    }
}
