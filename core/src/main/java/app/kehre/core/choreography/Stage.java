package app.kehre.core.choreography;

import java.util.List;

import app.kehre.core.value.Side;

/**
 * One stage of a build-up.
 *
 * @param key the same for as long as the combination keeps its pieces; changes are kept under it
 * @param title what is taught: "+ V-step", "finished"
 * @param kind what kind of stage it is
 * @param combination the combination that it teaches, from 0
 * @param rounds how often on both leads; the phrases of a hold
 * @param fixed whether the instructor chose the rounds
 * @param passes what is danced, in order
 * @param from its first phrase in the build-up, from 0
 */
public record Stage(String key, String title, Kind kind, int combination, int rounds, boolean fixed,
        List<Pass> passes, int from) {

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

    /** Returns how many phrases it takes. */
    public int phrases() {
        return passes.stream().mapToInt(Pass::phrases).sum();
    }

    /** Returns how many of its phrases a side leads. */
    public int phrases(Side lead) {
        return passes.stream().filter(pass -> pass.lead() == lead).mapToInt(Pass::phrases).sum();
    }
}
