package app.kehre.core.choosing;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Start;
import app.kehre.core.exercise.Exercise;

/** Which parts of the library are proposed to whom, unasked: who types a name finds it always. */
public final class Belongs {

    private Belongs() {}

    /**
     * Returns whether an exercise is of the kind of class that the brief asks for: those of the chair where the class sits
     * or is of older people, those that keep people steady where it is of older people.
     */
    public static boolean in(Brief brief, Exercise exercise) {
        boolean older = brief.group().older();
        return switch (exercise.family()) {
            case CHAIR -> older || brief.room().start() == Start.ON_CHAIRS;
            case STEADY -> older;
            case WARM_UP, CARDIO, STEP, BURSTS, LEGS, PUSH, PULL, ARMS, TRUNK, BACK, BALANCE, FLOW, STRETCH,
                    BREATHING ->
                true;
        };
    }
}
