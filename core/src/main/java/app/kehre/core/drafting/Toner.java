package app.kehre.core.drafting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.function.Function;
import java.util.function.Predicate;

import app.kehre.core.advice.Threshold;
import app.kehre.core.brief.Format;
import app.kehre.core.dose.Dose;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Resistance;
import app.kehre.core.exercise.Role;
import app.kehre.core.exercise.Setting;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.DoseLength;
import app.kehre.core.value.Lengths;

/** Chooses the exercises of a toning or core part: what was promised, balanced, compound first, standing before lying. */
final class Toner {

    /** What is left of a segment is worth a second round from so much on. Kehre's estimate. */
    private static final Duration WORTH_A_ROUND = Duration.ofMinutes(3);
    /** What each weighs, to be compared with each other only. Kehre's estimates. */
    private static final double PROMISED = 110;
    private static final double EVENS = 1.2;
    private static final double FRESH = 0.15;
    private static final double SAME_LEVEL = 30;
    private static final double SAME_POSITION = 10;
    private static final double SAME_KIT = 14;
    private static final double NEW_KIT = -25;
    private static final double FETCHED = -55;
    private static final double ON_END = -45;
    private static final double COMPOUND = 14;
    private static final double LATELY = -25;
    private static final double CAUTION = -35;
    private static final double LOOSE = -25;
    private static final double CHANCE = 24;
    /** What classes are built of comes before what is rare; where there is something to work against, it is used. */
    private static final double STAPLE = 45;
    private static final double RESISTED = 25;
    private static final double TRUNK = 60;
    /** In an aerobic part on chairs what is livelier comes first. */
    private static final double PER_MET = 25;
    /** What is made for older people and newcomers is too little for others. */
    private static final double GENTLE = -60;
    private static final int KINDS_OF_KIT = 2;
    /** Different exercises a minute of the main part that people come to know: 0.3 to 0.5. Teaching range (figures.md, "Good classes"). */
    private static final double A_MINUTE = 0.5;
    private static final int FEWEST = 3;

    private final ClassPlan plan;
    private final Pool pool;
    private final Set<String> lately;
    private final SplittableRandom random;
    private final MuscleBalance balance = new MuscleBalance();
    private final Set<String> used = new HashSet<>();
    private final Set<Equipment> kit = EnumSet.noneOf(Equipment.class);
    private final Map<String, String> why;

    Toner(ClassPlan plan, Pool pool, Set<String> lately, SplittableRandom random, Map<String, String> why) {
        this.plan = plan;
        this.pool = pool;
        this.lately = lately;
        this.random = random;
        this.why = why;
        plan.segments().forEach(segment -> segment.items()
                .forEach(item -> take(segment, item.exercise(), item.dose())));
    }

    /** Returns what a new exercise takes beside its dose in a segment, until the class is laid out. */
    static Duration between(ClassPlan plan, Segment segment) {
        return plan.pace().length(Quantity.NEW, segment.teaching(plan.brief()), segment.role());
    }

    /**
     * Returns exercises that fill a segment as far as they go, in order.
     *
     * @param between what each takes beside its dose
     * @param wanted which of them
     * @param dose how much of each
     */
    List<Exercise> fill(Segment segment, Duration between, Predicate<Exercise> wanted,
            Function<Exercise, Dose> dose) {
        return fill(segment, most(segment), between, wanted, dose);
    }

    /** The same of no more exercises than so many. */
    List<Exercise> fill(Segment segment, long most, Duration between, Predicate<Exercise> wanted,
            Function<Exercise, Dose> dose) {
        Duration left = segment.target();
        List<Exercise> chosen = new ArrayList<>();
        while (chosen.size() < most) {
            Optional<Exercise> next = next(segment, chosen, wanted);
            if (next.isEmpty()) {
                break;
            }
            Duration length = length(segment, next.get(), dose.apply(next.get())).plus(between);
            if (!chosen.isEmpty() && length.compareTo(left) > 0) {
                break;
            }
            left = left.minus(length);
            why.put(next.get().id(), reason(next.get()));
            take(segment, next.get(), dose.apply(next.get()));
            chosen.add(next.get());
        }
        return DraftOrder.of(chosen);
    }

    /** Returns how many different exercises people come to know in a segment. */
    static long most(Segment segment) {
        return Math.max(FEWEST, Math.round(A_MINUTE * segment.target().toSeconds() / 60));
    }

    /**
     * Returns the exercises, and the first of them a second time where nothing else is left to fill the segment: what people
     * have come to know comes back, and needs no explaining.
     */
    List<Exercise> roundAgain(Segment segment, List<Exercise> chosen, Function<Exercise, Dose> dose) {
        Duration between = between(plan, segment);
        Duration left = segment.target();
        for (Exercise each : chosen) {
            left = left.minus(length(segment, each, dose.apply(each))).minus(between);
        }
        List<Exercise> all = new ArrayList<>(chosen);
        boolean again = left.compareTo(WORTH_A_ROUND) >= 0;
        for (Exercise each : chosen) {
            Duration length = length(segment, each, dose.apply(each));
            again = again && length.compareTo(left) <= 0;
            if (again) {
                all.add(each);
                left = left.minus(length);
            }
        }
        return all;
    }

    private Duration length(Segment segment, Exercise exercise, Dose dose) {
        return DoseLength.of(dose, exercise, segment, plan);
    }

    private void take(Segment segment, Exercise exercise, Dose dose) {
        if (segment.role() == Role.TONING || segment.role() == Role.CORE) {
            balance.add(exercise, Lengths.seconds(length(segment, exercise, dose)));
            kit.addAll(exercise.equipment());
        }
        used.add(exercise.id());
    }

    private Optional<Exercise> next(Segment segment, List<Exercise> chosen, Predicate<Exercise> wanted) {
        return pool.of(segment.role()).stream()
                .filter(each -> !used.contains(each.id()) && works(each) && wanted.test(each))
                .map(each -> Map.entry(each, weight(segment, each, chosen) + random.nextDouble(CHANCE)))
                .max(Map.Entry.comparingByValue()).map(Map.Entry::getKey);
    }

    /** What only loosens or breathes is no toning, except where the class flows; nor is a row or a press of empty hands. */
    private boolean works(Exercise exercise) {
        return plan.brief().format() == Format.STRETCH_AND_TONE || exercise.pattern() != Pattern.MOBILITY
                && exercise.pattern() != Pattern.BREATHING && exercise.pattern() != Pattern.STRETCH
                && exercise.strengthens();
    }

    private double weight(Segment segment, Exercise exercise, List<Exercise> chosen) {
        double weight = EVENS * balance.evens(exercise) + owed(exercise);
        weight += exercise.main().stream().mapToDouble(muscle -> -FRESH * balance.of(muscle)).average()
                .orElse(0);
        weight += lately.contains(exercise.id()) ? LATELY : 0;
        weight += CAUTION * pool.cautions(exercise);
        weight += exercise.pattern() == Pattern.SINGLE_JOINT ? -COMPOUND : COMPOUND;
        weight += exercise.pattern() == Pattern.MOBILITY ? LOOSE : 0;
        weight += exercise.staple() ? STAPLE : 0;
        weight += segment.role() == Role.CORE && ofTheTrunk(exercise) ? TRUNK : 0;
        weight += segment.role() == Role.AEROBIC ? PER_MET * exercise.work().mets().value() : 0;
        weight += gentle() ? 0 : forTheGentle(exercise) ? GENTLE : 0;
        weight += exercise.work().resistance() == Resistance.HELD ? RESISTED : 0;
        weight += kitWeight(exercise);
        if (!chosen.isEmpty()) {
            Exercise before = chosen.getLast();
            weight += before.position().level() == exercise.position().level() ? SAME_LEVEL : 0;
            weight += before.position() == exercise.position() ? SAME_POSITION : 0;
            weight += before.main().stream().anyMatch(exercise.main()::contains) ? ON_END : 0;
        } else if (segment.role() == Role.TONING) {
            weight += exercise.position().level() == Position.Level.STANDING ? SAME_LEVEL : 0;
        }
        return weight;
    }

    /** Planks, curls, bridges, back extensions, all-fours: what a core part is of (figures.md, "Good classes"). */
    private static boolean ofTheTrunk(Exercise exercise) {
        boolean bridge = exercise.pattern() == Pattern.HINGE
                && exercise.position().level() == Position.Level.FLOOR;
        return bridge || exercise.family() == Family.BACK
                || exercise.family() == Family.TRUNK && exercise.position().level() == Position.Level.FLOOR;
    }

    private boolean gentle() {
        Format format = plan.brief().format();
        return plan.brief().group().older() || format == Format.CHAIR || format == Format.EXPECTING;
    }

    /** At the wall and on the chair: the easier ways for who is older or new. */
    private static boolean forTheGentle(Exercise exercise) {
        return exercise.family() == Family.CHAIR || exercise.family() == Family.STEADY
                || exercise.equipment().contains(Equipment.WALL)
                || exercise.equipment().contains(Equipment.CHAIR);
    }

    private double kitWeight(Exercise exercise) {
        Set<Equipment> needed = EnumSet.noneOf(Equipment.class);
        exercise.equipment().stream().filter(Setting::binds).forEach(needed::add);
        if (needed.isEmpty()) {
            return 0;
        }
        long known = kit.stream().filter(Setting::binds).count();
        boolean waits = needed.stream().anyMatch(each -> !kit.contains(each)
                && plan.brief().room().placeOf(each) == KitPlace.BY_THE_WALL);
        return (waits ? FETCHED : 0) + (kit.containsAll(needed)
                ? SAME_KIT
                : known >= KINDS_OF_KIT ? 2 * NEW_KIT : known > 0 ? NEW_KIT : 0);
    }

    private double owed(Exercise exercise) {
        double least = plan.thresholds().of(Threshold.PROMISED);
        return exercise.main().stream().filter(plan.brief().goal().areas()::contains)
                .mapToDouble(muscle -> PROMISED * Math.max(0.1, 1 - balance.of(muscle) / (1.5 * least))).max()
                .orElse(0);
    }

    private String reason(Exercise exercise) {
        List<String> words = new ArrayList<>();
        exercise.main().stream().filter(plan.brief().goal().areas()::contains).findFirst()
                .ifPresent(muscle -> words.add(muscle.words() + " promised"));
        balance.answers(exercise).ifPresent(words::add);
        if (words.isEmpty()) {
            words.add(exercise.main().isEmpty()
                    ? exercise.pattern().words()
                    : "for the " + exercise.main().getFirst().words());
        }
        return String.join(", ", words);
    }
}
