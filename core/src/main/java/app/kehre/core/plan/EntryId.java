package app.kehre.core.plan;

/**
 * What tells a line from all others that its plan has or ever had, kept through all edits.
 *
 * @param number 1 to 1,000,000
 */
public record EntryId(int number) implements Comparable<EntryId> {

    /** The number of the first line of a plan. */
    public static final EntryId FIRST = new EntryId(1);

    public EntryId {
        Identity.NUMBER.check(number);
    }

    /** Returns the number after it. */
    public EntryId next() {
        return next(1);
    }

    /**
     * Returns a number behind it.
     *
     * @param by 1 or more
     */
    public EntryId next(int by) {
        return new EntryId(number + by);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof EntryId id && id.number == number;
    }

    @Override
    public int hashCode() {
        return number;
    }

    @Override
    public int compareTo(EntryId other) {
        return Integer.compare(number, other.number);
    }

    @Override
    public String toString() {
        return String.valueOf(number);
    }
}
