package app.kehre.core.exercise;

/**
 * An easier or harder way to do an exercise.
 *
 * @param name what it is called, said to the group
 * @param change what is different from the standard
 */
public record Option(String name, String change) {
    public Option {
        if (name.isBlank() || change.isBlank()) {
            throw new IllegalArgumentException("An option must have a name and say what changes.");
        }
    }
}
