package app.kehre.core.exercise;

import app.kehre.core.people.Limit;

/**
 * What someone with a limit does instead or watches. Usual cautions, never a diagnosis.
 *
 * @param limit whom it is for
 * @param advice what to do, in words that can be said to the group
 * @param instead the id of an exercise without this caution that serves the same purpose; empty where none
 *     is known
 */
public record Caution(Limit limit, String advice, String instead) {
    public Caution {
        if (advice.isBlank()) {
            throw new IllegalArgumentException("A caution must say what to do.");
        }
    }
}
