package app.kehre.core.drafting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Finding;
import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Script;
import app.kehre.core.deriving.StretchFromClass;
import app.kehre.core.dose.Lengths;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.SlotFit;
import app.kehre.core.timeline.Timeline;

/**
 * A class for another slot: what is in it, cut to the shorter time or stretched out to the longer one. Warm-up and stretch
 * keep the share that the figures ask for, the main part takes the rest in the proportions that it has.
 */
public final class Recutting {

    /** A main part of less than this is left out rather than cut further. Kehre's estimate. */
    private static final Duration LEAST_PART = Duration.ofMinutes(4);
    /** An aerobic part that is short by more than this goes on with something new. Kehre's estimate. */
    private static final Duration FAR_SHORT = Duration.ofMinutes(3);
    /** A build-up or a circuit becomes at most so many times as long, or as short. Kehre's estimate. */
    private static final double FARTHEST = 2;
    private static final int CYCLES = 4;
    private static final Duration NEAR = Duration.ofSeconds(15);
    private static final double EACH_MINUTE_UNDER = 60;
    /** Lines of one part that are left out at the most, one after the other. */
    private static final int MOST_OUT = 12;
    /** What a warm-up or a stretch of the instructor's own may have against it and still be kept. Kehre's estimate. */
    private static final double OWN = 50;

    private final ClassPlan before;
    private final ClassPlan start;
    private final Library library;
    /** What was found before and is no matter of the slot: it stays the instructor's. */
    private final List<Finding> found;
    private final Kept kept;
    private final Drafting drafting;
    private final Proportions proportions;

    private Recutting(ClassPlan plan, Library library, Duration slot) {
        this.before = plan;
        this.start = plan.with(plan.brief().withSlot(slot));
        this.library = library;
        this.found = Assessment.of(plan, library).findings().stream()
                .filter(each -> !each.check().startsWith("short-")).toList();
        this.kept = Kept.lockedOf(plan, found);
        this.proportions = new Proportions(plan, start);
        this.drafting = new Drafting(start, library, List.of(), 1);
    }

    /**
     * Cuts or stretches out a class.
     *
     * @param slot the new slot, whole minutes from 5 to 180
     */
    public static Draft of(ClassPlan plan, Library library, Duration slot) {
        return new Recutting(plan, library, slot).recut();
    }

    private Draft recut() {
        String reason = Refusals.ofSlot(start).or(this::tooMuchLocked).orElse("");
        if (!reason.isEmpty()) {
            return new Draft(before, Map.of(), Assessment.of(before, library), reason);
        }
        ClassPlan plan = proportions.scaled(withoutSmallParts(start));
        for (Segment segment : plan.segments()) {
            plan = Proportions.main(segment) && !segment.leftOut() ? brought(plan, segment.id()) : plan;
        }
        plan = ended(plan, Role.STRETCH);
        plan = ended(plan, Role.WARM_UP);
        Assessment done = settled(plan);
        return new Draft(done.timeline().plan(), drafting.reasons(done.timeline().plan()), done, "");
    }

    /** What the cut brought is mended, and the class fitted, in turn; a class that stays wrong so is filled up or loses lines. */
    private Assessment settled(ClassPlan plan) {
        Repairing repairing = new Repairing(library, drafting.pool(), kept);
        ClassPlan best = fitted(plan, _ -> false).orElse(plan);
        ClassPlan now = best;
        for (int cycle = 0; cycle < CYCLES && isWrong(best); cycle++) {
            ClassPlan mended = repairing.mended(now).timeline().plan();
            now = Stream.of(fitted(mended, this::isNew), fitted(mended, _ -> false)).flatMap(Optional::stream)
                    .min(Comparator.comparingDouble(this::missed)).orElse(mended);
            best = better(now, best);
        }
        return Assessment.of(isWrong(best)
                ? better(
                        new Settling(kept, library, drafting.pool(), drafting::toner).settled(best).timeline()
                                .plan(),
                        best)
                : best, library);
    }

    private boolean isWrong(ClassPlan plan) {
        return missed(plan) >= Repairing.MEND || !fits(plan);
    }

    private ClassPlan better(ClassPlan one, ClassPlan other) {
        boolean so = fits(one) == fits(other) ? missed(one) < missed(other) : fits(one);
        return so ? one : other;
    }

    private static boolean fits(ClassPlan plan) {
        SlotFit fit = Timeline.of(plan).fit();
        return !fit.over() && fit.spare().compareTo(NEAR) <= 0;
    }

    private static Optional<ClassPlan> fitted(ClassPlan plan, Predicate<Entry> fixed) {
        return Fitting.best(plan, new Fitting.Asked(plan.brief().slot(), Optional.empty()), fixed)
                .map(way -> way.timeline().plan());
    }

    /** What was put in to mend something would be the first to be shortened again. */
    private boolean isNew(Entry line) {
        return before.find(line.id()).isEmpty();
    }

    private Optional<String> tooMuchLocked() {
        ClassPlan locked = start;
        for (Segment segment : start.segments()) {
            for (Entry line : segment.entries()) {
                boolean some = line instanceof Circuit circuit
                        && circuit.items().stream().anyMatch(kept::stays);
                locked = some || kept.stays(line) ? locked : locked.remove(line.id());
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
                    .filter(each -> Proportions.main(each) && !each.leftOut())
                    .toList();
            boolean small = parts.stream().anyMatch(each -> each.target().compareTo(LEAST_PART) < 0
                    && proportions.length(each.id()).compareTo(each.target()) > 0);
            ClassPlan all = now;
            Optional<ClassPlan> fewer = parts.stream()
                    .filter(each -> ClassPlan.lines(each).noneMatch(kept::stays))
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
        return Assessment.of(plan, library).findings().stream()
                .filter(each -> !each.check().endsWith("-slot") && found.stream().noneMatch(each::same))
                .mapToDouble(Repairing::weight).sum();
    }

    /** Brings a main part to its target: by doses and rounds, then line by line. */
    private ClassPlan brought(ClassPlan plan, int id) {
        ClassPlan now = continued(roughly(plan, id), id);
        for (int out = 0; out < MOST_OUT; out++) {
            Optional<ClassPlan> fits = fitted(now, id);
            Optional<ClassPlan> fewer = fits.isPresent() ? Optional.empty() : shorter(now, id);
            if (fewer.isEmpty()) {
                return fits.orElse(now);
            }
            now = fewer.get();
        }
        return now;
    }

    private static Optional<ClassPlan> fitted(ClassPlan plan, int id) {
        Segment segment = plan.segment(id);
        return Fitting.best(plan, new Fitting.Asked(segment.target(), Optional.of(id)), _ -> false)
                .map(way -> way.timeline().plan());
    }

    /** A part that is too long without the line that is missed least. */
    private Optional<ClassPlan> shorter(ClassPlan plan, int id) {
        Segment segment = plan.segment(id);
        if (Timeline.of(plan).ofSegment(id).length().compareTo(segment.target()) <= 0
                || segment.entries().size() < 2) {
            return Optional.empty();
        }
        return segment.entries().stream()
                .filter(line -> !kept.stays(line) && !(line instanceof Circuit circuit
                        && circuit.items().stream().anyMatch(kept::stays)))
                .map(line -> plan.remove(line.id()))
                .min(Comparator.comparingDouble(fewer -> missed(fewer) + tooShort(fewer, id)));
    }

    private static double tooShort(ClassPlan plan, int id) {
        Duration under = plan.segment(id).target().minus(Timeline.of(plan).ofSegment(id).length());
        return under.isPositive() ? EACH_MINUTE_UNDER * Lengths.seconds(under) / 60.0 : 0;
    }

    /** Build-ups and circuits come near the target by themselves: whole phrases and rounds in its proportion. */
    private ClassPlan roughly(ClassPlan plan, int id) {
        Segment segment = plan.segment(id);
        double ratio = Lengths.seconds(segment.target())
                / Math.max(1.0, Lengths.seconds(proportions.length(id)));
        return plan.with(segment.withEntries(segment.entries().stream()
                .map(line -> roughly(line, segment, Math.clamp(ratio, 1 / FARTHEST, FARTHEST))).toList()));
    }

    private Entry roughly(Entry line, Segment segment, double ratio) {
        return switch (line) {
            case BuildUp build -> {
                int now = Script.phrasesIn(build.build().time(), segment.bpm());
                long phrases = Math.max(build.script(segment.bpm()).least(), Math.round(now * ratio));
                Duration time = segment.bpm().at(2L * Combination.PHRASE).multipliedBy(phrases).plusMillis(1);
                Duration whole = Duration.ofSeconds(Math.ceilDiv(time.toMillis(), 1000));
                yield Build.TIME.problem(whole).isEmpty() ? build.with(build.build().withTime(whole)) : build;
            }
            case Circuit circuit when circuit.items().stream().noneMatch(kept::stays) -> {
                int rounds = Math.toIntExact(Math.max(1, Math.round(circuit.rounds() * ratio)));
                yield circuit.withRounds(rounds, circuit.rest(), Math.min(circuit.soloFrom(), rounds));
            }
            case Circuit _,Item _,Pause _,Screen _ -> line;
        };
    }

    /** An aerobic part that doses and rounds cannot stretch so far goes on with another dance or circuit. */
    private ClassPlan continued(ClassPlan plan, int id) {
        Segment segment = plan.segment(id);
        Duration missing = segment.target()
                .minus(Timeline.of(plan).ofSegment(id).length().multipliedBy(3).dividedBy(2));
        if (segment.role() != Role.AEROBIC || missing.compareTo(FAR_SHORT) < 0) {
            return plan;
        }
        Segment more = drafting.filled(plan, segment.withEntries(List.of()).withTarget(missing)).segment(id);
        List<Entry> lines = new ArrayList<>(segment.entries());
        int next = plan.nextEntryId();
        for (Entry line : more.entries()) {
            lines.add(plan.find(line.id()).isPresent() ? line.withId(next++) : line);
        }
        return plan.with(segment.withEntries(lines));
    }

    /** The instructor's own warm-up or stretch in its new length where it still holds, else one that follows from the class. */
    private ClassPlan ended(ClassPlan plan, Role role) {
        Optional<Segment> segment = plan.segments().stream()
                .filter(each -> each.role() == role && !each.leftOut())
                .reduce((first, last) -> role == Role.STRETCH ? last : first);
        if (segment.isEmpty()) {
            return plan;
        }
        ClassPlan own = fitted(plan, segment.get().id()).orElse(plan);
        ClassPlan derived = role == Role.STRETCH
                ? StretchFromClass.of(plan, library, segment.get().target()).plan()
                : drafting.warmedUp(plan, segment.get().target());
        return missed(own) <= missed(derived) + OWN ? own : derived;
    }
}
