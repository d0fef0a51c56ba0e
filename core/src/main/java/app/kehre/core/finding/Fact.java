package app.kehre.core.finding;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.plan.EntryId;
import app.kehre.core.proposal.Way;

/**
 * What an instructor is told: one fact of a class, wherever it shows. Sixteen lines that ask too much of the same two
 * knees are one fact with sixteen places.
 *
 * @param severity how serious it is at its most serious place
 * @param what is wrong, one sentence
 * @param why it matters
 * @param parts what was found, place by place, in the order of the class; at least one
 * @param remedy finds the ways to mend it; asked for only when it is wanted
 */
public record Fact(Severity severity, String what, String why, List<Finding> parts,
        Supplier<List<Way>> remedy) {

    public Fact {
        parts = List.copyOf(parts);
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("A fact shows at one place at least.");
        }
    }

    /** Returns a fact that shows at one place. */
    public static Fact of(Finding finding) {
        return new Fact(finding.severity(), finding.what(), finding.why(), List.of(finding), finding::mends);
    }

    /** Returns the check that found it. */
    public CheckKey key() {
        return parts.getFirst().key();
    }

    /** Returns what stands behind it. */
    public SourceKind source() {
        return parts.getFirst().source();
    }

    /** Returns where it shows first. */
    public Place place() {
        return parts.getFirst().place();
    }

    /** Returns where it shows. */
    public List<Place> places() {
        return parts.stream().map(Finding::place).distinct().toList();
    }

    /** Returns the line where it shows first, if it is at one. */
    public Optional<EntryId> entry() {
        return parts.getFirst().entry();
    }

    /** Returns ways to mend it; none where a class would get larger than one may be. */
    public List<Way> mends() {
        try {
            return remedy.get();
        } catch (IllegalArgumentException tooLarge) {
            return List.of();
        }
    }

    /** Returns whether both are the same fact, though it may show at other places now. */
    public boolean same(Fact other) {
        return key() == other.key() && parts.getFirst().detail().equals(other.parts.getFirst().detail())
                && (parts.size() > 1 || other.parts.size() > 1
                        || parts.getFirst().same(other.parts.getFirst()));
    }
}
