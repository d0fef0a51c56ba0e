package app.kehre.core.drafting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;

import app.kehre.core.brief.Format;
import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.choreography.Fit;
import app.kehre.core.choreography.Fits;
import app.kehre.core.choreography.Method;
import app.kehre.core.dose.Counts;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.footwork.RowFacts;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.people.Level;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Segment;
import app.kehre.core.stepping.Checks;

/** Makes combinations whose every move starts on the foot that the one before leaves free, and fills the phrase. */
final class BuildUpDrafter {

    private static final int TRIES = 40;
    private static final Load LOW = new Load(
            List.of(new Load.Piece(Equipment.STEP, Load.Size.UNSIZED, 1, Load.Where.USUAL, 0)));
    /** Moves of fewer MET are too easy for a dance. Kehre's estimate. */
    private static final double LIVELY = 4.4;
    private static final double GENTLE = 3.6;
    /**
     * Older groups dance no move of the floor above these METs: kicks and quick changes take somebody of 70, who does the
     * easier option, out of the moderate. Kehre's estimate.
     */
    private static final double OLDER_MOST = 5;
    /** A combination for so many minutes of a build-up. Kehre's estimate. */
    private static final int MINUTES_EACH = 5;
    private static final int MOST = 3;
    private static final int CHOICE = 8;
    /** With fewer moves than these that carry no caution for the group the others are taken too. Kehre's estimate. */
    private static final int FEW = 6;
    /** New moves that newcomers learn in a class. Teaching range (figures.md, "Good classes"). */
    private static final int NEW_TO_NEWCOMERS = 4;

    private final ClassPlan plan;
    private final List<Exercise> moves;
    private final SplittableRandom random;
    private final Set<String> lately;
    /** Older groups step at half time on the bare bench. */
    private final boolean slow;
    private final boolean newcomers;
    private final Map<String, RowFacts> facts = new HashMap<>();

    BuildUpDrafter(ClassPlan plan, Pool pool, Set<String> lately, SplittableRandom random) {
        this.plan = plan;
        this.random = random;
        this.lately = lately;
        newcomers = Level.of(plan.brief().group().mix()) == Level.NEWCOMERS;
        boolean gentle = plan.brief().group().older() || newcomers;
        boolean step = plan.brief().format() == Format.STEP;
        List<Exercise> lively = pool.moves(step).stream()
                .filter(each -> each.work().mets().value() >= (gentle ? GENTLE : LIVELY))
                .filter(each -> step || !plan.brief().group().older()
                        || each.work().mets().value() <= OLDER_MOST)
                .toList();
        List<Exercise> free = lively.stream().filter(each -> pool.cautions(each) == 0).toList();
        moves = free.size() >= FEW ? free : lively;
        slow = step && plan.brief().group().older();
        moves.forEach(move -> move.footwork().ifPresent(row -> facts.put(move.id(), RowFacts.of(row))));
    }

    /** Returns a build-up for a segment, if its moves make up combinations. */
    Optional<BuildUp> dance(Segment segment, EntryId id, Exercise hold, Set<String> used) {
        int count = Math.clamp(segment.target().toMinutes() / MINUTES_EACH, 1, MOST);
        BuildUp empty = slow ? BuildUp.of(id, hold).withLoad(LOW) : BuildUp.of(id, hold);
        Conditions conditions = empty.conditions(segment.bpm(), plan.brief());
        List<Combination> combinations = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            boolean first = i == 0;
            combination("Combination " + (char) ('A' + i), conditions, used, first).ifPresent(made -> {
                made.moves().forEach(danced -> used.add(danced.move().id()));
                combinations.add(made);
            });
        }
        return combinations.isEmpty()
                ? Optional.empty()
                : Optional.of(empty.withName(segment.name())
                        .with(Build.of(combinations, method(), hold).withWish(Optional.of(time(segment)))));
    }

    private Method method() {
        return Level.of(plan.brief().group().mix()) == Level.EXPERIENCED ? Method.LINK : Method.ADD_ON;
    }

    /** The build-up's time is a little less than its segment, for changing over. */
    private static Duration time(Segment segment) {
        long seconds = Math.clamp(segment.target().toSeconds() - 20, Build.TIME.least(), Build.TIME.most());
        return Duration.ofSeconds(seconds);
    }

    private Optional<Combination> combination(String name, Conditions conditions, Set<String> used,
            boolean first) {
        for (int attempt = 0; attempt < TRIES; attempt++) {
            Combination made = phrase(name, used, first);
            if (made.counts() == Combination.PHRASE && Checks.of(made, conditions).isEmpty()) {
                return Optional.of(made);
            }
        }
        return Optional.empty();
    }

    private Combination phrase(String name, Set<String> used, boolean first) {
        Combination made = Combination.of(name);
        while (made.counts() < Combination.PHRASE) {
            int places = made.moves().size();
            Combination now = made;
            List<DancedMove> fitting = new ArrayList<>(Fits.of(made, places, moves).moves().stream()
                    .filter(fit -> fit.fits() && fit.danced().turnIn() == 0).map(Fit::danced)
                    .filter(danced -> now.moves().stream()
                            .noneMatch(each -> each.move().equals(danced.move())))
                    .filter(danced -> inTurn(now, danced, used, first))
                    .toList());
            Collections.shuffle(fitting, random);
            fitting.sort(Comparator.comparing((DancedMove danced) -> !danced.move().staple()).thenComparing(
                    danced -> used.contains(danced.move().id()) || lately.contains(danced.move().id())));
            if (fitting.isEmpty()) {
                return made;
            }
            DancedMove chosen = fitting.get(random.nextInt(Math.min(CHOICE, fitting.size())));
            boolean half = slow && 2 * chosen.counts() <= Combination.PHRASE - made.counts();
            DancedMove next = half ? chosen.withPace(Counts.Pace.HALF_TIME) : chosen;
            int times = Math.min(times(next),
                    (Combination.PHRASE - made.counts()) / Math.max(1, next.counts()));
            made = made.add(places, next.withTimes(Math.max(1, times)));
        }
        return made;
    }

    /**
     * Easy before hard: no combination begins with what comes after the basics, none has two repeaters; newcomers do not turn in
     * the first and learn a few moves only.
     */
    private boolean inTurn(Combination made, DancedMove danced, Set<String> used, boolean first) {
        Optional<RowFacts> row = Optional.ofNullable(facts.get(danced.move().id()));
        boolean hard = row.filter(RowFacts::afterTheBasics).isPresent();
        boolean again = row.filter(RowFacts::repeats).isPresent() && made.moves().stream()
                .anyMatch(each -> Optional.ofNullable(facts.get(each.move().id())).filter(RowFacts::repeats)
                        .isPresent());
        boolean turns = newcomers && first && row.filter(RowFacts::turning).isPresent();
        return !(hard && made.moves().isEmpty()) && !again && !turns
                && (!newcomers || learns(made, danced, used));
    }

    /** Whether newcomers know it, or have learnt few enough yet. */
    private boolean learns(Combination made, DancedMove danced, Set<String> used) {
        Set<String> learnt = new HashSet<>();
        moves.stream().filter(move -> used.contains(move.id())).forEach(move -> add(move, learnt));
        made.moves().forEach(each -> add(each.move(), learnt));
        add(danced.move(), learnt);
        return learnt.size() <= NEW_TO_NEWCOMERS;
    }

    private static void add(Exercise move, Set<String> learnt) {
        if (!move.everyday()) {
            learnt.add(move.id());
        }
    }

    /** Short moves are done for an eight, twice or four times. */
    private int times(DancedMove danced) {
        boolean rests = danced.move().everyday() && random.nextBoolean();
        return danced.counts() >= Counts.EIGHT
                ? 1
                : Math.max(1, (rests ? 2 : 1) * Counts.EIGHT / danced.counts());
    }
}
