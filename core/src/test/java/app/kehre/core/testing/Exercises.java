package app.kehre.core.testing;

import java.util.List;
import java.util.Set;

import app.kehre.core.dose.Reps;
import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Limit;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Option;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;

/** A few exercises, as plain as they can be. */
public final class Exercises {

    /** Standing, without kit. */
    public static final Exercise SQUAT = of("squat", "Squat", Position.STANDING, Set.of());
    /** Standing, with weights. */
    public static final Exercise ROW = of("bent-row", "Bent-over row", Position.STANDING, Set.of());
    /** On the floor. */
    public static final Exercise PLANK = of("forearm-plank", "Forearm plank", Position.PRONE,
            Set.of(Equipment.MAT));
    /** On the floor, one side at a time. */
    public static final Exercise SIDE_PLANK = of("side-plank", "Side plank", Position.SIDE_LYING,
            Set.of(Equipment.MAT));
    /** On the bench. */
    public static final Exercise BASIC = of("basic-step", "Basic step", Position.ON_STEP,
            Set.of(Equipment.STEP));

    private Exercises() {}

    /** Returns all of them. */
    public static List<Exercise> all() {
        return List.of(SQUAT, ROW, PLANK, SIDE_PLANK, BASIC);
    }

    /** Returns an exercise of which only these things matter. */
    public static Exercise of(String id, String name, Position position, Set<Equipment> kit) {
        return new Exercise(id, name, Set.of(Role.TONING), List.of(Muscle.FRONT_THIGH),
                List.of(Muscle.BUTTOCKS), Pattern.SQUAT, position, kit, Impact.NONE, Reps.of(12), Load.NONE,
                List.of("Set up.", "Do."), "Out on effort.", new Option("smaller", "half the way"),
                new Option("slower", "twice as slow"),
                List.of(new Caution(Limit.KNEE, "depth to comfort")));
    }
}
