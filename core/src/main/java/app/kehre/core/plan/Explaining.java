package app.kehre.core.plan;

import java.time.Duration;
import java.util.Optional;

import app.kehre.core.value.Named;
import app.kehre.core.value.Range;
import app.kehre.core.value.Term;

/**
 * How an exercise is explained and shown.
 *
 * @param mode whether the work stops for it
 * @param length 0 to 600 s; nothing for the class's usual length of a new or a known exercise
 */
public record Explaining(Mode mode, Optional<Duration> length) {

    /** The length. */
    public static final Range LENGTH = Range.ofSeconds("explaining", 0, 600);
    /** As usual for the dose, as long as usual. */
    public static final Explaining USUAL = new Explaining(Mode.USUAL, Optional.empty());
    /** Not at all. */
    public static final Explaining NONE = new Explaining(Mode.NONE, Optional.empty());

    /** Whether the work stops for it. */
    public enum Mode implements Named {
        /** Reps, rungs and holds stop, counts and stretches go on, intervals use the rest. */
        USUAL("usual", "usual"),
        /** The work stops and the class grows by it. */
        STOPS("stops", "stops the work"),
        /** It lies over the movement and costs nothing. */
        OVER("over", "over the movement"),
        /** It lies inside the rest before. */
        IN_REST("in-rest", "inside the rest"),
        /** Nothing is explained. */
        NONE("none", "none");

        private final Term term;

        Mode(String key, String words) {
            this.term = new Term(key, words);
        }

        @Override
        public Term term() {
            return term;
        }
    }

    public Explaining {
        length.ifPresent(LENGTH::check);
    }
}
