package app.kehre.core.drafting;

import java.time.Duration;
import java.util.Comparator;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import app.kehre.core.advice.Threshold;
import app.kehre.core.balance.Assessment;
import app.kehre.core.brief.Format;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Timeline;

/** Brings a draft to its slot and mends it, in turn, until both hold. */
final class SlotAndMend {

    private static final int CYCLES = 5;
    private static final int POLISHINGS = 2;
    /** The most lines that are left out to make a draft fit. Kehre's estimate. */
    private static final int DROPPED = 6;
    /** What Fit can well add to the doses of a class, and the most exercises that are added. Kehre's estimates. */
    private static final Duration SHORT = Duration.ofSeconds(60);
    private static final int GROWN = 12;
    /** More rounds of the same are dull. */
    private static final int ROUNDS = 4;
    /** What Fit can well take from the doses of a class. Kehre's estimate. */
    private static final Duration FAR = Duration.ofSeconds(75);
    private static final Duration STEP = Duration.ofSeconds(30);

    private final Fixed kept;
    private final Toolbox toolbox;
    private final Library library;

    /**
     * Prepares to settle one draft.
     *
     * @param kept what is the instructor's, which stays
     */
    SlotAndMend(Fixed kept, Toolbox toolbox) {
        this.kept = kept;
        this.toolbox = toolbox;
        this.library = toolbox.library();
    }

    /** Mends and fits in turn until both hold. */
    Assessment settled(ClassPlan plan) {
        Repairing repairing = new Repairing(toolbox, kept);
        Assessment now = repairing.mended(fitted(plan));
        Assessment best = now;
        // A mend makes the class longer or shorter, and fitting changes doses that a check has looked at: each undoes a
        // little of the other, so they take turns. What does not come to rest goes to and fro between a few classes, of
        // which the best is kept.
        for (int cycle = 0; cycle < CYCLES; cycle++) {
            ClassPlan fitted = fitted(now.plan());
            now = Assessment.of(fitted, library);
            // A class that is over its slot cannot be taught, so any that comes after it is taken before it, however it fares.
            if (Repairing.penalty(now) <= Repairing.penalty(best) || best.timeline().fit().over()) {
                best = now;
            }
            if (now.findings().stream().noneMatch(kept::mends)) {
                return polished(repairing, now);
            }
            now = repairing.mended(fitted);
        }
        return best;
    }

    private Assessment polished(Repairing repairing, Assessment done) {
        Assessment best = done;
        Assessment now = done;
        for (int cycle = 0; cycle < POLISHINGS; cycle++) {
            Assessment polished = repairing.polished(now);
            // The same object: no polish was found, and another round would look at the same class again.
            if (polished == now) {
                break;
            }
            now = Assessment.of(refitted(polished.plan(), now.plan()), library);
            best = Draft.penalty(now) < Draft.penalty(best) ? now : best;
        }
        return best;
    }

    /** Fits the class at the cost of its main part; what is far too much of that is left out first. */
    private ClassPlan fitted(ClassPlan plan) {
        // Lines are added and taken here, before Fit is asked, since Fit moves doses first: far over its slot it would bring
        // every dose to its least, and a class of nothing but least doses trains nobody.
        ClassPlan smaller = grown(plan);
        for (Optional<Item> next = dispensable(smaller, FAR); next
                .isPresent(); next = dispensable(smaller, FAR)) {
            smaller = smaller.remove(next.get().id());
        }
        for (int dropped = 0; dropped < DROPPED; dropped++) {
            // The ends follow from the main part and pairs of areas are in balance: as long as anything else can pay for the
            // time, they do not, or the next mend would put back what was taken here.
            ClassPlan now = smaller;
            Optional<ClassPlan> fits = fit(now,
                    line -> kept.stays(line) || ends(now, line) || balanced(line));
            if (fits.isPresent()) {
                return fits.get();
            }
            Optional<Item> next = dispensable(now, Duration.ZERO);
            if (next.isEmpty()) {
                return fitAnyhow(now, kept::stays).orElse(now);
            }
            smaller = now.remove(next.get().id());
        }
        return smaller;
    }

    /** At the cost of what is in balance, at last of the warm-up and the stretch; or with one exercise more. */
    private Optional<ClassPlan> fitAnyhow(ClassPlan plan, Predicate<Entry> fixed) {
        return fit(plan, line -> fixed.test(line) || ends(plan, line)).or(() -> fit(plan, fixed))
                .or(() -> more(plan).flatMap(more -> fit(more, fixed))).or(() -> nearest(plan, fixed));
    }

    /** As long as the usual doses make it, where that is not as long as the slot: little is better than none of it. */
    private static Optional<ClassPlan> nearest(ClassPlan plan, Predicate<Entry> fixed) {
        Duration now = Timeline.of(plan).total();
        return Stream
                .iterate(room(plan).minus(STEP), length -> length.compareTo(now) > 0,
                        length -> length.minus(STEP))
                .flatMap(length -> fit(plan, fixed, length).stream()).findFirst();
    }

    /** Fits what was polished without touching what polishing changed. */
    private ClassPlan refitted(ClassPlan polished, ClassPlan before) {
        Predicate<Entry> fixed = line -> kept.stays(line)
                || before.find(line.id()).filter(line::equals).isEmpty();
        return fit(polished, line -> fixed.test(line) || ends(polished, line) || balanced(line))
                .or(() -> fitAnyhow(polished, fixed)).orElseGet(() -> fitted(polished));
    }

    private static Optional<ClassPlan> fit(ClassPlan plan, Predicate<Entry> fixed) {
        return fit(plan, fixed, room(plan));
    }

    private static Optional<ClassPlan> fit(ClassPlan plan, Predicate<Entry> fixed, Duration length) {
        return Fitting.best(plan, new Fitting.Asked(length, Optional.empty()), fixed).map(Way::after);
    }

    /**
     * Returns how long a draft becomes. Classes start late more often than not, so it leaves what the class wants to be spare, and
     * of a short slot no more than a quarter.
     */
    static Duration room(ClassPlan plan) {
        Duration slot = plan.brief().slot();
        Duration spare = plan.thresholds().seconds(Threshold.SPARE);
        Duration most = slot.dividedBy(4);
        return slot.minus(spare.compareTo(most) < 0 ? spare : most);
    }

    /** The warm-up and the stretch follow from the class. */
    private static boolean ends(ClassPlan plan, Entry line) {
        Role role = plan.segmentOf(line.id()).map(Segment::role).orElse(Role.TALK);
        return role == Role.WARM_UP || role == Role.STRETCH || role == Role.COOL_DOWN;
    }

    /** What works one area against another is in balance already. */
    private static boolean balanced(Entry line) {
        return line.item().filter(item -> IntStream.range(0, MuscleBalance.PAIRS)
                .anyMatch(pair -> MuscleBalance.side(item.exercise(), pair) != 0)).isPresent();
    }

    /** Adds exercises to the main part while the class is far from filling its slot. */
    private ClassPlan grown(ClassPlan plan) {
        ClassPlan larger = plan;
        for (int added = 0; added < GROWN; added++) {
            if (Timeline.of(larger).total().plus(SHORT).compareTo(room(plan)) >= 0) {
                break;
            }
            Optional<ClassPlan> more = more(larger);
            if (more.isEmpty()) {
                break;
            }
            larger = more.get();
        }
        return larger;
    }

    /** A round or an exercise more, where most is missing; cardio only where nothing else takes one. */
    private Optional<ClassPlan> more(ClassPlan plan) {
        Timeline timeline = Timeline.of(plan);
        return plan.segments().stream().filter(each -> grows(plan, each) && !kept.isFull(each))
                .sorted(Comparator.comparing((Segment each) -> each.role() == Role.AEROBIC)
                        .thenComparing(each -> timeline.ofSegment(each.id()).length().minus(each.target())))
                .flatMap(segment -> oneMore(plan, segment).stream()).findFirst();
    }

    /** What is chosen exercise by exercise; on chairs the cardio too. */
    private static boolean grows(ClassPlan plan, Segment segment) {
        return segment.role() == Role.TONING || segment.role() == Role.CORE
                || segment.role() == Role.AEROBIC && plan.brief().format() == Format.CHAIR;
    }

    /** A round more of what is there, where the slot has the time for it. */
    private Optional<ClassPlan> roundMore(ClassPlan plan, Segment segment) {
        return segment.entries().stream().filter(Circuit.class::isInstance).map(Circuit.class::cast)
                .filter(circuit -> !kept.stays(circuit) && circuit.rounds() < ROUNDS)
                .map(circuit -> plan.with(circuit.withRounds(circuit.rounds() + 1, circuit.rest(),
                        circuit.soloFrom())))
                .filter(more -> !Timeline.of(more).fit().over()).findFirst();
    }

    /** An exercise more, before the water at the end of a segment. */
    private Optional<ClassPlan> oneMore(ClassPlan plan, Segment segment) {
        Optional<ClassPlan> again = roundMore(plan, segment);
        if (again.isPresent()) {
            return again;
        }
        // A target of one second is filled by the first exercise that is chosen: so it is one, and the one that suits most.
        Toner one = toolbox.toner().apply(plan);
        return one
                .fill(segment.withTarget(Duration.ofSeconds(1)), Toner.between(plan, segment), _ -> true,
                        Exercise::usualDose)
                .stream()
                .findFirst().map(exercise -> {
                    int lines = segment.entries().size();
                    boolean water = lines > 0 && segment.entries().getLast() instanceof Pause;
                    return plan.add(segment.id(), water ? lines - 1 : lines,
                            Item.of(plan.nextEntryId(), exercise)
                                    .withDose(segment.role() == Role.AEROBIC
                                            ? Drafting.moved(exercise)
                                            : exercise.usualDose()));
                });
    }

    /** Finds the line of the main part that is missed least when it is removed; none if the class is over by no more than a time. */
    private Optional<Item> dispensable(ClassPlan plan, Duration more) {
        if (Timeline.of(plan).total().compareTo(room(plan).plus(more)) <= 0) {
            return Optional.empty();
        }
        return plan.segments().stream().filter(each -> each.role() == Role.TONING || each.role() == Role.CORE)
                .flatMap(Segment::items)
                .filter(item -> !kept.stays(item))
                // What a line is worth shows only in the class without it: its area may be promised, its pair left alone.
                .min(Comparator.comparingDouble(
                        item -> Repairing.penalty(Assessment.of(plan.remove(item.id()), library))));
    }
}
