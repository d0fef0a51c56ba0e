package app.kehre.core.drafting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.balance.Assessment;
import app.kehre.core.brief.Brief;
import app.kehre.core.deriving.StretchFromClass;
import app.kehre.core.deriving.WarmUpFromClass;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.proposal.Change;
import app.kehre.core.proposal.Differences;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;

/**
 * A class for another slot: what is in it, cut to the shorter time or stretched out to the longer one. Warm-up and stretch
 * keep the share that the figures ask for, the main part takes the rest in the proportions that it has.
 */
public final class Recutting {

    /** A main part of less than this is left out rather than cut further. Kehre's estimate. */
    private static final Duration LEAST_PART = Duration.ofMinutes(4);
    private static final int CYCLES = 4;
    private static final Duration NEAR = Duration.ofSeconds(15);
    /** What a warm-up or a stretch of the instructor's own may have against it and still be kept. Kehre's estimate. */
    private static final double OWN = 50;

    private final ClassPlan before;
    private final ClassPlan start;
    private final Library library;
    /** How long warm-up and cool-down have to be depends on the slot. */
    private static final Set<CheckKey> EDGES = EnumSet.of(CheckKey.SHORT_WARM_UP, CheckKey.SHORT_COOL_DOWN);

    /** What was found before and is no matter of the slot: it stays the instructor's. */
    private final List<Finding> found;
    private final Fixed kept;
    private final Drafting drafting;
    private final Proportions proportions;
    private final PartCutting parts;

    private Recutting(ClassPlan plan, Library library, Duration slot) {
        this.before = plan;
        this.start = plan.with(plan.brief().withSlot(slot));
        this.library = library;
        this.found = Assessment.of(plan, library).findings().stream()
                .filter(each -> !EDGES.contains(each.key())).toList();
        this.kept = Fixed.lockedOf(plan, found);
        this.proportions = new Proportions(plan, start);
        this.drafting = new Drafting(start, Set.of(), library, List.of(), 1);
        this.parts = new PartCutting(proportions, kept, drafting, this::missedAndNear);
    }

    /**
     * Cuts or stretches out a class.
     *
     * @param slot the new slot, whole minutes from 2 to 180
     */
    public static Reading<Draft> of(ClassPlan plan, Library library, Duration slot) {
        return new Recutting(plan, library, slot).recut();
    }

    /**
     * Proposes the class for another slot.
     *
     * @param slot the new slot; refused if it is not whole minutes, or none that a class may have
     */
    public static Proposal propose(ClassPlan plan, Library library, Duration slot) {
        Duration whole = Duration.ofMinutes(slot.toMinutes());
        Optional<String> wrong = Brief.SLOT_MINUTES.problem(whole.toMinutes());
        if (wrong.isPresent() || !whole.equals(slot)) {
            return new Proposal.Refused(
                    wrong.orElseGet(() -> "A slot is whole minutes, such as %d min, not %s."
                            .formatted(whole.toMinutes(), Lengths.clock(slot))));
        }
        return Proposal.of(of(plan, library, whole).map(draft -> way(plan, draft.plan())));
    }

    private static Way way(ClassPlan before, ClassPlan after) {
        Duration slot = after.brief().slot();
        List<Change> changes = new ArrayList<>();
        changes.add(new Change(Optional.empty(),
                "The slot: %d min instead of %d min".formatted(slot.toMinutes(),
                        before.brief().slot().toMinutes()),
                List.of(), Change.Kind.WHOLE,
                plan -> plan.with(plan.brief().withSlot(slot))));
        changes.addAll(Differences.ofSegments(before, after));
        return new Way("recut to %d min".formatted(slot.toMinutes()), changes, List.of(), after);
    }

    private Reading<Draft> recut() {
        Optional<String> reason = nothing().or(() -> Refusals.ofSlot(start)).or(this::tooMuchLocked);
        if (reason.isPresent()) {
            return Reading.refused(reason.get());
        }
        ClassPlan plan = proportions.scaled(withoutSmallParts(start));
        for (Segment segment : plan.segments()) {
            plan = segment.role().main() && !segment.leftOut() ? parts.brought(plan, segment.id()) : plan;
        }
        plan = ended(plan, Role.STRETCH);
        plan = ended(plan, Role.WARM_UP);
        ClassPlan done = drafting.told(restored(settled(plan)));
        return Reading.of(new Draft(done, Assessment.of(done, library)));
    }

    /** What the cut brought is mended, and the class fitted, in turn; a class that stays wrong so is filled up or loses lines. */
    private ClassPlan settled(ClassPlan plan) {
        Repairing repairing = new Repairing(drafting.toolbox().with(knownToTheGroup()), kept);
        ClassPlan best = fitted(plan, _ -> false).orElse(plan);
        ClassPlan now = best;
        for (int cycle = 0; cycle < CYCLES && isWrong(best); cycle++) {
            ClassPlan mended = repairing.mended(now).timeline().plan();
            now = Stream.of(fitted(mended, this::isNew), fitted(mended, _ -> false)).flatMap(Optional::stream)
                    .min(Comparator.comparingDouble(this::missed)).orElse(mended);
            best = better(now, best);
        }
        return isWrong(best)
                ? better(
                        new SlotAndMend(kept, drafting.toolbox()).settled(best).timeline()
                                .plan(),
                        best)
                : best;
    }

    /** What was left out and came back is the instructor's own line again, in its new dose, where that does no harm. */
    private ClassPlan restored(ClassPlan plan) {
        ClassPlan now = plan;
        for (Segment segment : plan.segments()) {
            for (Entry line : segment.entries()) {
                ClassPlan all = now;
                Optional<ClassPlan> own = own(all, segment.id(), line)
                        .map(each -> exchanged(all, segment.id(), line, each))
                        .filter(each -> fits(each) && missed(each) <= missed(all));
                now = own.orElse(now);
            }
        }
        return now;
    }

    private static ClassPlan exchanged(ClassPlan plan, SegmentId id, Entry line, Entry own) {
        Segment segment = plan.segment(id);
        return plan.with(segment.withEntries(
                segment.entries().stream().map(each -> each.id().equals(line.id()) ? own : each).toList()));
    }

    private Optional<Entry> own(ClassPlan plan, SegmentId segment, Entry line) {
        return line instanceof Item item && isNew(item)
                ? before.findSegment(segment).stream().flatMap(each -> each.entries().stream())
                        .filter(each -> each instanceof Item own && plan.find(own.id()).isEmpty()
                                && own.exercise().equals(item.exercise()))
                        .findFirst().map(own -> ((Item) own).withDose(item.dose()))
                : Optional.empty();
    }

    /** What the class trains already, and what trains nothing: toning that was not there is no mend of a cut. */
    private Library knownToTheGroup() {
        Set<String> known = before.items().map(item -> item.exercise().id()).collect(Collectors.toSet());
        return Library.of(library.all().stream().filter(each -> known.contains(each.id())
                || !each.suits(Role.TONING) && !each.suits(Role.CORE)).toList());
    }

    private boolean isWrong(ClassPlan plan) {
        return missed(plan) >= Repairing.FIX || !fits(plan);
    }

    private ClassPlan better(ClassPlan one, ClassPlan other) {
        boolean so = fits(one) == fits(other) ? missed(one) < missed(other) : fits(one);
        return so ? one : other;
    }

    private static boolean fits(ClassPlan plan) {
        Duration under = SlotAndMend.room(plan).minus(Timeline.of(plan).total());
        return !under.isNegative() && under.compareTo(NEAR) <= 0;
    }

    private static Optional<ClassPlan> fitted(ClassPlan plan, Predicate<Entry> fixed) {
        return Fitting.best(plan, new Fitting.Asked(SlotAndMend.room(plan), Optional.empty()), fixed)
                .map(Way::after);
    }

    /** What was put in to mend something would be the first to be shortened again. */
    private boolean isNew(Entry line) {
        return before.find(line.id()).isEmpty();
    }

    private Optional<String> nothing() {
        boolean bare = before.segments().stream().filter(each -> each.role().main())
                .allMatch(each -> each.leftOut() || each.entries().isEmpty());
        return bare
                ? Optional.of("There is no main part to cut or to stretch out yet; it can be drafted.")
                : Optional.empty();
    }

    private Optional<String> tooMuchLocked() {
        ClassPlan locked = start;
        for (Segment segment : start.segments()) {
            for (Entry line : segment.entries()) {
                boolean stays = kept.stays(line) || line.items().stream().anyMatch(kept::stays);
                locked = stays ? locked : locked.remove(line.id());
            }
        }
        Duration over = Timeline.of(locked).total().minus(start.brief().slot());
        return over.isPositive()
                ? Optional.of("What is locked alone is %s longer than %d min.".formatted(Lengths.clock(over),
                        start.brief().slot().toMinutes()))
                : Optional.empty();
    }

    /** Main parts that would become too short to be worth their explaining are left out, the least missed first. */
    private ClassPlan withoutSmallParts(ClassPlan plan) {
        ClassPlan now = plan;
        while (true) {
            ClassPlan scaled = proportions.scaled(now);
            List<Segment> parts = scaled.segments().stream()
                    .filter(each -> each.role().main() && !each.leftOut())
                    .toList();
            boolean small = parts.stream().anyMatch(each -> each.target().compareTo(LEAST_PART) < 0
                    && proportions.length(each.id()).compareTo(each.target()) > 0);
            ClassPlan all = now;
            Optional<ClassPlan> fewer = parts.stream()
                    .filter(each -> each.lines().noneMatch(kept::stays))
                    .map(each -> all.with(all.segment(each.id()).withLeftOut(true)))
                    .min(Comparator.comparingDouble(this::missed));
            if (!small || parts.size() < 2 || fewer.isEmpty()) {
                return now;
            }
            now = fewer.get();
        }
    }

    /** How much a class suffers from what was done: what is found now and was not before, its length aside. */
    private double missed(ClassPlan plan) {
        return missed(Assessment.of(plan, library));
    }

    private double missed(Assessment judged) {
        return judged.findings().stream()
                .filter(each -> !each.key().ofTheSlot() && found.stream().noneMatch(each::same))
                .mapToDouble(Repairing::weight).sum();
    }

    /** The same, with how far the class moves towards what would be found. */
    private double missedAndNear(ClassPlan plan) {
        Assessment judged = Assessment.of(plan, library);
        return missed(judged) + Repairing.near(judged);
    }

    /** The instructor's own warm-up or stretch in its new length where it still holds, else one that follows from the class. */
    private ClassPlan ended(ClassPlan plan, Role role) {
        Optional<Segment> segment = plan.segments().stream()
                .filter(each -> each.role() == role && !each.leftOut())
                .reduce((first, last) -> role == Role.STRETCH ? last : first);
        if (segment.isEmpty()) {
            return plan;
        }
        ClassPlan own = PartCutting.fitted(plan, segment.get().id()).orElse(plan);
        Optional<ClassPlan> derived = role == Role.STRETCH
                ? StretchFromClass.of(plan, library, segment.get().target()).value()
                        .map(StretchFromClass::plan)
                : WarmUpFromClass.of(plan, library, segment.get().target()).value()
                        .map(WarmUpFromClass::plan);
        return derived.filter(other -> missed(own) > missed(other) + OWN).orElse(own);
    }
}
