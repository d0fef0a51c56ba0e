package app.kehre.core.deriving;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.advice.Threshold;
import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Ledger;
import app.kehre.core.choosing.Belongs;
import app.kehre.core.dose.Amount;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Stage;
import app.kehre.core.edit.Addables;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.pace.Quantity;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Notes;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.DoseLength;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;

/** Derives the stretch of a class. */
final class StretchDeriver {

    /** Loads of fewer seconds, by share, need no stretch. Kehre's estimate. */
    private static final double LEAST_LOAD = 10;
    /** So many stretches are remembered until one is at home. Kehre's estimate. */
    private static final int HOME = 4;
    private static final int TICKS_IN_A_SECOND = 1;

    /** From standing to lying. */
    private static final Comparator<Item> DOWN = Comparator
            .comparing((Item item) -> item.position().level())
            .thenComparing(item -> item.position());
    /** From lying to sitting and standing. */
    private static final Comparator<Item> UP = Comparator
            .comparing((Item item) -> item.position().level()).reversed()
            .thenComparing(item -> item.position(), Comparator.reverseOrder());

    /** What people have at home. */
    private static final Set<Equipment> AT_HOME = EnumSet.of(Equipment.MAT, Equipment.CHAIR, Equipment.WALL,
            Equipment.TOWEL, Equipment.BARE_FEET);

    private final ClassPlan bare;
    private final Library library;
    private final Duration minutes;
    private final List<Muscle> loaded;
    private final double[] loads;
    /** How much each of them claims to be released: what must be, by its load, comes long before what merely took part. */
    private final double[] claims;
    private final Segment segment;
    private final List<Entry> kept;
    /** The quiet breathing on which the class ends, if it does: that is no stretch, and people wait for it. */
    private final List<Entry> closing;
    /** The areas that what stays releases, as bits. */
    private final int released;
    private final EntryId firstId;
    /** From the position in which the work ends: up from the floor, so that people stand at the end, else down to it. */
    private final Comparator<Item> way;

    /**
     * Prepares to derive the stretch of one class.
     *
     * @param stays which lines of a stretch that is there already stay
     */
    StretchDeriver(ClassPlan plan, Library library, Duration minutes, Predicate<Entry> stays) {
        this.library = library;
        this.minutes = minutes;
        ClassPlan with = withSegment(plan);
        segment = stretch(with).orElseThrow();
        firstId = with.nextEntryId();
        closing = segment.entries().reversed().stream().limit(1).filter(StretchDeriver::isBreathing).toList();
        kept = segment.entries().stream().filter(stays).filter(line -> !closing.contains(line)).toList();
        bare = with.with(segment.withEntries(Stream.concat(kept.stream(), closing.stream()).toList()));
        way = endsDown(bare) ? UP : DOWN;
        Ledger ledger = Assessment.of(bare, library).ledger();
        loaded = Arrays.stream(Muscle.values()).filter(muscle -> ledger.of(muscle).load() >= LEAST_LOAD)
                .sorted(Comparator.comparingDouble((Muscle muscle) -> ledger.of(muscle).load()).reversed())
                .limit(SetCover.AREAS).toList();
        loads = loaded.stream().mapToDouble(muscle -> ledger.of(muscle).load()).toArray();
        int from = bare.thresholds().of(Threshold.RELEASE_FROM);
        claims = Arrays.stream(loads).map(load -> load * Math.max(1, load / from)).toArray();
        released = items(kept).stream().mapToInt(item -> areas(item.exercise()))
                .reduce(0, (one, other) -> one | other);
    }

    private static boolean isBreathing(Entry line) {
        return line.item().filter(item -> item.exercise().pattern() == Pattern.BREATHING).isPresent();
    }

    /** Whether the last work before the stretch is on the floor. */
    private boolean endsDown(ClassPlan plan) {
        return plan.segments().stream().takeWhile(each -> !each.id().equals(segment.id()))
                .filter(each -> !each.leftOut()).flatMap(Segment::items).reduce((_, last) -> last)
                .filter(item -> item.position().level() == Position.Level.FLOOR).isPresent();
    }

    private static List<Item> items(List<Entry> entries) {
        return entries.stream().flatMap(line -> line.item().stream()).toList();
    }

    private static Optional<Segment> stretch(ClassPlan plan) {
        return plan.segments().stream().filter(each -> each.role() == Role.STRETCH && !each.leftOut())
                .reduce((_, last) -> last);
    }

    /** The stretch is the last one of the class, or a new one before the words at its end. */
    private static ClassPlan withSegment(ClassPlan plan) {
        if (stretch(plan).isPresent()) {
            return plan;
        }
        Optional<SegmentId> after = plan.segments().stream().filter(each -> each.role() != Role.TALK)
                .reduce((_, last) -> last).map(Segment::id);
        return Addables.addSegment(plan, after, Role.STRETCH);
    }

    Reading<StretchFromClass> derived() {
        List<Exercise> suitable = suitable();
        if (loaded.isEmpty()) {
            return Reading.refused("Nothing in the class is loaded enough to be stretched.");
        }
        Duration there = Timeline.of(bare).ofSegment(segment.id()).length();
        for (Duration time = minutes.minus(there); time.isPositive(); time = time.minusSeconds(5)) {
            ClassPlan with = with(chosen(suitable, time));
            if (Timeline.of(with).ofSegment(segment.id()).length().compareTo(minutes) <= 0) {
                return found(with, suitable);
            }
        }
        return Reading
                .refused("In %s there is no time for a single stretch.".formatted(Lengths.notation(minutes)));
    }

    private Reading<StretchFromClass> found(ClassPlan with, List<Exercise> suitable) {
        List<Item> items = items(with.segment(segment.id()).entries()).stream()
                .filter(item -> !closing.contains(item)).toList();
        Set<Muscle> let = EnumSet.noneOf(Muscle.class);
        items.forEach(item -> let.addAll(item.exercise().main()));
        double sum = Arrays.stream(loads).sum();
        double got = 0;
        Set<Exercise> home = new LinkedHashSet<>();
        List<String> without = new ArrayList<>();
        for (int i = 0; i < loads.length; i++) {
            Muscle muscle = loaded.get(i);
            got += let.contains(muscle) ? loads[i] : 0;
            if (!let.contains(muscle)) {
                atHome(muscle, suitable).ifPresentOrElse(home::add, () -> without.add(muscle.words()));
            }
        }
        List<Exercise> few = home.stream().limit(HOME).toList();
        return items.isEmpty()
                ? Reading.refused(
                        "In %s there is no time for a single stretch.".formatted(Lengths.notation(minutes)))
                : Reading.of(new StretchFromClass(noted(told(with, items), items, few), items,
                        few, without, Math.min(1, got / sum)));
    }

    /** Finds a stretch for home: of those that would do here, else one with what people have there. */
    private Optional<Exercise> atHome(Muscle muscle, List<Exercise> suitable) {
        return Stream.concat(suitable.stream(), library.all().stream().filter(this::isForHome))
                .filter(each -> each.main().contains(muscle)).findFirst();
    }

    private boolean isForHome(Exercise exercise) {
        return exercise.suits(Role.STRETCH) && exercise.usualDose() instanceof Hold hold
                && hold.kind() == Hold.Kind.STRETCH && AT_HOME.containsAll(exercise.equipment())
                && bare.brief().watched().stream().noneMatch(limit -> exercise.cautionFor(limit).isPresent());
    }

    private ClassPlan told(ClassPlan plan, List<Item> items) {
        ClassPlan told = plan;
        for (Item item : items.stream().filter(item -> !kept.contains(item)).toList()) {
            told = told.because(item, "releases " + item.exercise().main().stream().map(Muscle::words)
                    .collect(Collectors.joining(", ")));
        }
        return told;
    }

    /** The take-home list stands as the note of the last new stretch, so that the sheet prints it. */
    private ClassPlan noted(ClassPlan plan, List<Item> items, List<Exercise> home) {
        Optional<Item> last = items.stream().filter(item -> !kept.contains(item)).reduce((_, later) -> later);
        if (home.isEmpty() || last.isEmpty()) {
            return plan;
        }
        String words = "Take home: " + home.stream().map(StretchFromClass::bothSides)
                .collect(Collectors.joining(", "));
        return plan
                .with(last.get().withNote(words.substring(0, Math.min(words.length(), Notes.LONGEST))));
    }

    private List<Exercise> suitable() {
        Set<Limit> limits = bare.brief().watched();
        Set<Equipment> kit = EnumSet.noneOf(Equipment.class);
        bare.items().forEach(item -> kit.addAll(item.kit()));
        return library.all().stream()
                .filter(each -> each.suits(Role.STRETCH) && Belongs.in(bare.brief(), each))
                .filter(each -> each.usualDose() instanceof Hold hold && hold.kind() == Hold.Kind.STRETCH)
                .filter(each -> kit.containsAll(each.equipment()) || each.equipment().isEmpty())
                .filter(each -> limits.stream().noneMatch(limit -> each.cautionFor(limit).isPresent()))
                .filter(each -> each.main().stream().anyMatch(loaded::contains)).toList();
    }

    private List<Item> chosen(List<Exercise> suitable, Duration time) {
        Duration between = bare.pace().length(Quantity.STRETCH, segment.teaching(bare.brief()));
        List<SetCover.Piece> pieces = suitable.stream()
                .map(each -> new SetCover.Piece(areas(each) & ~released,
                        ticks(DoseLength.of(dose(each), each, segment, bare).plus(between))))
                .toList();
        EntryId id = firstId;
        List<Item> items = new ArrayList<>();
        for (int at : SetCover.best(pieces, claims, ticks(time))) {
            Exercise exercise = suitable.get(at);
            items.add(Item.of(id, exercise).withDose(dose(exercise)));
            id = id.next();
        }
        return items;
    }

    private int areas(Exercise exercise) {
        return exercise.main().stream().mapToInt(loaded::indexOf).filter(at -> at >= 0).map(at -> 1 << at)
                .reduce(0, (one, other) -> one | other);
    }

    private static int ticks(Duration length) {
        return Math.toIntExact(Math.ceilDiv(length.toMillis() * TICKS_IN_A_SECOND, 1000));
    }

    /** As long as the brief answers; by Kehre's own answer as usual, or longer where older people gain from it. */
    private Dose dose(Exercise exercise) {
        Hold usual = (Hold) exercise.usualDose();
        return usual.held().amount() instanceof Amount.OfTime(Duration length)
                ? new Hold(usual.sets(), new Stage.Held(held(length), usual.held().postures()), usual.kind(),
                        usual.rest(), usual.sides())
                : usual;
    }

    private Amount held(Duration usual) {
        Duration asked = Duration.ofSeconds(bare.brief().stretchHold());
        return switch (bare.brief().schools().hold()) {
            case ONE_EIGHT -> new Amount.OfCounts(Counts.EIGHT, false);
            case TEN_TO_FIFTEEN -> new Amount.OfTime(asked);
            case TWENTY_TO_THIRTY, THIRTY_TO_SIXTY ->
                new Amount.OfTime(usual.compareTo(asked) < 0 ? asked : usual);
        };
    }

    /** What is new among what stays, down to the floor or up from it once; what is no stretch stays before or after them. */
    private ClassPlan with(List<Item> items) {
        List<Item> all = new ArrayList<>(items(kept));
        items.stream().sorted(way.thenComparing(item -> -SetCover.load(areas(item.exercise()), loads)))
                .forEach(item -> all.add(place(all, item), item));
        long first = kept.stream().takeWhile(line -> line.item().isEmpty()).count();
        boolean none = items(kept).isEmpty();
        List<Entry> entries = new ArrayList<>(none ? List.of() : kept.subList(0, Math.toIntExact(first)));
        entries.addAll(all);
        kept.stream().skip(none ? 0 : first).filter(line -> line.item().isEmpty()).forEach(entries::add);
        entries.addAll(closing);
        return bare.with(segment.withEntries(entries));
    }

    /** Before the first that comes later on the way. */
    private int place(List<Item> all, Item item) {
        int at = 0;
        while (at < all.size() && way.compare(all.get(at), item) <= 0) {
            at++;
        }
        return at;
    }
}
