package app.kehre.core.footwork;

import java.util.List;
import java.util.Optional;

/**
 * What both feet do in a half-count.
 *
 * @param acts none when nothing happens, one, or the weight of one foot and the gesture of the other
 * @param turn quarter turns towards the side of the lead foot, -2 to 2; below zero away from it
 */
public record Beat(List<Act> acts, int turn) {

    /** Nothing happens. */
    public static final Beat REST = new Beat(List.of(), 0);

    public Beat {
        acts = List.copyOf(acts);
        boolean twice = acts.size() == 2
                && (acts.getFirst().foot() == acts.getLast().foot() || !acts.getFirst().bears()
                        || acts.getLast().bears() || acts.getFirst().kind() == Act.Kind.JUMP);
        if (acts.size() > 2 || twice) {
            throw new IllegalArgumentException(
                    "In a half-count one foot may take the weight and the other make a gesture, not more.");
        }
        if (turn < -2 || turn > 2) {
            throw new IllegalArgumentException("A turn is up to two quarters, not %d.".formatted(turn));
        }
    }

    /** Returns whether nothing happens. */
    public boolean rests() {
        return acts.isEmpty();
    }

    /** Finds the act that takes the weight. */
    public Optional<Act> bearing() {
        return acts.isEmpty() || !acts.getFirst().bears() ? Optional.empty() : Optional.of(acts.getFirst());
    }

    /** Finds the gesture. */
    public Optional<Act> gesture() {
        return acts.isEmpty() || acts.getLast().bears() ? Optional.empty() : Optional.of(acts.getLast());
    }
}
