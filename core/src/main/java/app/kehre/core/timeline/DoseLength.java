package app.kehre.core.timeline;

import java.time.Duration;

import app.kehre.core.dose.Dose;
import app.kehre.core.plan.ClassTimes;
import app.kehre.core.plan.Segment;

/** How long a dose takes by itself, without changing over to it and explaining. */
public final class DoseLength {

    private DoseLength() {}

    /** Returns the length of a dose in a segment, both sides and changing between them included. */
    public static Duration of(Dose dose, Segment segment, ClassTimes times) {
        Tape tape = new Tape(segment);
        new DoseLayer(tape, times.sideChange()).lay(dose, Duration.ZERO);
        return tape.now();
    }
}
