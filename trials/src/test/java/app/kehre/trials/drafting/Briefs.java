package app.kehre.trials.drafting;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.OptionalInt;
import java.util.SplittableRandom;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Format;
import app.kehre.core.brief.Goal;
import app.kehre.core.brief.Room;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.kit.Equipment;
import app.kehre.core.people.Group;
import app.kehre.core.people.Limit;

/**
 * Briefs by number, always the same: every format in turn; slots of 30, 45, 60 and 75 min; 6 to 24 people who are older,
 * new to it, athletic or mixed; none to two limits of one or two people; a floor that is just enough or larger; mats and
 * towels for all, weights, long bands and chairs for all or none; none to two promised areas.
 */
final class Briefs {

    private static final int[] SLOTS = {30, 45, 45, 60, 60, 75};
    private static final Limit[] LIMITS = {Limit.KNEE, Limit.LOW_BACK, Limit.WRIST, Limit.SHOULDER,
            Limit.NECK,
            Limit.BALANCE, Limit.PREGNANCY, Limit.BLOOD_PRESSURE};
    private static final Muscle[] AREAS = {Muscle.FRONT_THIGH, Muscle.BUTTOCKS, Muscle.FRONT_TRUNK,
            Muscle.UPPER_BACK,
            Muscle.CHEST, Muscle.BACK_THIGH, Muscle.LOWER_BACK, Muscle.OUTER_HIP};

    private Briefs() {}

    /** A brief that can be met. */
    static Brief feasible(int number) {
        SplittableRandom random = new SplittableRandom(number);
        Format format = Format.values()[number % Format.values().length];
        int slot = SLOTS[random.nextInt(SLOTS.length)];
        int people = 6 + random.nextInt(19);
        return Brief
                .of("Brief " + number, LocalDate.of(2026, 12, 1), LocalTime.of(18, 0),
                        Duration.ofMinutes(slot), people)
                .with(group(random, people)).with(room(random, format, people)).with(goal(random))
                .with(format);
    }

    private static Group group(SplittableRandom random, int people) {
        Group usual = Group.of(people);
        Group group = switch (random.nextInt(4)) {
            case 0 -> usual.withAges(new Group.Ages(62, 78)).withMix(new Group.Mix(30, 60, 10));
            case 1 -> usual.withMix(new Group.Mix(50, 40, 10));
            case 2 -> usual.withMix(new Group.Mix(0, 40, 60));
            default -> usual;
        };
        int limits = random.nextInt(3);
        for (int i = 0; i < limits; i++) {
            group = group.withLimit(LIMITS[random.nextInt(LIMITS.length)], 1 + random.nextInt(2));
        }
        return group;
    }

    private static Room room(SplittableRandom random, Format format, int people) {
        return Room.UNKNOWN.withFloor(people * 4 + random.nextInt(60)).withHardFloor(random.nextBoolean())
                .withCount(Equipment.MAT, OptionalInt.of(people + 2))
                .withCount(Equipment.STEP, OptionalInt.of(format == Format.STEP ? people : 0))
                .withCount(Equipment.WEIGHT, OptionalInt.of(random.nextBoolean() ? 2 * people : 0))
                .withCount(Equipment.LONG_BAND, OptionalInt.of(random.nextBoolean() ? people : 0))
                .withCount(Equipment.LOOP_BAND, OptionalInt.of(0))
                .withCount(Equipment.CHAIR,
                        OptionalInt.of(random.nextBoolean() || format == Format.CHAIR ? people : 0))
                .withCount(Equipment.TOWEL, OptionalInt.of(people));
    }

    private static Goal goal(SplittableRandom random) {
        Goal goal = Goal.OPEN;
        int areas = random.nextInt(3);
        for (int i = 0; i < areas; i++) {
            goal = goal.with(AREAS[random.nextInt(AREAS.length)], true);
        }
        return goal;
    }
}
