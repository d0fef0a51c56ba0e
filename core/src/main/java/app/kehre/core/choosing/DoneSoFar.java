package app.kehre.core.choosing;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.Set;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;

/** What a class already works, loads, prepares and releases. */
final class DoneSoFar {

    /** The share from which a muscle group counts as worked or released. */
    static final double COUNTS = 0.5;

    private final Set<Muscle> toned = EnumSet.noneOf(Muscle.class);
    private final Set<Muscle> worked = EnumSet.noneOf(Muscle.class);
    private final Set<Muscle> released = EnumSet.noneOf(Muscle.class);
    private final Set<Joint> loaded = EnumSet.noneOf(Joint.class);
    private final Set<Joint> prepared = EnumSet.noneOf(Joint.class);
    private final Set<Pattern> patterns = EnumSet.noneOf(Pattern.class);
    private final Set<String> used = new HashSet<>();
    private final Set<Equipment> kit = EnumSet.noneOf(Equipment.class);

    private DoneSoFar() {}

    static DoneSoFar of(ClassPlan plan) {
        DoneSoFar served = new DoneSoFar();
        plan.segments().stream().filter(segment -> !segment.leftOut()).forEach(served::add);
        return served;
    }

    private void add(Segment segment) {
        segment.entries().forEach(entry -> entry.exercises().forEach(each -> add(segment.role(), each)));
    }

    private void add(Role role, Exercise exercise) {
        used.add(exercise.id());
        kit.addAll(exercise.equipment());
        switch (role) {
            case WARM_UP -> prepared.addAll(exercise.work().prepares());
            case STRETCH, COOL_DOWN -> exercise.work().muscles().forEach((muscle, share) -> {
                if (share >= COUNTS) {
                    released.add(muscle);
                }
            });
            case AEROBIC, TONING, CORE -> {
                exercise.work().muscles().forEach((muscle, share) -> {
                    if (share >= COUNTS) {
                        worked.add(muscle);
                        if (role != Role.AEROBIC) {
                            toned.add(muscle);
                        }
                    }
                });
                loaded.addAll(exercise.work().loads());
                patterns.add(exercise.pattern());
            }
            case TALK, PAUSE -> {
            }
        }
    }

    /** Returns whether a toning or core part works a muscle group: cardio alone keeps no promise. */
    boolean tones(Muscle muscle) {
        return toned.contains(muscle);
    }

    boolean owesRelease(Muscle muscle) {
        return worked.contains(muscle) && !released.contains(muscle);
    }

    boolean owesPreparation(Joint joint) {
        return loaded.contains(joint) && !prepared.contains(joint);
    }

    boolean previews(Exercise exercise) {
        return patterns.contains(exercise.pattern());
    }

    boolean uses(Exercise exercise) {
        return used.contains(exercise.id());
    }

    boolean uses(Equipment kind) {
        return kit.contains(kind);
    }
}
