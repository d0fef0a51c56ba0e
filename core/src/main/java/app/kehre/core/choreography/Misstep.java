package app.kehre.core.choreography;

import java.util.List;
import java.util.function.Supplier;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;

/**
 * A place where a combination does not work, or works badly.
 *
 * @param kind what kind
 * @param severity how serious it is
 * @param part the move where it is, from 0
 * @param count the count of the music where it is, from 1
 * @param what is wrong, one sentence
 * @param why it matters, one or two sentences
 * @param source what stands behind it
 * @param remedy finds the ways to mend it; asked for only when they are wanted
 */
public record Misstep(Kind kind, Severity severity, int part, int count, String what, String why,
        SourceKind source, Supplier<List<Repair>> remedy) {

    /** What kind of misstep it is. */
    public enum Kind {
        /** The foot is not free. */
        FOOT,
        /** The place is wrong. */
        PLACE,
        /** The facing is wrong. */
        FACING,
        /** Forward off the bench, or springing down from it. */
        OFF_THE_BENCH,
        /** A phrase is not filled, or a move runs over its end. */
        PHRASE,
        /** One leg bears or lifts too long. */
        ONE_LEG,
        /** Hopping goes on too long. */
        HOPS,
        /** The same foot leads too long. */
        SAME_LEAD,
        /** Too many new moves. */
        NEW_MOVES,
        /** The music does not suit the bench or the floor. */
        TEMPO,
        /** It cannot be repeated from where it ends. */
        REPEAT
    }

    /** Returns ways to mend it, each of which was tried. */
    public List<Repair> repairs() {
        return remedy.get();
    }

    /** Returns whether both are the same kind at the same move. */
    boolean same(Misstep other) {
        return kind == other.kind && part == other.part;
    }
}
