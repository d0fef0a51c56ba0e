package app.kehre.core.people;

import java.util.Set;
import java.util.TreeSet;

/**
 * What a group is that comes each week. No names of people belong in it.
 *
 * @param name what the group is called, at most {@value #LONGEST} characters, one line; empty for no regular group
 * @param knows the ids of the exercises that it knows, and the names of the combinations
 */
public record Regulars(String name, Set<String> knows) {

    /** The longest name, in characters. */
    public static final int LONGEST = 60;
    /** Nothing is known of a group. */
    public static final Regulars NONE = new Regulars("", Set.of());

    /**
     * Checks the name.
     *
     * @throws IllegalArgumentException with the sentence
     */
    public Regulars {
        name = name.strip();
        if (name.length() > LONGEST || name.lines().count() > 1) {
            throw new IllegalArgumentException(
                    "The name of a group must be one line of at most %d characters.".formatted(LONGEST));
        }
        knows = Set.copyOf(new TreeSet<>(knows));
    }

    /** Returns the same group, which does not know something. */
    public Regulars without(String what) {
        Set<String> others = new TreeSet<>(knows);
        others.remove(what);
        return new Regulars(name, others);
    }

    /** Returns whether it knows an exercise, or a combination. */
    public boolean knows(String what) {
        return knows.contains(what);
    }
}
