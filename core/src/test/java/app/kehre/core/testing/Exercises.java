package app.kehre.core.testing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.dose.Reps;
import app.kehre.core.exercise.Adaptations;
import app.kehre.core.exercise.Category;
import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.Coaching;
import app.kehre.core.exercise.Dosing;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Facing;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Mets;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Names;
import app.kehre.core.exercise.Option;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Resistance;
import app.kehre.core.exercise.Role;
import app.kehre.core.exercise.Setting;
import app.kehre.core.exercise.Work;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.people.Limit;

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

    /** The one that works the back. */
    public static final Exercise PULL = of("band-pull", "Band pull", Position.STANDING, Set.of(),
            Muscle.UPPER_BACK);

    /** Returns all of them but the one for the back. */
    public static List<Exercise> all() {
        return List.of(SQUAT, ROW, PLANK, SIDE_PLANK, BASIC);
    }

    /** Returns an exercise of which only these things matter. */
    public static Exercise of(String id, String name, Position position, Set<Equipment> kit) {
        return of(id, name, position, kit, Muscle.FRONT_THIGH);
    }

    private static Exercise of(String id, String name, Position position, Set<Equipment> kit, Muscle main) {
        Map<Muscle, Double> muscles = new LinkedHashMap<>();
        muscles.put(main, 1.0);
        muscles.put(Muscle.BUTTOCKS, 0.5);
        return new Exercise(id, new Names(name, List.of()),
                new Category(Family.LEGS, Set.of(Role.TONING), Pattern.SQUAT),
                new Work(muscles, Resistance.BODY, Set.of(), Set.of(Joint.KNEE), Set.of(Joint.HIP),
                        Impact.NONE,
                        Mets.estimate(5), Optional.of(5.0)),
                new Setting(position, Set.of(), Facing.FRONT, kit, Map.of(), ""),
                Dosing.of(Reps.of(12), Load.NONE),
                new Coaching("Set up.", List.of("Do."), "Out on effort.", List.of("tall"), ""),
                new Adaptations(new Option("smaller", "half the way"), new Option("slower", "twice as slow"),
                        List.of(new Caution(Limit.KNEE, "depth to comfort", "hip-lift"))),
                Optional.empty());
    }
}
