package app.kehre.core.choreography;

import java.time.Duration;
import java.util.List;

import app.kehre.core.value.Side;

/**
 * One stage of a build-up.
 *
 * @param label which stage it is
 * @param rounds how often it is danced
 * @param fixed whether the instructor chose the rounds
 * @param stop how long the work stops before it, so that it is shown
 * @param passes what is danced, in order
 * @param from its first eight in the build-up, from 0
 */
public record Stage(Label label, Rounds rounds, boolean fixed, Duration stop, List<Pass> passes, int from) {

    /**
     * Which stage of a build-up.
     *
     * @param key the same for as long as the combination keeps its pieces; changes are kept under it
     * @param title what is taught: "+ V-step", "finished"
     * @param kind what kind of stage it is
     * @param combination the combination that it teaches, from 0
     */
    public record Label(StageKey key, String title, Kind kind, int combination) {}

    /** What kind of stage it is; the later ones of the list are kept when there is little time. */
    public enum Kind {
        /** A layer more. */
        LAYER,
        /** So many of each. */
        REDUCE,
        /** Two pieces joined. */
        LINK,
        /** A holding pattern, to announce and to breathe. */
        HOLD,
        /** A piece more. */
        TEACH,
        /** The finished combination. */
        FINISHED,
        /** All combinations joined. */
        FINALE
    }

    public Stage {
        passes = List.copyOf(passes);
    }

    /** Returns the key. */
    public StageKey key() {
        return label.key();
    }

    /** Returns what is taught. */
    public String title() {
        return label.title();
    }

    /** Returns what kind of stage it is. */
    public Kind kind() {
        return label.kind();
    }

    /** Returns how many eights it takes. */
    public int eights() {
        return passes.stream().mapToInt(Pass::eights).sum();
    }

    /** Returns how many of its eights a side leads. */
    public int eights(Side lead) {
        return passes.stream().filter(pass -> pass.lead() == lead).mapToInt(Pass::eights).sum();
    }
}
