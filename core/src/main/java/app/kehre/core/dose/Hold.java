package app.kehre.core.dose;

import java.time.Duration;
import java.util.List;

/**
 * A position held: isometric work or a stretch.
 *
 * @param sets how often, 1 to 20, on each side where the sides are done one after the other
 * @param held how long each time, and the postures to choose from
 * @param kind work or stretch
 * @param rest between two holds, 0 to 600 s; none after the last
 * @param sides how the sides share the work
 */
public record Hold(int sets, Stage.Held held, Kind kind, Duration rest, Sides sides) implements Dose {

    /** What a hold is for. */
    public enum Kind {
        /** Isometric work. */
        HOLD("hold"),
        /** Stretching. */
        STRETCH("stretch");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        /** Returns the word that begins the notation. */
        public String word() {
            return word;
        }
    }

    public Hold {
        Limits.SETS.check(sets);
        Limits.REST.check(rest);
    }

    /** Returns one hold, both sides at once. */
    public static Hold of(Duration length) {
        return new Hold(1, new Stage.Held(new Amount.OfTime(length), List.of()), Kind.HOLD, Duration.ZERO,
                Sides.TOGETHER);
    }

    @Override
    public Hold withSides(Sides other) {
        return new Hold(sets, held, kind, rest, other);
    }
}
