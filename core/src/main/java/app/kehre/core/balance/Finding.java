package app.kehre.core.balance;

import java.util.List;

import app.kehre.core.exercise.SourceKind;

/**
 * Something in a class that should be looked at.
 *
 * @param severity how serious it is
 * @param entry the number of the line where it is
 * @param what is wrong, one sentence
 * @param why it matters, two sentences
 * @param source what stands behind it
 * @param mends ways to mend it, the one that changes least first
 */
public record Finding(Severity severity, int entry, String what, String why, SourceKind source,
        List<Mend> mends) {
    public Finding {
        mends = List.copyOf(mends);
    }
}
