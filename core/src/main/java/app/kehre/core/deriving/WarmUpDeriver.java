package app.kehre.core.deriving;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

import app.kehre.core.brief.Format;
import app.kehre.core.brief.Room;
import app.kehre.core.brief.School;
import app.kehre.core.choosing.Belongs;
import app.kehre.core.choosing.GroupFit;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Interval;
import app.kehre.core.edit.Addables;
import app.kehre.core.edit.Moves;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.kit.Equipment;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Delivery;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.DoseLength;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;

/** Derives the warm-up of a class. */
final class WarmUpDeriver {

    /**
     * The most moves of a warm-up that is filled up: 4 to 8 big ones (figures.md, "Good classes") and four for single joints. More
     * would be a list, not a flow; only where more must be made ready there are more. Kehre's estimate.
     */
    private static final int MOST = 12;
    /** Joint work of less does not make ready. Teaching range, 20 to 40 s. */
    private static final Duration READY = Duration.ofSeconds(20);
    /** Who holds stretches first holds so many, of what comes, before other moves fill the rest. Kehre's estimate. */
    private static final int HELD = 3;
    private static final int HELD_FITS = 5;
    /** Nothing harder than this stands in a warm-up, in MET. Kehre's estimate. */
    private static final double HARDEST = 5.2;
    /** The same where no part of the class is for endurance: its hardest moment is not the warm-up's. Kehre's estimate. */
    private static final double HARDEST_BEFORE_TONING = 5.0;
    /** And nothing harder than this fills such a warm-up beyond what must be prepared. Kehre's estimate. */
    private static final double HARDEST_FILLING = 4.2;
    /** From so many MET on a move raises the pulse. Kehre's estimate. */
    static final double RAISES = 3.5;
    private static final Set<Format> CALM = EnumSet.of(Format.STRETCH_AND_TONE, Format.FLOOR, Format.CHAIR,
            Format.EXPECTING);
    /** Explaining lies over a warm-up's moves and costs nothing (craft.md 4). */
    private static final Explaining OVER = new Explaining(Explaining.Mode.OVER, Optional.empty());

    /** What carries a caution costs so many seconds more, since somebody does something else. Kehre's estimate. */
    private static final int CAUTION = 15;

    private final Library library;
    private final ClassPlan bare;
    private final Segment segment;
    /** Water, talk, and what is locked: they stay after the new moves. */
    private final List<Entry> kept;
    private final EntryId firstId;
    /** How long the warm-up may take, with what stays and without. */
    private final Duration whole;
    private final Duration minutes;
    private final WarmUpNeeds needs;
    private final School.WarmUp school;
    private final List<Exercise> suitable;
    /** The areas that the main part works. */
    private final Set<Muscle> worked;

    WarmUpDeriver(ClassPlan plan, Library library, Duration minutes, Predicate<Entry> stays) {
        this.library = library;
        ClassPlan with = withSegment(plan);
        segment = warmUp(with).orElseThrow();
        kept = segment.entries().stream().filter(stays).toList();
        bare = with.with(segment.withEntries(kept));
        firstId = with.nextEntryId();
        this.minutes = minutes.minus(Timeline.of(bare).ofSegment(segment.id()).length());
        this.whole = minutes;
        needs = WarmUpNeeds.of(bare, library);
        school = bare.brief().schools().warmUp();
        worked = bare.segments().stream().filter(each -> each.role().main() && !each.leftOut())
                .flatMap(Segment::lines).flatMap(line -> line.exercises().stream())
                .flatMap(each -> each.main().stream()).collect(Collectors.toSet());
        suitable = library.all().stream().filter(this::suits).toList();
    }

    private static Optional<Segment> warmUp(ClassPlan plan) {
        return plan.segments().stream().filter(each -> each.role() == Role.WARM_UP && !each.leftOut())
                .findFirst();
    }

    /** The warm-up is the first one of the class, or a new one after the welcome. */
    private static ClassPlan withSegment(ClassPlan plan) {
        if (warmUp(plan).isPresent()) {
            return plan;
        }
        boolean welcome = !plan.segments().isEmpty() && plan.segments().getFirst().role() == Role.TALK;
        ClassPlan added = Addables.addSegment(plan,
                welcome ? Optional.of(plan.segments().getFirst().id()) : Optional.empty(), Role.WARM_UP);
        SegmentId id = plan.nextSegmentId();
        return welcome ? added : Moves.moveSegment(added, id, -added.segments().size());
    }

    private boolean suits(Exercise exercise) {
        Room room = bare.brief().room();
        Set<Limit> limits = bare.brief().watched();
        Set<Equipment> kit = EnumSet.of(Equipment.WALL, Equipment.BARE_FEET);
        bare.entries().flatMap(line -> line.exercises().stream())
                .forEach(each -> kit.addAll(each.equipment()));
        boolean held = held(exercise);
        boolean suits = exercise.suits(Role.WARM_UP) || held && exercise.suits(Role.STRETCH);
        return suits && Belongs.in(bare.brief(), exercise) && !(exercise.usualDose() instanceof Interval)
                && exercise.position().level() == Position.Level.STANDING
                && exercise.work().mets().value() <= hardest(false) && exercise.impact() != Impact.HIGH
                && (!held || bare.brief().schools().firstStretch() == School.FirstStretch.HELD_FIRST)
                && exercise.equipment().stream().allMatch(each -> kit.contains(each) && room.has(each))
                && !exercise.canHurt(limits);
    }

    private static boolean held(Exercise exercise) {
        return WarmUpFlow.held(exercise);
    }

    private double hardest(boolean filling) {
        boolean endures = bare.segments().stream()
                .anyMatch(each -> each.role() == Role.AEROBIC && !each.leftOut());
        return endures ? HARDEST : filling ? HARDEST_FILLING : HARDEST_BEFORE_TONING;
    }

    Reading<WarmUpFromClass> derived() {
        List<Exercise> chosen = needed();
        if (school != School.WarmUp.RAMP) {
            fill(chosen);
        }
        if (chosen.isEmpty()) {
            return Reading.refused(
                    needs.joints().isEmpty()
                            ? "Nothing in the class is loaded enough to be prepared."
                            : "In %s nothing that suits this group can be prepared."
                                    .formatted(Lengths.notation(minutes)));
        }
        return Reading.of(found(chosen));
    }

    /** The shortest set that meets all needs, or in too little time the one that meets most. */
    private List<Exercise> needed() {
        List<SetCover.Piece> pieces = suitable.stream()
                .map(each -> new SetCover.Piece(needs.met(each), ticks(each))).toList();
        return new ArrayList<>(
                SetCover.best(pieces, needs.weights(), Math.toIntExact(Math.max(0, minutes.toSeconds())))
                        .stream()
                        .map(suitable::get).toList());
    }

    private int ticks(Exercise exercise) {
        Duration length = length(exercise, dose(exercise));
        return Math.toIntExact(Math.ceilDiv(length.toMillis(), 1000)) + CAUTION * cautions(exercise);
    }

    private int cautions(Exercise exercise) {
        return Math.toIntExact(bare.brief().watched().stream()
                .filter(limit -> exercise.cautionFor(limit).isPresent()).count());
    }

    /** What the school would do with the rest of the time, the most fitting first. */
    private void fill(List<Exercise> chosen) {
        long left = minutes.toSeconds() - chosen.stream().mapToLong(this::ticks).sum();
        List<Exercise> more = suitable.stream().filter(each -> !chosen.contains(each) && cautions(each) == 0
                && each.work().mets().value() <= hardest(true) && flows(each))
                .sorted(Comparator.comparingInt(this::fits).thenComparing(Exercise::everyday)
                        .thenComparing(this::atMost).reversed().thenComparing(Exercise::id))
                .toList();
        for (Exercise each : more) {
            boolean enough = held(each) && chosen.stream().filter(WarmUpDeriver::held).count() >= HELD
                    || chosen.stream().anyMatch(other -> WarmUpFlow.alike(each, other));
            if (fits(each) > 0 && !enough && hasRoom(chosen) && ticks(each) <= left) {
                chosen.add(each);
                left -= ticks(each);
            }
        }
    }

    /** Who warms up for a lively class moves on: to hold, or to feel for one's balance, fills no time, unless stretches are first. */
    private boolean flows(Exercise exercise) {
        boolean still = exercise.usualDose() instanceof Hold || exercise.pattern() == Pattern.BALANCE;
        return !lively() || held(exercise) || !still;
    }

    /** Whether there is room for one more: not so many yet, or so long to fill that these do not do at their most. */
    private boolean hasRoom(List<Exercise> chosen) {
        return chosen.size() < MOST || chosen.stream().map(this::atMost).reduce(Duration.ZERO, Duration::plus)
                .compareTo(minutes) < 0;
    }

    /** How long a move can be done: what can be done for longer makes a flow of fewer moves. */
    private Duration atMost(Exercise exercise) {
        return length(exercise, WarmUpFlow.small(exercise.dosing().most()));
    }

    /** How well a move fits the school: it rehearses what comes, raises the pulse, moves the joints, or is held first. */
    private int fits(Exercise exercise) {
        if (held(exercise)) {
            return exercise.main().stream().anyMatch(worked::contains) ? HELD_FITS : 0;
        }
        boolean raises = exercise.work().mets().value() >= RAISES;
        boolean comes = needs.patterns().contains(exercise.pattern());
        return switch (school) {
            case MOBILITY_FLOW -> exercise.pattern() == Pattern.MOBILITY ? 3 : raises ? 1 : 0;
            case GENERAL -> raises ? 3 : 0;
            case RAMP -> 0;
            case REHEARSAL -> (comes ? 2 : 0) + (raises ? 2 : 0);
        };
    }

    private WarmUpFromClass found(List<Exercise> chosen) {
        int met = chosen.stream().mapToInt(needs::met).reduce(0, (one, other) -> one | other);
        EntryId id = firstId;
        List<Entry> items = new ArrayList<>();
        for (Exercise each : WarmUpFlow.inOrder(chosen, lively(), this::ticks)) {
            items.add(Item.of(id, each).withDose(dose(each))
                    .withDelivery(Delivery.USUAL.withExplaining(OVER)));
            id = id.next();
        }
        items.addAll(kept);
        ClassPlan with = fitted(answered(bare.with(segment.withEntries(items))));
        List<Item> made = with.segment(segment.id()).lines().filter(line -> isNew(line.id()))
                .map(Item.class::cast).toList();
        for (Item item : made) {
            with = with.because(item, needs.why(item.exercise()));
        }
        return new WarmUpFromClass(with, made, needs.missing(met));
    }

    /** A class that moves from the first beat; a calm one, and an older group, begins by loosening. */
    private boolean lively() {
        return !CALM.contains(bare.brief().format()) && !bare.brief().group().older()
                && school != School.WarmUp.MOBILITY_FLOW;
    }

    private boolean isNew(EntryId line) {
        return line.compareTo(firstId) >= 0;
    }

    private Duration length(Exercise exercise, Dose dose) {
        return DoseLength.of(dose, exercise, segment, bare);
    }

    /** One set, and long enough to make a joint ready that needs it. */
    private Dose dose(Exercise exercise) {
        Dose usual = WarmUpFlow.small(exercise.usualDose());
        Duration length = length(exercise, usual);
        boolean joint = exercise.work().prepares().stream().anyMatch(needs.joints()::contains);
        if (WarmUpFlow.big(exercise)) {
            return WarmUpFlow.dose(exercise);
        }
        return WarmUpFlow.atLeast(usual, joint && length.compareTo(READY) < 0
                ? (double) READY.toMillis() / length.toMillis()
                : 1);
    }

    /** Whom a caution of the new moves concerns does something else meanwhile. */
    private ClassPlan answered(ClassPlan plan) {
        return GroupFit.apply(plan, GroupFit.of(plan, library).stream()
                .filter(each -> each instanceof GroupFit.Proposal.ForThem
                        && isNew(each.entry()))
                .toList());
    }

    private ClassPlan fitted(ClassPlan plan) {
        return school == School.WarmUp.RAMP
                ? plan
                : Fitting.best(plan, new Fitting.Asked(whole, Optional.of(segment.id())), kept::contains)
                        .map(Way::after).orElse(plan);
    }
}
