package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import app.kehre.core.choreography.DancedMove;
import app.kehre.core.dose.Sides;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Role;
import app.kehre.core.exercise.Style;
import app.kehre.core.kit.Load;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.timeline.Turn;
import app.kehre.core.value.Side;

/**
 * A span in which an exercise is done.
 *
 * @param span when
 * @param role of its segment
 * @param exercise what is done
 * @param item the line, as it is in its round; nothing for a move of a build-up
 * @param purpose what it is for
 * @param targets the muscle groups that the exercise is chosen for
 * @param shares how much each muscle group works, with what is held (figures.md, "Areas"), or in a stretch is released
 */
public record Use(Span span, Role role, Exercise exercise, Optional<Item> item, Purpose purpose,
        Set<Muscle> targets, Map<Muscle, Double> shares) {

    /** How much empty hands over steps work the shoulders: half a share against nothing. Kehre's estimate. */
    private static final double EMPTY_ARMS = 0.15;

    /** What an exercise does in a class. */
    public enum Purpose {
        /** Makes ready for more. */
        PREPARE,
        /** Works. */
        LOAD,
        /** Stretches, lets go. */
        RELEASE
    }

    /** Returns all uses of a class, in order. */
    public static List<Use> of(Timeline timeline) {
        Map<SegmentId, Segment> segments = new HashMap<>();
        timeline.plan().segments().forEach(segment -> segments.put(segment.id(), segment));
        Map<EntryId, Entry> entries = new HashMap<>();
        timeline.plan().lines().forEach(entry -> entries.put(entry.id(), entry));
        Areas areas = new Areas(new IdentityHashMap<>(), new HashMap<>());
        List<Use> uses = new ArrayList<>();
        for (Span span : timeline.spans()) {
            Segment segment = segments.get(span.segment());
            Entry entry = entries.get(span.entry());
            boolean works = span.phase() == Phase.WORK || span.phase() == Phase.HOLD;
            if (segment != null && entry != null && works) {
                use(span, segment.role(), entry, areas).ifPresent(uses::add);
            }
        }
        return uses;
    }

    private static Optional<Use> use(Span span, Role role, Entry entry, Areas areas) {
        return switch (entry) {
            case Item item -> {
                Item now = span.turn().of(item);
                yield Optional.of(of(span, role, now.exercise(), Optional.of(now), areas));
            }
            case BuildUp _ ->
                span.done().exercise().map(move -> of(span, role, move, Optional.empty(), areas));
            case Circuit _,Pause _,Screen _ -> Optional.empty();
        };
    }

    private static Use of(Span span, Role role, Exercise exercise, Optional<Item> item, Areas areas) {
        Purpose purpose = purpose(exercise, role);
        Map<Muscle, Double> shares = purpose == Purpose.LOAD
                ? areas.worked(exercise, item.map(Item::load).orElse(Load.NONE), arms(span, item))
                : exercise.work().muscles();
        return new Use(span, role, exercise, item, purpose, areas.targets(exercise), shares);
    }

    /** The areas of what is done again and again, worked out once. */
    private record Areas(Map<Exercise, Set<Muscle>> targets, Map<Done, Map<Muscle, Double>> worked) {

        private record Done(Exercise exercise, Load load, boolean arms) {}

        private Set<Muscle> targets(Exercise exercise) {
            return targets.computeIfAbsent(exercise, each -> {
                Set<Muscle> main = EnumSet.noneOf(Muscle.class);
                main.addAll(each.main());
                return main;
            });
        }

        private Map<Muscle, Double> worked(Exercise exercise, Load load, boolean arms) {
            return worked.computeIfAbsent(new Done(exercise, load, arms), done -> {
                Map<Muscle, Double> shares = done.exercise().work().worked(done.load());
                return done.arms() ? withArms(shares) : shares;
            });
        }

        private static Map<Muscle, Double> withArms(Map<Muscle, Double> shares) {
            Map<Muscle, Double> more = new EnumMap<>(Muscle.class);
            more.putAll(shares);
            more.merge(Muscle.FRONT_SHOULDER, EMPTY_ARMS, Math::max);
            return more;
        }
    }

    /** Whether the arms do something of their own: a layer of a dance, or arms over steps. */
    private static boolean arms(Span span, Optional<Item> item) {
        Set<Style> style = item.map(each -> each.delivery().style())
                .or(() -> span.done().move().map(DancedMove::style)).orElse(Set.of());
        return style.contains(Style.ARMS) || style.contains(Style.OVERHEAD)
                || span.done().move().filter(move -> !move.arms().isBlank()).isPresent();
    }

    /** Returns what it makes ready: arms over steps the shoulders too. */
    Set<Joint> prepares() {
        Set<Joint> joints = exercise.work().prepares();
        if (!arms(span, item) || joints.contains(Joint.SHOULDER)) {
            return joints;
        }
        Set<Joint> more = EnumSet.of(Joint.SHOULDER);
        more.addAll(joints);
        return more;
    }

    private static Purpose purpose(Exercise exercise, Role role) {
        boolean still = exercise.rests();
        if (role == Role.WARM_UP) {
            return Purpose.PREPARE;
        }
        return still
                ? Purpose.RELEASE
                : role == Role.COOL_DOWN || role == Role.STRETCH ? Purpose.PREPARE : Purpose.LOAD;
    }

    /** Returns how long it is, in seconds. */
    public double seconds() {
        return span.stretch().length().toNanos() / 1e9;
    }

    /** Returns the seconds of one side of the body: what is done on one side after the other counts once. */
    double secondsOfASide() {
        return seconds() * (of(Side.RIGHT) + of(Side.LEFT)) / 2;
    }

    /** Returns the seconds of a muscle: of one side of the body, but of what lies in the middle all. */
    double seconds(Muscle muscle) {
        return muscle.inTheMiddle() ? seconds() : secondsOfASide();
    }

    /** Returns how much of the work counts: that of the area that works most, 0 to 1. */
    double strength() {
        return shares.values().stream().mapToDouble(share -> share).max().orElse(0);
    }

    /**
     * A set as people count it: both sides of it, and all its rungs, are one.
     *
     * @param entry the line
     * @param round the round of its circuit
     * @param set the set of a side
     * @param interval the interval by the clock
     */
    record OneSet(EntryId entry, OptionalInt round, OptionalInt set, OptionalInt interval) {}

    /** Returns the set that it belongs to. */
    OneSet set() {
        Turn turn = span.turn();
        return new OneSet(entry(), turn.round(), turn.set(), turn.interval());
    }

    /** Returns the number of the line. */
    public EntryId entry() {
        return span.entry();
    }

    /** Returns whether it belongs to the main part: aerobic, toning, core. */
    public boolean main() {
        return role == Role.AEROBIC || role == Role.TONING || role == Role.CORE;
    }

    /** Returns the reps in it; 0 where none are counted. */
    public int reps() {
        return span.done().reps();
    }

    /** Returns the share of the work of a side, 0 to 1. */
    double of(Side side) {
        if (span.side() != Side.BOTH) {
            return span.side() == side ? 1 : 0;
        }
        boolean turns = item.map(each -> each.dose().sides() == Sides.ALTERNATING).orElse(false);
        return turns ? 0.5 : 1;
    }
}
