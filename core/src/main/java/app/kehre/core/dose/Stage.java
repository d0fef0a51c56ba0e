package app.kehre.core.dose;

import java.time.Duration;
import java.util.List;

/** A part of a set: reps done at one tempo, or a position held. */
public sealed interface Stage {

    /**
     * Reps done at one tempo.
     *
     * @param number 1 to 300
     * @param unit what is counted
     * @param tempo of one rep
     * @param reach the part of the way that is gone
     * @param stretch held inside each rep as its rest, 0 to 60 s
     */
    record Moves(int number, Unit unit, Tempo tempo, Reach reach, Duration stretch) implements Stage {
        public Moves {
            Limits.REPS.check(number);
            Limits.STRETCH_INSIDE.check(stretch);
        }

        /**
         * Returns reps at the usual tempo over the whole way.
         *
         * @param reps 1 to 300
         */
        public static Moves of(int reps) {
            return new Moves(reps, Unit.REP, Tempo.USUAL, Reach.WHOLE, Duration.ZERO);
        }

        /** Returns it at another tempo. */
        public Moves withTempo(Tempo other) {
            return new Moves(number, unit, other, reach, stretch);
        }

        /** Returns how many movements it has: two in a pair. */
        public int movements() {
            return unit == Unit.PAIR ? 2 * number : number;
        }
    }

    /**
     * A position held.
     *
     * @param amount how long
     * @param postures to choose from, easiest first; none where there is no choice
     */
    record Held(Amount amount, List<String> postures) implements Stage {
        public Held {
            postures = List.copyOf(postures);
            if (postures.stream().anyMatch(
                    each -> !each.matches("\\p{Ll}+( \\p{Ll}+){0,6}") || each.contains(" or "))) {
                throw new IllegalArgumentException(
                        "A posture is a few words in lower case, such as on the forearms, not %s."
                                .formatted(postures));
            }
        }
    }

    /** What is counted as one. */
    enum Unit {
        /** One movement there and back. */
        REP("rep"),
        /** One movement on each side. */
        PAIR("pair"),
        /** A small quick movement. */
        PULSE("pulse");

        private final String word;

        Unit(String word) {
            this.word = word;
        }

        /** Returns the word for one. */
        public String word() {
            return word;
        }
    }

    /** The part of the way that a rep goes, or which way. */
    enum Reach {
        /** The whole way. */
        WHOLE(""),
        /** Only the low part. */
        BOTTOM("at the bottom"),
        /** Only the high part. */
        TOP("at the top"),
        /** The whole way, forward. */
        FORWARD("forward"),
        /** The whole way, back. */
        BACK("back");

        private final String words;

        Reach(String words) {
            this.words = words;
        }

        /** Returns the words of the notation; empty for the whole way. */
        public String words() {
            return words;
        }
    }
}
