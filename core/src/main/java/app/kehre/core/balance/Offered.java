package app.kehre.core.balance;

import java.util.Comparator;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.exercise.Library;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;

/** The order in which the ways of a proposal are offered. */
public final class Offered {

    private Offered() {}

    /**
     * Returns a proposal whose first way is one that begins as little as possible of what has to be mended afterwards; else in
     * its own order. A few seconds saved by a stretch are no good way, however small the change.
     *
     * @param before the class as it is judged now
     */
    public static Proposal of(Proposal proposal, Assessment before, Library library) {
        if (!(proposal instanceof Proposal.Proposed proposed) || proposed.ways().size() < 2) {
            return proposal;
        }
        List<Way> ways = proposed.ways().stream()
                .map(way -> new Judged(way, begun(Effect.of(before, way.after(), library))))
                .sorted(Comparator.comparingLong(Judged::begun)).map(Judged::way).toList();
        return new Proposal.Proposed(ways);
    }

    private record Judged(Way way, long begun) {}

    private static long begun(Effect effect) {
        return effect.begun().stream().filter(fact -> fact.severity() != Severity.WATCH).count();
    }
}
