package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.dose.Sides;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Role;
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
 */
public record Use(Span span, Role role, Exercise exercise, Optional<Item> item, Purpose purpose,
        Set<Muscle> targets) {

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
        Map<Exercise, Set<Muscle>> targets = new IdentityHashMap<>();
        List<Use> uses = new ArrayList<>();
        for (Span span : timeline.spans()) {
            Segment segment = segments.get(span.segment());
            Entry entry = entries.get(span.entry());
            boolean works = span.phase() == Phase.WORK || span.phase() == Phase.HOLD;
            if (segment != null && entry != null && works) {
                use(span, segment.role(), entry, targets).ifPresent(uses::add);
            }
        }
        return uses;
    }

    private static Optional<Use> use(Span span, Role role, Entry entry,
            Map<Exercise, Set<Muscle>> targets) {
        return switch (entry) {
            case Item item -> {
                Item now = span.turn().of(item);
                yield Optional.of(of(span, role, now.exercise(), Optional.of(now), targets));
            }
            case BuildUp _ ->
                span.done().exercise().map(move -> of(span, role, move, Optional.empty(), targets));
            case Circuit _,Pause _,Screen _ -> Optional.empty();
        };
    }

    private static Use of(Span span, Role role, Exercise exercise, Optional<Item> item,
            Map<Exercise, Set<Muscle>> targets) {
        return new Use(span, role, exercise, item, purpose(exercise, role),
                targets.computeIfAbsent(exercise, each -> {
                    Set<Muscle> main = EnumSet.noneOf(Muscle.class);
                    main.addAll(each.main());
                    return main;
                }));
    }

    private static Purpose purpose(Exercise exercise, Role role) {
        boolean still = exercise.family() == Family.STRETCH || exercise.family() == Family.BREATHING;
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
