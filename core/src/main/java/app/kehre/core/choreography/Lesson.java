package app.kehre.core.choreography;

import java.time.Duration;
import java.util.List;

import app.kehre.core.music.Bpm;

/**
 * Where and for whom combinations are built up.
 *
 * @param bpm the tempo of the music
 * @param piece how long people dance a piece that is new to them until they have it
 * @param whole how long they dance a finished combination, and a finale
 * @param before the combinations that were taught before in the class
 */
public record Lesson(Bpm bpm, Duration piece, Duration whole, List<Combination> before) {

    public Lesson {
        before = List.copyOf(before);
    }

    /** Returns whether it is the same; combinations are told apart by being the same object, which is quicker. */
    boolean isSame(Lesson other) {
        boolean same = bpm.equals(other.bpm) && piece.equals(other.piece) && whole.equals(other.whole)
                && before.size() == other.before.size();
        for (int i = 0; same && i < before.size(); i++) {
            same = before.get(i) == other.before.get(i);
        }
        return same;
    }
}
