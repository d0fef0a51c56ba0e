package app.kehre.core.log;

import java.util.List;
import java.util.Map;

import app.kehre.core.plan.EntryId;
import app.kehre.core.teaching.Debt;

/**
 * What came of a class.
 *
 * @param taken the proposals that were taken, in words
 * @param owed what sides owed at the end
 * @param counts what was done of as many as possible, by line
 */
public record Outcome(List<String> taken, List<Debt> owed, Map<EntryId, Integer> counts) {

    /** Nothing out of the ordinary. */
    public static final Outcome PLAIN = new Outcome(List.of(), List.of(), Map.of());

    public Outcome {
        taken = List.copyOf(taken);
        owed = List.copyOf(owed);
        counts = Map.copyOf(counts);
    }
}
