package app.kehre.core.plan;

/**
 * Why Kehre proposed a line that was taken. It holds as long as the line is still what was proposed.
 *
 * @param entry the line
 * @param what the key of its exercise, or the line's name where it is none
 * @param why such as "upper back promised", 1 to {@value #LONGEST} characters
 */
public record Chosen(EntryId entry, String what, String why) {

    /** The longest reason, in characters. */
    public static final int LONGEST = 400;

    public Chosen {
        if (what.isBlank()) {
            throw new IllegalArgumentException("A reason must name its line and what is done there.");
        }
        if (why.isBlank() || why.length() > LONGEST) {
            throw new IllegalArgumentException("The reason must have from 1 to %d characters, not %d."
                    .formatted(LONGEST, why.length()));
        }
    }

    static Chosen of(Entry line, String why) {
        return new Chosen(line.id(), what(line), why);
    }

    public boolean isOf(Entry line) {
        return line.id().equals(entry) && what(line).equals(what);
    }

    private static String what(Entry line) {
        return line.item().map(item -> item.exercise().id()).orElse(line.name());
    }
}
