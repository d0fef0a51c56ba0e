package app.kehre.core.balance;

import java.util.List;
import java.util.function.Supplier;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;

/**
 * Something in a class that should be looked at.
 *
 * @param severity how serious it is
 * @param entry the number of the line where it is
 * @param what is wrong, one sentence
 * @param why it matters, two sentences
 * @param source what stands behind it
 * @param remedy finds the ways to mend it; that may take a while, so it is asked for only when it is wanted
 */
public record Finding(Severity severity, int entry, String what, String why, SourceKind source,
        Supplier<List<Mend>> remedy) {

    /** Returns ways to mend it, the one that changes least first. */
    public List<Mend> mends() {
        return remedy.get();
    }
}
