package app.kehre.core.exercise;

/**
 * What someone with a limit does instead or watches. Usual cautions, never a diagnosis.
 *
 * @param limit whom it is for
 * @param advice what to do, in words that can be said to the group
 */
public record Caution(Limit limit, String advice) {
    public Caution {
        if (advice.isBlank()) {
            throw new IllegalArgumentException("A caution must say what to do.");
        }
    }
}
