package app.kehre.core.plan;

/**
 * A finding that the instructor has seen and leaves as it is.
 *
 * @param check the key of the check
 * @param segment the number of the segment that it concerns; 0 for the class
 * @param entry the number of the line that it concerns; 0 for none
 * @param reason why, in the instructor's words, 1 to {@value #LONGEST} characters
 */
public record SetAside(String check, int segment, int entry, String reason) {

    /** The longest reason, in characters. */
    public static final int LONGEST = 200;

    public SetAside {
        if (check.isBlank()) {
            throw new IllegalArgumentException("A finding that is set aside must name its check.");
        }
        if (reason.isBlank() || reason.length() > LONGEST) {
            throw new IllegalArgumentException(
                    "The reason must have from 1 to %d characters, not %d.".formatted(LONGEST,
                            reason.length()));
        }
    }
}
