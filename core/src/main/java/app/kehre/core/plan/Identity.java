package app.kehre.core.plan;

import java.util.Collection;

import app.kehre.core.value.Range;

/**
 * Which plan it is, and which numbers it has given: a number that was given is never given again, so that what was said
 * of a line or segment once is never taken for said of another.
 *
 * @param plan which plan
 * @param segments the greatest number of a segment that was given, 0 before the first
 * @param entries the greatest number of a line that was given, 0 before the first
 */
public record Identity(PlanId plan, int segments, int entries) {

    /** The numbers of lines and segments. */
    public static final Range NUMBER = Range.of("an id", 1, 1_000_000);
    /** The greatest number that was given. */
    public static final Range GIVEN = Range.of("the greatest number given", 0, 1_000_000);

    public Identity {
        GIVEN.check(segments);
        GIVEN.check(entries);
    }

    /** Returns the identity of a plan that is new. */
    static Identity fresh() {
        return new Identity(PlanId.random(), 0, 0);
    }

    /** Returns it with these numbers given as well. */
    Identity with(Collection<SegmentId> moreSegments, Collection<EntryId> moreEntries) {
        int most = 0;
        for (SegmentId id : moreSegments) {
            most = Math.max(most, id.number());
        }
        int last = 0;
        for (EntryId id : moreEntries) {
            last = Math.max(last, id.number());
        }
        return raised(most, last);
    }

    /** Returns it with all numbers given that another has given. */
    Identity after(Identity other) {
        return raised(other.segments, other.entries);
    }

    private Identity raised(int otherSegments, int otherEntries) {
        return otherSegments <= segments && otherEntries <= entries
                ? this
                : new Identity(plan, Math.max(segments, otherSegments), Math.max(entries, otherEntries));
    }

    /** Returns the identity of a copy, which is a plan of its own. */
    Identity ofCopy() {
        return new Identity(PlanId.random(), segments, entries);
    }
}
