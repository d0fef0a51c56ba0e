package app.kehre.core.plan;

/**
 * What tells a segment from all others that its plan has or ever had, kept through all edits.
 *
 * @param number 1 to 1,000,000
 */
public record SegmentId(int number) implements Comparable<SegmentId> {

    public SegmentId {
        Identity.NUMBER.check(number);
    }

    /** Returns the number after it. */
    public SegmentId next() {
        return new SegmentId(number + 1);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof SegmentId id && id.number == number;
    }

    @Override
    public int hashCode() {
        return number;
    }

    @Override
    public int compareTo(SegmentId other) {
        return Integer.compare(number, other.number);
    }

    @Override
    public String toString() {
        return String.valueOf(number);
    }
}
