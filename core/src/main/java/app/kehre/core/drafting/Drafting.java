package app.kehre.core.drafting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.function.Function;
import java.util.stream.Collectors;

import app.kehre.core.answers.AnsweredDose;
import app.kehre.core.balance.Assessment;
import app.kehre.core.brief.Format;
import app.kehre.core.choosing.GroupFit;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Dose;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Reading;

/**
 * Drafts a class from its brief alone, or the empty segments of a class that is begun: what is there stays. The same
 * seed gives the same draft: its moves are counted, not timed.
 */
public final class Drafting {

    /** The holding pattern of a dance on the floor and on the step. */
    private static final String HOLD_ON_STEP = "basic-step";
    /** A draft with more than {@code GOOD} points is begun anew, at most {@code TRIES} times. Kehre's estimates. */
    private static final int TRIES = 5;
    private static final double GOOD = 0.5;
    /** A big move takes 32 to 64 counts (figures.md, "Good classes"). */
    private static final int MOVED = 64;

    /** Toning in these comes round again: a few exercises in pairs, for two or three rounds (figures.md, "Good classes"). */
    private static final Set<Format> IN_ROUNDS = EnumSet.of(Format.CONDITIONING, Format.LOW_IMPACT,
            Format.STEP,
            Format.MIXED, Format.EXPECTING, Format.EXPRESS);

    private final ClassPlan start;
    private final Set<SegmentId> open;
    private final Library library;
    private final Pool pool;
    private final Toolbox toolbox;
    private final SplittableRandom random;
    private final Set<String> lately = new HashSet<>();
    private final Map<String, String> why = new HashMap<>();

    Drafting(ClassPlan start, Set<SegmentId> open, Library library, Collection<ClassPlan> before,
            long seed) {
        this.start = start;
        this.open = open;
        this.library = library;
        this.pool = new Pool(start.brief(), library);
        this.toolbox = new Toolbox(library, pool, new WarmUpAndStretch(library), this::toner);
        this.random = new SplittableRandom(seed);
        before.stream().flatMap(ClassPlan::items).forEach(item -> lately.add(item.exercise().id()));
    }

    /**
     * What is to be drafted.
     *
     * @param segment the segment; nothing for the class
     * @param keeps whether what is there stays; else only what is locked
     */
    public record Asked(Optional<SegmentId> segment, boolean keeps) {

        /** What a class that is begun has left, or a whole class. */
        public static final Asked WHAT_IS_LEFT = new Asked(Optional.empty(), true);
    }

    /**
     * Proposes a draft.
     *
     * @param before what the group did lately, to be varied
     * @param seed which of many drafts
     */
    public static Proposal propose(ClassPlan plan, Asked asked, Library library, Collection<ClassPlan> before,
            long seed) {
        Reading<Draft> draft = asked.segment
                .map(id -> asked.keeps
                        ? filling(plan, id, library, before, seed)
                        : ofSegment(plan, id, library, before, seed))
                .orElseGet(() -> asked.keeps
                        ? of(plan, library, before, seed)
                        : anew(plan, library, before, seed));
        return Proposal.of(draft.map(found -> found.way(plan)));
    }

    /**
     * Drafts a class: what is there stays, and what there is room for is filled.
     *
     * @param start its brief, and what there is of it; without segments the whole class is drafted
     * @param before what the group did lately, to be varied
     * @param seed which of many drafts
     */
    public static Reading<Draft> of(ClassPlan start, Library library, Collection<ClassPlan> before,
            long seed) {
        return best(start, OpenSegments.of(start), library, before, seed);
    }

    /** Fills one segment of a class, and those that are empty: what is there stays. */
    public static Reading<Draft> filling(ClassPlan plan, SegmentId segment, Library library,
            Collection<ClassPlan> before,
            long seed) {
        return best(plan, OpenSegments.with(plan, segment), library, before, seed);
    }

    /** Draws one segment of a class anew, and fills those that are empty: what is locked there stays, and all the rest. */
    public static Reading<Draft> ofSegment(ClassPlan plan, SegmentId segment, Library library,
            Collection<ClassPlan> before,
            long seed) {
        return filling(OpenSegments.cleared(plan, plan.segment(segment)), segment, library, before, seed);
    }

    /** Draws a whole class anew: what is locked stays, and what is said. */
    public static Reading<Draft> anew(ClassPlan plan, Library library, Collection<ClassPlan> before,
            long seed) {
        return of(OpenSegments.cleared(plan), library, before, seed);
    }

    private static Reading<Draft> best(ClassPlan start, Set<SegmentId> open, Library library,
            Collection<ClassPlan> before, long seed) {
        SplittableRandom seeds = new SplittableRandom(seed);
        Drafting first = new Drafting(start, open, library, before, seeds.nextLong());
        String reason = Refusals.of(start, first.pool, open);
        if (!reason.isEmpty()) {
            return Reading.refused(reason);
        }
        Draft best = first.draft();
        for (int more = 1; best.penalty() > GOOD && more < TRIES; more++) {
            Draft next = new Drafting(start, open, library, before, seeds.nextLong()).draft();
            best = next.penalty() < best.penalty() ? next : best;
        }
        return Reading.of(best);
    }

    private Draft draft() {
        boolean whole = start.segments().isEmpty();
        ClassPlan plan = whole ? Outline.of(start) : start;
        Set<SegmentId> wanted = whole ? OpenSegments.of(plan) : open;
        for (Segment segment : plan.segments()) {
            plan = wanted.contains(segment.id()) ? filledUp(plan, plan.segment(segment.id())) : plan;
        }
        Fixed kept = Fixed.allOf(start, wanted);
        plan = Inserts.screened(Inserts.watered(plan, wanted), library, kept);
        plan = toolbox.warmUpAndStretch().of(plan, segment -> wanted.contains(segment.id()), kept);
        Assessment done = new SlotAndMend(kept, toolbox).settled(answered(plan));
        ClassPlan told = told(done.plan());
        return new Draft(told, Assessment.of(told, library));
    }

    /** Whom a caution of a drafted line concerns does something else. */
    private ClassPlan answered(ClassPlan plan) {
        return GroupFit.apply(plan, GroupFit.of(plan, library).stream()
                .filter(each -> start.find(each.entry()).isEmpty()).toList());
    }

    /** Fills what a segment has left behind the lines that stay. */
    private ClassPlan filledUp(ClassPlan plan, Segment segment) {
        if (segment.entries().isEmpty()) {
            return filled(plan, segment);
        }
        Duration left = segment.target().minus(Timeline.of(plan).ofSegment(segment.id()).length());
        if (left.compareTo(OpenSegments.LEAST) < 0) {
            return plan;
        }
        List<Entry> lines = new ArrayList<>(segment.entries());
        int at = lines.getLast() instanceof Pause ? lines.size() - 1 : lines.size();
        ClassPlan more = filled(plan, segment.withEntries(List.of()).withTarget(left));
        lines.addAll(at, more.segment(segment.id()).entries().stream()
                .filter(line -> plan.find(line.id()).isEmpty()).toList());
        return plan.with(segment.withEntries(lines));
    }

    /** What the draft is made with. */
    Toolbox toolbox() {
        return toolbox;
    }

    /** Fills an empty segment up to its target. */
    ClassPlan filled(ClassPlan plan, Segment segment) {
        return switch (segment.role()) {
            case AEROBIC -> aerobic(plan, segment);
            case TONING, CORE -> toned(plan, segment);
            case TALK ->
                plan.with(segment.withEntries(List.of(Pause.of(plan.nextEntryId(), Pause.Kind.TALK))));
            case PAUSE ->
                plan.with(segment.withEntries(List.of(Pause.of(plan.nextEntryId(), Pause.Kind.WATER))));
            case WARM_UP, COOL_DOWN, STRETCH -> plan;
        };
    }

    private ClassPlan aerobic(ClassPlan plan, Segment segment) {
        Format format = plan.brief().format();
        if (format == Format.CHAIR) {
            return toned(plan, segment);
        }
        if (format == Format.EXPRESS || format == Format.CIRCUIT || format == Format.CONDITIONING
                || format == Format.STRETCH_AND_TONE
                || format == Format.MIXED && random.nextBoolean() || dances(plan, segment)) {
            return bursts(plan, segment);
        }
        Exercise hold = library.find(format == Format.STEP ? HOLD_ON_STEP : BuildUp.USUAL_HOLD).orElseThrow();
        return new BuildUpDrafter(plan, pool, lately, random)
                .dance(segment, plan.nextEntryId(), hold, danced(plan))
                .map(dance -> {
                    why.put(dance.name(), "fills whole phrases, each lead alike");
                    return plan.with(segment.withEntries(List.of(dance)));
                }).orElseGet(() -> bursts(plan, segment));
    }

    /** Whether a part has its dance already: its combinations are taught one after the other, so there is but one. */
    private static boolean dances(ClassPlan plan, Segment segment) {
        return plan.segment(segment.id()).entries().stream().anyMatch(BuildUp.class::isInstance);
    }

    private static Set<String> danced(ClassPlan plan) {
        return plan.buildUps().flatMap(each -> each.exercises().stream()).map(Exercise::id)
                .collect(Collectors.toSet());
    }

    private ClassPlan bursts(ClassPlan plan, Segment segment) {
        return new Bursts(pool, lately, random, why).filled(plan, segment);
    }

    private Toner toner(ClassPlan plan) {
        return new Toner(plan, pool, lately, random, why);
    }

    private ClassPlan toned(ClassPlan plan, Segment segment) {
        Toner toner = toner(plan);
        if (plan.brief().format() == Format.CIRCUIT && segment.role() == Role.TONING) {
            Circuits circuits = new Circuits(plan);
            Segment once = segment.withTarget(Duration.ofSeconds(segment.target().toSeconds() / 2));
            List<Exercise> stations = toner.fill(once, circuits.stations(segment), Duration.ZERO,
                    Circuits::station, circuits::dose);
            return stations.isEmpty()
                    ? plan
                    : plan.with(segment
                            .withEntries(List.of(circuits.circuit(segment, plan.nextEntryId(), stations))));
        }
        boolean floorLater = plan.segments().stream().anyMatch(each -> each.role() == Role.CORE);
        boolean rounds = segment.role() == Role.TONING && floorLater
                && IN_ROUNDS.contains(plan.brief().format());
        List<Entry> again = rounds ? new InRounds(plan, segment, toner).lines() : List.of();
        return plan.with(segment.withEntries(again.isEmpty() ? inARow(plan, segment, toner(plan)) : again));
    }

    /** One after the other, as the floor is taught, and what flows. */
    private static List<Entry> inARow(ClassPlan plan, Segment segment, Toner toner) {
        EntryId id = plan.nextEntryId();
        List<Entry> items = new ArrayList<>();
        Function<Exercise, Dose> dose = exercise -> segment.role() == Role.AEROBIC
                ? moved(exercise)
                : AnsweredDose.of(exercise, segment, plan, false);
        List<Exercise> chosen = toner.fill(segment, Toner.between(plan, segment), _ -> true, dose);
        for (Exercise exercise : toner.roundAgain(segment, chosen, dose)) {
            items.add(Item.of(id.next(items.size()), exercise).withDose(dose.apply(exercise)));
        }
        return items;
    }

    /** Returns two phrases of a move to the music, or as much as makes sense: a quarter of a minute raises nobody's pulse. */
    static Dose moved(Exercise exercise) {
        return exercise.usualDose() instanceof Counts usual && exercise.dosing().most() instanceof Counts most
                ? new Counts(Math.max(usual.counts(), Math.min(MOVED, most.counts())), usual.pace(),
                        usual.sides())
                : exercise.usualDose();
    }

    /** Says why each line is there that was not there at the start. */
    ClassPlan told(ClassPlan plan) {
        return new Reasons(start, why).told(plan);
    }
}
