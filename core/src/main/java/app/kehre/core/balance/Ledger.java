package app.kehre.core.balance;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Screen;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Named;
import app.kehre.core.value.Side;
import app.kehre.core.value.Term;

/**
 * What is prepared, loaded and released in a class: by muscle group and by joint.
 *
 * @param muscles by group
 * @param joints by joint
 * @param sums of what is set against each other
 */
public record Ledger(Map<Muscle, Row> muscles, Map<Joint, Row> joints, Map<Pole, Double> sums) {

    /** The share of a standing leg that is held still (figures.md, "Areas"). */
    private static final double STANDING = 0.5;
    /** From this share on a set counts as one of the muscle group. */
    private static final double A_SET = 0.5;
    private static final Set<Muscle> STANDING_LEG = Set.of(Muscle.BUTTOCKS, Muscle.OUTER_HIP,
            Muscle.FRONT_THIGH,
            Muscle.CALF);

    /**
     * What is done to an area.
     *
     * @param prepare seconds, by share
     * @param load seconds of a side, by share: what is done on one side after the other counts once
     * @param release seconds, by share
     * @param reps in the load, by share
     * @param sets in the load
     * @param right seconds of load on the right, by share
     * @param left seconds of load on the left, by share
     */
    public record Row(double prepare, double load, double release, double reps, int sets, double right,
            double left) {

        static final Row NOTHING = new Row(0, 0, 0, 0, 0, 0, 0);

        private Row plus(Use use, Muscle muscle, double share, boolean another) {
            double seconds = use.seconds(muscle) * share;
            double each = use.seconds() * share;
            return switch (use.purpose()) {
                case PREPARE -> new Row(prepare + seconds, load, release, reps, sets, right, left);
                case RELEASE -> new Row(prepare, load, release + seconds, reps, sets, right, left);
                case LOAD -> new Row(prepare, load + seconds, release,
                        reps + use.reps() * share * use.seconds(muscle) / use.seconds(),
                        sets + (another ? 1 : 0), right + each * use.of(Side.RIGHT),
                        left + each * use.of(Side.LEFT));
            };
        }

        private Row standing(double seconds, Side leg) {
            return new Row(prepare, load + seconds / 2, release, reps, sets,
                    right + (leg == Side.RIGHT ? seconds : 0), left + (leg == Side.LEFT ? seconds : 0));
        }

        private Row prepared(double seconds) {
            return new Row(prepare + seconds, load, release, reps, sets, right, left);
        }

        private Row loaded(double seconds) {
            return new Row(prepare, load + seconds, release, reps, sets, right, left);
        }

        private Row released(double seconds) {
            return new Row(prepare, load, release + seconds, reps, sets, right, left);
        }
    }

    /** Things that are set against each other: seconds of load. */
    public enum Pole implements Named {
        /** Pushing. */
        PUSH("push", "push"),
        /** Pulling. */
        PULL("pull", "pull"),
        /** Front of the thigh. */
        FRONT_OF_THIGH("front-of-thigh", "front of the thigh"),
        /** Back of the thigh. */
        BACK_OF_THIGH("back-of-thigh", "back of the thigh"),
        /** Front of the trunk. */
        FRONT_OF_TRUNK("front-of-trunk", "front of the trunk"),
        /** Back of the trunk. */
        BACK_OF_TRUNK("back-of-trunk", "back of the trunk");

        private final Term term;

        Pole(String key, String words) {
            this.term = new Term(key, words);
        }

        @Override
        public Term term() {
            return term;
        }
    }

    /**
     * Two things set against each other.
     *
     * @param one the first
     * @param other the second
     * @param first seconds of load of the first
     * @param second seconds of load of the second
     */
    public record Ratio(Pole one, Pole other, double first, double second) {

        /** Returns the lesser part of the greater, 0 to 1; 1 where there is nothing of either. */
        public double evenness() {
            double most = Math.max(first, second);
            return most == 0 ? 1 : Math.min(first, second) / most;
        }

        /** Returns the one of which there is less. */
        public Pole lesser() {
            return first < second ? one : other;
        }

        /** Returns the one of which there is more. */
        public Pole greater() {
            return first < second ? other : one;
        }
    }

    /** Keeps the ledger of a class. */
    static Ledger of(Timeline timeline) {
        return of(timeline, Use.of(timeline));
    }

    /** Keeps the ledger of a class whose uses are known. */
    static Ledger of(Timeline timeline, List<Use> uses) {
        Ledger ledger = of(uses);
        Set<EntryId> screens = timeline.plan().lines().filter(Screen.class::isInstance).map(Entry::id)
                .collect(Collectors.toSet());
        if (screens.isEmpty()) {
            return ledger;
        }
        Map<Muscle, Row> muscles = new EnumMap<>(ledger.muscles());
        Map<Joint, Row> joints = new EnumMap<>(ledger.joints());
        timeline.spans().stream()
                .filter(span -> (span.phase() == Phase.HOLD || span.phase() == Phase.WORK)
                        && screens.contains(span.entry()))
                .forEach(span -> addScreen(span, muscles, joints));
        return new Ledger(muscles, joints, ledger.sums());
    }

    /** A screen is a stand on one leg: its muscles hold still, its ankle bears all the weight. */
    private static void addScreen(Span span, Map<Muscle, Row> muscles, Map<Joint, Row> joints) {
        double seconds = Lengths.seconds(span.stretch().length());
        STANDING_LEG.forEach(muscle -> muscles.computeIfPresent(muscle,
                (_, row) -> row.standing(seconds * STANDING, span.side())));
        joints.computeIfPresent(Joint.ANKLE, (_, row) -> row.loaded(seconds));
    }

    private static Ledger of(List<Use> uses) {
        Map<Muscle, Row> muscles = new EnumMap<>(Muscle.class);
        Arrays.stream(Muscle.values()).forEach(muscle -> muscles.put(muscle, Row.NOTHING));
        Map<Joint, Row> joints = new EnumMap<>(Joint.class);
        Arrays.stream(Joint.values()).forEach(joint -> joints.put(joint, Row.NOTHING));
        Map<Pole, Double> sums = new EnumMap<>(Pole.class);
        Arrays.stream(Pole.values()).forEach(pole -> sums.put(pole, 0.0));
        Map<Muscle, Set<Use.OneSet>> counted = new EnumMap<>(Muscle.class);
        for (Use use : uses) {
            use.shares().forEach((muscle, share) -> {
                boolean another = share >= A_SET
                        && counted.computeIfAbsent(muscle, _ -> new HashSet<>()).add(use.set());
                muscles.computeIfPresent(muscle, (_, row) -> row.plus(use, muscle, share, another));
            });
            addStanding(use, muscles);
            addJoints(use, joints);
            addPoles(use, sums);
        }
        return new Ledger(muscles, joints, sums);
    }

    private static void addStanding(Use use, Map<Muscle, Row> muscles) {
        if (use.purpose() == Use.Purpose.LOAD && standsOnTheOther(use)) {
            Side leg = use.span().side().other();
            STANDING_LEG.forEach(muscle -> muscles.computeIfPresent(muscle,
                    (_, row) -> row.standing(use.seconds() * STANDING, leg)));
        }
    }

    /** Whether one leg works in the air while the other one bears the weight. */
    static boolean standsOnTheOther(Use use) {
        Exercise exercise = use.exercise();
        return use.span().side() != Side.BOTH && exercise.position() == Position.STANDING
                && (exercise.pattern() == Pattern.SINGLE_JOINT || exercise.pattern() == Pattern.BALANCE)
                && use.targets().stream().anyMatch(muscle -> muscle.compareTo(Muscle.HIP_FLEXORS) >= 0);
    }

    private static void addJoints(Use use, Map<Joint, Row> joints) {
        double seconds = use.seconds();
        switch (use.purpose()) {
            case PREPARE -> use.prepares()
                    .forEach(joint -> joints.computeIfPresent(joint, (_, row) -> row.prepared(seconds)));
            case LOAD -> {
                use.prepares()
                        .forEach(joint -> joints.computeIfPresent(joint, (_, row) -> row.prepared(seconds)));
                use.exercise().work().loads()
                        .forEach(joint -> joints.computeIfPresent(joint, (_, row) -> row.loaded(seconds)));
            }
            case RELEASE -> {
                use.prepares()
                        .forEach(joint -> joints.computeIfPresent(joint, (_, row) -> row.released(seconds)));
                use.exercise().work().loads()
                        .forEach(joint -> joints.computeIfPresent(joint, (_, row) -> row.released(seconds)));
            }
        }
    }

    private static void addPoles(Use use, Map<Pole, Double> sums) {
        if (use.purpose() != Use.Purpose.LOAD) {
            return;
        }
        Exercise exercise = use.exercise();
        if (exercise.pattern() == Pattern.PUSH) {
            sums.merge(Pole.PUSH, use.secondsOfASide() * use.strength(), Double::sum);
        } else if (exercise.pattern() == Pattern.PULL) {
            sums.merge(Pole.PULL, use.secondsOfASide() * use.strength(), Double::sum);
        }
        add(use, sums, Pole.FRONT_OF_THIGH, Muscle.FRONT_THIGH);
        add(use, sums, Pole.BACK_OF_THIGH, Muscle.BACK_THIGH);
        add(use, sums, Pole.FRONT_OF_TRUNK, Muscle.FRONT_TRUNK);
        add(use, sums, Pole.BACK_OF_TRUNK, Muscle.LOWER_BACK);
    }

    private static void add(Use use, Map<Pole, Double> sums, Pole pole, Muscle muscle) {
        double share = use.shares().getOrDefault(muscle, 0.0);
        if (share > 0 && use.role() != app.kehre.core.exercise.Role.AEROBIC) {
            sums.merge(pole, share * use.seconds(muscle), Double::sum);
        }
    }

    /** Returns what is set against each other. */
    public List<Ratio> ratios() {
        return List.of(ratio(Pole.PUSH, Pole.PULL), ratio(Pole.FRONT_OF_THIGH, Pole.BACK_OF_THIGH),
                ratio(Pole.FRONT_OF_TRUNK, Pole.BACK_OF_TRUNK));
    }

    private Ratio ratio(Pole one, Pole other) {
        return new Ratio(one, other, sums.getOrDefault(one, 0.0), sums.getOrDefault(other, 0.0));
    }

    /** Returns the row of a muscle group. */
    public Row of(Muscle muscle) {
        return muscles.getOrDefault(muscle, Row.NOTHING);
    }

    /** Returns the row of a joint. */
    public Row of(Joint joint) {
        return joints.getOrDefault(joint, Row.NOTHING);
    }
}
