package app.kehre.core.choreography;

/**
 * A move that could come at a point of a combination.
 *
 * @param danced the move, on the foot that is free there
 * @param fits whether it can be danced there and does not run over the end of the phrase
 * @param words its counts and lead, or why it does not fit
 */
public record Fit(DancedMove danced, boolean fits, String words) {}
