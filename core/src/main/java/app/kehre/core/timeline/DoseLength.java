package app.kehre.core.timeline;

import java.time.Duration;

import app.kehre.core.dose.Dose;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;

/** How long a dose takes by itself, without changing over to it and explaining. */
public final class DoseLength {

    private DoseLength() {}

    /** Returns the length of a dose of an exercise in a segment of a class, both sides and changing between them included. */
    public static Duration of(Dose dose, Exercise exercise, Segment segment, ClassPlan plan) {
        Tape tape = new Tape(segment);
        new DoseLayer(tape, plan.pace()).lay(dose,
                new DoseLayer.Doing(exercise.rep(), plan.pace().reps(exercise.id()), segment.pacing().speed(),
                        plan.pace().length(Quantity.SIDE, segment.teaching(plan.brief()), segment.role()),
                        Duration.ZERO));
        return tape.now();
    }
}
