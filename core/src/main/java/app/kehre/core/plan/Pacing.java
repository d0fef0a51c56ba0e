package app.kehre.core.plan;

import java.util.Optional;

import app.kehre.core.brief.School;
import app.kehre.core.dose.Speed;

/**
 * How a segment is taught where that differs from the class.
 *
 * @param teaching the teaching style; nothing for the class's
 * @param speed how fast its reps are, where their dose says nothing
 */
public record Pacing(Optional<School.Teaching> teaching, Speed speed) {

    /** As the class. */
    public static final Pacing AS_CLASS = new Pacing(Optional.empty(), Speed.NATURAL);

    /** Returns the same in another style; nothing for the class's. */
    public Pacing withTeaching(Optional<School.Teaching> other) {
        return new Pacing(other, speed);
    }

    /** Returns the same at another speed. */
    public Pacing withSpeed(Speed other) {
        return new Pacing(teaching, other);
    }
}
