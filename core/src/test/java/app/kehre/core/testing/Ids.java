package app.kehre.core.testing;

import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SegmentId;

/** The ids of lines and segments by their numbers, as {@link Plans} gives them from 1 on. */
public final class Ids {

    private Ids() {}

    public static EntryId line(int number) {
        return new EntryId(number);
    }

    public static SegmentId part(int number) {
        return new SegmentId(number);
    }
}
