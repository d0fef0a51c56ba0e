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
        FOOT("foot"),
        /** The place is wrong. */
        PLACE("place"),
        /** The facing is wrong. */
        FACING("facing"),
        /** Forward off the bench, or springing down from it. */
        OFF_THE_BENCH("off-the-bench"),
        /** A phrase is not filled, or a move runs over its end. */
        PHRASE("phrase"),
        /** One leg bears or lifts too long. */
        ONE_LEG("one-leg"),
        /** Hopping goes on too long. */
        HOPS("hops"),
        /** The same foot leads too long. */
        SAME_LEAD("same-lead"),
        /** Too many new moves. */
        NEW_MOVES("new-moves"),
        /** The music does not suit the bench or the floor. */
        TEMPO("tempo"),
        /** It cannot be repeated from where it ends. */
        REPEAT("repeat");

        private final String key;

        Kind(String key) {
            this.key = key;
        }

        /** Returns what is stored of it. */
        public String key() {
            return key;
        }
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
