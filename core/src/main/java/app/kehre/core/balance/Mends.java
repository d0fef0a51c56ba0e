package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;

import app.kehre.core.choosing.Suggestion;
import app.kehre.core.choosing.Suggestions;
import app.kehre.core.choosing.Swaps;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.DoseScale;
import app.kehre.core.dose.UsualMost;
import app.kehre.core.edit.Addables;
import app.kehre.core.edit.Moves;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.proposal.Way;

/** Local edits that mend what is found. Each is tried: what changes nothing is not offered. */
final class Mends {

    private static final int SHOWN = 4;
    /** More exercises than this make no mend but a plan of their own. Kehre's estimate. */
    private static final int MOST_ADDED = 6;
    private static final double[] SHORTER = {0.9, 0.8, 0.75, 0.66, 0.5, 0.33};
    private static final double[] LONGER = {1.1, 1.25, 1.5, 2, 2.5, 3};

    private Mends() {}

    /** No way is known that is one edit. */
    static Supplier<List<Way>> none() {
        return List::of;
    }

    /**
     * An item with its dose scaled, and with it the stations that the same clock calls; nothing where that would be more of one
     * than is usual: nobody does 75 reps for the balance.
     */
    static Optional<Way> scaled(ClassPlan plan, Item item, double factor) {
        Optional<Circuit> circuit = plan.circuitOf(item.id());
        List<Item> alike = circuit.map(found -> found.calledWith(item)).orElse(List.of(item));
        String name = alike.size() > 1 ? circuit.map(Circuit::name).orElse("") : item.name();
        return DoseScale.of(item.dose(), factor)
                .filter(dose -> factor <= 1 || alike.stream()
                        .noneMatch(each -> UsualMost.isTooMuch(dose, each.exercise().dosing().most())))
                .map(dose -> Way.of("%s: %s".formatted(name, DoseNotation.print(dose)),
                        dosed(plan, alike, dose)));
    }

    private static ClassPlan dosed(ClassPlan plan, List<Item> items, Dose dose) {
        ClassPlan changed = plan;
        for (Item item : items) {
            changed = changed.with(item.withDose(dose.withSides(item.dose().sides())));
        }
        return changed;
    }

    /** The smallest shortening of each of some items that is enough, else the greatest. */
    static List<Way> shorter(ClassPlan plan, List<Item> items, Predicate<ClassPlan> enough) {
        return scaled(plan, items, SHORTER, enough);
    }

    /** The smallest lengthening of each of some items that is enough, else the greatest. */
    static List<Way> longer(ClassPlan plan, List<Item> items, Predicate<ClassPlan> enough) {
        return scaled(plan, items, LONGER, enough);
    }

    private static List<Way> scaled(ClassPlan plan, List<Item> items, double[] factors,
            Predicate<ClassPlan> enough) {
        List<Way> whole = new ArrayList<>();
        List<Way> part = new ArrayList<>();
        for (Item item : items) {
            Optional<Way> last = Optional.empty();
            boolean found = false;
            for (double factor : factors) {
                Optional<Way> next = scaled(plan, item, factor);
                last = next.isPresent() ? next : last;
                if (next.isPresent() && enough.test(next.get().after())) {
                    whole.add(next.get());
                    found = true;
                    break;
                }
            }
            if (!found) {
                last.ifPresent(part::add);
            }
        }
        return first(Stream.concat(whole.stream(), part.stream()));
    }

    /** The first few: to move a line down and the next one up is the same. */
    static List<Way> first(Stream<Way> mends) {
        return mends.filter(Way.different()).limit(SHOWN).toList();
    }

    /** Exercises that suit the place and hold something, added at its end. */
    static List<Way> add(ClassUnderCheck judged, Segment segment, Predicate<Exercise> wanted) {
        ClassPlan plan = judged.plan();
        return first(Suggestions.of(plan, judged.library(), segment.id(), Optional.empty(), "").stream()
                .map(Suggestion::exercise).filter(wanted.and(isNewTo(segment))).sorted(whereItEnds(segment))
                .map(exercise -> Way.of("Add %s to %s".formatted(exercise.name(), segment.name()),
                        inserted(plan, segment, exercise))));
    }

    /**
     * Exercises that suit the place, added at its end until it is enough: as much of one as is usual, else as much as makes sense,
     * else another with it. The fewest come first, and the same ones in another order are not said again.
     */
    static List<Way> addUntil(ClassUnderCheck judged, Segment segment, Predicate<Exercise> wanted,
            Predicate<ClassPlan> enough) {
        ClassPlan plan = judged.plan();
        List<Exercise> found = Suggestions.of(plan, judged.library(), segment.id(), Optional.empty(), "")
                .stream()
                .map(Suggestion::exercise).filter(wanted.and(isNewTo(segment))).sorted(whereItEnds(segment))
                .limit(MOST_ADDED).toList();
        List<ClassPlan> ways = found.stream()
                .map(exercise -> addedUntil(plan, segment, exercise, found, enough))
                .sorted(Comparator.comparing(after -> added(plan, after).size())).toList();
        int few = ways.stream().findFirst().map(after -> added(plan, after).size() + 1).orElse(0);
        Set<Set<String>> said = new HashSet<>();
        return ways.stream().filter(after -> added(plan, after).size() <= few)
                .filter(after -> said.add(Set.copyOf(added(plan, after)))).limit(SHOWN)
                .map(after -> Way.of(
                        "Add %s to %s".formatted(String.join(" + ", added(plan, after)), segment.name()),
                        after))
                .toList();
    }

    /** The same once more, right behind itself, is a greater dose and no other exercise. */
    private static Predicate<Exercise> isNewTo(Segment segment) {
        return exercise -> segment.items().noneMatch(item -> item.exercise().id().equals(exercise.id()));
    }

    /** Who stands does not lie down for one exercise, nor get up for one: what is done where the part ends comes first. */
    private static Comparator<Exercise> whereItEnds(Segment segment) {
        Optional<Position.Level> level = segment.items().reduce((_, last) -> last)
                .map(item -> item.position().level());
        return Comparator
                .comparing(exercise -> level.filter(each -> each != exercise.position().level()).isPresent());
    }

    /** The names of the lines that a class has more. */
    private static List<String> added(ClassPlan before, ClassPlan after) {
        return after.lines().filter(line -> before.find(line.id()).isEmpty()).map(Entry::name).toList();
    }

    private static ClassPlan addedUntil(ClassPlan plan, Segment segment, Exercise exercise,
            List<Exercise> others,
            Predicate<ClassPlan> enough) {
        ClassPlan usual = inserted(plan, segment, exercise);
        if (enough.test(usual)) {
            return usual;
        }
        Item most = Item.of(plan.nextEntryId(), exercise).withDose(exercise.dosing().most());
        ClassPlan more = plan.add(segment.id(), segment.entries().size(), most);
        for (Exercise other : others) {
            if (enough.test(more)) {
                break;
            }
            if (!other.equals(exercise)) {
                more = inserted(more, more.segment(segment.id()), other);
            }
        }
        return more;
    }

    /** A new segment after another, or at the end, with the exercise that suits it best in it. */
    static Way segment(ClassUnderCheck judged, Optional<SegmentId> after, Role role) {
        return segment(judged, after, role, _ -> true);
    }

    /** A new segment after another, or at the end, with the exercises that suit it best, until it is enough. */
    static Way segment(ClassUnderCheck judged, Optional<SegmentId> after, Role role,
            Predicate<ClassPlan> enough) {
        ClassPlan plan = Addables.addSegment(judged.plan(), after, role);
        SegmentId id = judged.plan().nextSegmentId();
        for (int more = 0; more == 0 || more < MOST_ADDED && !enough.test(plan); more++) {
            ClassPlan now = plan;
            plan = Suggestions.of(now, judged.library(), id, last(now, id), "").stream().findFirst()
                    .map(best -> inserted(now, now.segment(id), best.exercise())).orElse(now);
        }
        return Way.of("Add a " + role.words(), plan);
    }

    private static Optional<EntryId> last(ClassPlan plan, SegmentId id) {
        return plan.segment(id).entries().stream().reduce((_, later) -> later).map(Entry::id);
    }

    private static ClassPlan inserted(ClassPlan plan, Segment segment, Exercise exercise) {
        return plan.add(segment.id(), segment.entries().size(), Item.of(plan.nextEntryId(), exercise));
    }

    /** An item replaced by another exercise that holds something, its usual dose with it. */
    static List<Way> replace(ClassUnderCheck judged, Item item, Predicate<Exercise> wanted) {
        ClassPlan plan = judged.plan();
        return first(Swaps.of(plan, judged.library(), item.id()).stream()
                .filter(swap -> wanted.test(swap.exercise()))
                .map(swap -> Way.of("%s for %s".formatted(swap.exercise().name(), item.name()),
                        swap.apply(plan))));
    }

    /** A line moved by one place, where that is allowed and better. */
    static List<Way> nudged(ClassUnderCheck judged, Stream<? extends Entry> lines,
            Predicate<ClassPlan> better) {
        ClassPlan plan = judged.plan();
        return first(lines.flatMap(line -> Stream.of(-1, 1).map(by -> {
            ClassPlan moved = Moves.nudge(plan, line.id(), by);
            return Way.of("%s one place %s".formatted(line.name(), by < 0 ? "up" : "down"), moved);
        })).filter(mend -> !mend.after().equals(plan) && better.test(mend.after())));
    }

    /** Parts put into the order that takes the least changing over, where that is better. */
    static List<Way> regrouped(ClassUnderCheck judged, Predicate<ClassPlan> better) {
        return first(judged.regroupings().stream()
                .filter(regrouped -> better.test(regrouped.plan()))
                .map(regrouped -> Way.of("Regroup " + regrouped.segment().name(), regrouped.plan())));
    }

    /** A line left out. */
    static Way remove(ClassPlan plan, Entry line) {
        return Way.of("Leave out " + line.name(), plan.remove(line.id()));
    }

    /** Items of a segment, the longest first. */
    static List<Item> longest(ClassUnderCheck judged, Stream<Item> items) {
        return items.sorted(Comparator.comparing((Item item) -> judged.timeline().lengthOf(item)).reversed())
                .toList();
    }

    /** Words that begin a sentence. */
    static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
