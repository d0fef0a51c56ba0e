package app.kehre.core.choosing;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Format;
import app.kehre.core.brief.School;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;

/** Which parts of the library are proposed to whom, unasked: who types a name finds it always. */
public final class Belongs {

    private Belongs() {}

    /**
     * Returns whether an exercise is of the kind of class that the brief asks for: those of the chair where the class sits
     * or is of older people, those that keep people steady where it is of older people; none on the floor where nobody is sent there, no standing
     * work in a class on the floor, none that jumps
     * where low impact only was chosen.
     */
    public static boolean in(Brief brief, Exercise exercise) {
        boolean older = brief.group().older();
        boolean jumps = exercise.impact() == Impact.HIGH
                && brief.schools().impact() == School.Impact.LOW_ONLY;
        boolean stands = brief.format() == Format.FLOOR && exercise.roles().stream().allMatch(Role::main)
                && exercise.setting().positions().stream()
                        .noneMatch(position -> position.level() == Position.Level.FLOOR);
        if (jumps || stands || brief.onChairs() && !staysUp(exercise)
                || brief.format() == Format.CHAIR && !atTheChair(exercise)) {
            return false;
        }
        return switch (exercise.family()) {
            case CHAIR -> older || brief.onChairs();
            case STEADY -> older || brief.format() == Format.CHAIR;
            case WARM_UP, CARDIO, STEP, BURSTS, LEGS, PUSH, PULL, ARMS, TRUNK, BACK, BALANCE, FLOW, STRETCH,
                    BREATHING ->
                true;
        };
    }

    /** On the chair or behind it, what keeps people steady beside it, what loosens, and what is stretched. */
    private static boolean atTheChair(Exercise exercise) {
        return switch (exercise.family()) {
            case CHAIR, STEADY, WARM_UP, STRETCH, BREATHING -> true;
            case CARDIO, STEP, BURSTS, LEGS, PUSH, PULL, ARMS, TRUNK, BACK, BALANCE, FLOW ->
                exercise.equipment().contains(Equipment.CHAIR)
                        || exercise.setting().positions().contains(Position.SEATED_CHAIR);
        };
    }

    /** Nobody who came to sit is sent to the floor. */
    private static boolean staysUp(Exercise exercise) {
        return exercise.setting().positions().stream()
                .anyMatch(position -> position.level() == Position.Level.STANDING);
    }
}
