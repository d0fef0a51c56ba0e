package app.kehre.core.shorthand;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.dose.Amount;
import app.kehre.core.dose.AsMany;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Open;
import app.kehre.core.dose.Reps;
import app.kehre.core.dose.Sides;
import app.kehre.core.dose.Speed;
import app.kehre.core.dose.Stage;
import app.kehre.core.dose.Tempo;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Role;
import app.kehre.core.footwork.Row;

/**
 * What the facts of a line make of the usual dose of its exercise. The exercise tells what a bare number counts: squats are reps, a
 * plank is seconds, a march is counts of music, grapevines are as many as they are.
 */
final class DoseOf {

    /** From here on a bare number of danced moves is counts of music: a phrase or half of one. */
    private static final int HALF_A_PHRASE = 16;

    private final Exercise exercise;
    private final Role role;
    private final boolean alone;
    private int sets;
    private Duration rest = Duration.ZERO;
    private Speed speed = Speed.NATURAL;
    private Counts.Pace pace = Counts.Pace.NORMAL;
    private Optional<Sides> sides = Optional.empty();
    private boolean bareEach;
    /** A hold behind the reps: "10, hold the last one 10 s". */
    private Optional<Stage> last = Optional.empty();

    private DoseOf(Exercise exercise, Role role, boolean alone) {
        this.exercise = exercise;
        this.role = role;
        this.alone = alone;
    }

    /**
     * Returns the dose that facts say; nothing where they say none.
     *
     * @param alone whether the line names no other exercise, so that "each" means each side
     */
    static Optional<Dose> of(Exercise exercise, List<Fact> facts, Role role, boolean alone) {
        return new DoseOf(exercise, role, alone).read(facts);
    }

    private Optional<Dose> read(List<Fact> facts) {
        Optional<Fact> head = Optional.empty();
        for (Fact fact : facts) {
            switch (fact) {
                case Fact.Rest(Duration length) -> rest = length;
                case Fact.Side(Sides said, boolean bare) -> {
                    // Right and then left is each side.
                    boolean other = sides.filter(each -> each == Sides.RIGHT_SIDE && said == Sides.LEFT_SIDE
                            || each == Sides.LEFT_SIDE && said == Sides.RIGHT_SIDE).isPresent();
                    sides = Optional.of(other ? Sides.EACH_SIDE : said);
                    bareEach = bare;
                }
                case Fact.Pace(Speed said) -> speed = said;
                case Fact.MusicPace(Counts.Pace said) -> pace = said;
                case Fact.Sets(int said, int number) when number == 0 -> sets = said;
                case Fact.Rounds(int said) -> sets = said;
                case Fact.With _,Fact.OptionOf _,Fact.Tempo _,Fact.Most _ -> {
                }
                default -> head = stronger(head, fact);
            }
        }
        if (facts.stream().anyMatch(Fact.Most.class::isInstance) && head.isPresent()
                && head.get() instanceof Fact.Time(Duration length, boolean _)) {
            head = Optional.of(new Fact.AsMany(length));
        }
        Optional<Dose> dose = head.map(this::dose).or(() -> setsAlone());
        return dose.map(this::sided).or(() -> sides.isPresent() || rest.toSeconds() > 0
                ? Optional.of(sided(exercise.usualDose()))
                : Optional.empty());
    }

    /** Of two that say how much, the later one is the number of sets where it can be: "12 x 3", "20 s 10 times". */
    private Optional<Fact> stronger(Optional<Fact> head, Fact fact) {
        boolean counted = head.isPresent()
                && (head.get() instanceof Fact.Times || head.get() instanceof Fact.Reps
                        || head.get() instanceof Fact.Bare || head.get() instanceof Fact.Sets);
        if (counted && fact instanceof Fact.Held(Duration length, int counts)
                && exercise.usualDose() instanceof Reps) {
            last = Optional.of(new Stage.Held(
                    counts > 0 ? new Amount.OfCounts(counts, false) : new Amount.OfTime(length), List.of()));
            return head;
        }
        if (counted && fact instanceof Fact.Pulses(int pulses)) {
            last = Optional.of(new Stage.Moves(Math.clamp(pulses, 1, 300), Stage.Unit.PULSE, Tempo.USUAL,
                    Stage.Reach.WHOLE, Duration.ZERO));
            return head;
        }
        if (head.isPresent() && fact instanceof Fact.Bare(int number)) {
            boolean music = exercise.usualDose() instanceof Counts && number >= HALF_A_PHRASE
                    && number % Counts.EIGHT == 0 && !(head.get() instanceof Fact.Music);
            return music ? Optional.of(new Fact.Music(number)) : head;
        }
        if (head.isPresent() && fact instanceof Fact.Times(int times) && !(head.get() instanceof Fact.Sets)) {
            sets = times;
            return head;
        }
        boolean clocked = fact instanceof Fact.Time || fact instanceof Fact.Clock
                || fact instanceof Fact.Held;
        if (head.isPresent() && head.get() instanceof Fact.Times(int times) && clocked) {
            sets = times;
        }
        if (head.isPresent() && head.get() instanceof Fact.Sets(int many, int _)
                && fact instanceof Fact.Time(Duration length, boolean _)) {
            return Optional.of(new Fact.SetsOf(many, length));
        }
        return Optional.of(fact);
    }

    private Optional<Dose> setsAlone() {
        return sets > 1 && exercise.usualDose() instanceof Reps reps
                ? Optional.of(new Reps(sets, reps.stages(), reps.order(), rest, reps.sides()))
                : Optional.empty();
    }

    private Dose dose(Fact fact) {
        return switch (fact) {
            case Fact.Bare(int number) -> bare(number, false);
            case Fact.Times(int number) -> bare(number, true);
            case Fact.Reps(int number) -> breathes()
                    ? held(new Amount.OfBreaths(Math.min(60, number), false))
                    : exercise.usualDose() instanceof Counts ? asOften(number) : reps(number, Stage.Unit.REP);
            case Fact.Pulses(int number) -> reps(number, Stage.Unit.PULSE);
            case Fact.Sets(int many, int number) -> sets(many, number);
            case Fact.SetsOf(int many, Duration length) -> {
                sets = many;
                yield timed(length, false);
            }
            case Fact.Music(int counts) -> music(counts);
            case Fact.Time(Duration length, boolean about) -> timed(length, about);
            case Fact.Held(Duration length, int counts) -> held(counts > 0
                    ? new Amount.OfCounts(counts, false)
                    : new Amount.OfTime(length));
            case Fact.Breaths(int number, boolean deep) -> held(new Amount.OfBreaths(number, deep));
            case Fact.Clock(Duration work, Duration off) -> new Interval(work, off, Math.max(1, sets), true,
                    Sides.TOGETHER);
            case Fact.AsMany(Duration length) -> new AsMany(length, 0, Sides.TOGETHER);
            case Fact.Rounds _,Fact.Rest _,Fact.Most _,Fact.Side _,Fact.With _,Fact.Pace _,Fact.MusicPace _,Fact.OptionOf _,Fact.Tempo _ ->
                exercise.usualDose();
        };
    }

    private boolean breathes() {
        return exercise.pattern() == Pattern.BREATHING;
    }

    private Dose bare(int number, boolean times) {
        if (breathes()) {
            return held(new Amount.OfBreaths(Math.min(60, number), false));
        }
        return switch (exercise.usualDose()) {
            case Hold hold when times ->
                new Hold(Math.min(20, number), hold.held(), hold.kind(), rest, Sides.TOGETHER);
            case Hold _ -> held(new Amount.OfTime(Duration.ofSeconds(Math.max(1, Math.min(600, number)))));
            case Counts _ -> danced(number);
            default -> reps(number, Stage.Unit.REP);
        };
    }

    /** Sixteen and more are counts of the music, in which people dance; fewer are so many times the move. */
    private Dose danced(int number) {
        boolean walked = exercise.footwork().map(row -> row.counts() <= 2).orElse(false);
        boolean counts = number >= HALF_A_PHRASE && number % Counts.EIGHT == 0;
        if (counts || walked && number % Counts.EIGHT == 0) {
            return new Counts(number, pace, Sides.TOGETHER);
        }
        return asOften(number);
    }

    /** So many times the move: grapevines are four counts each, what is shorter is counted as it is. */
    private Dose asOften(int number) {
        Optional<Row> row = exercise.footwork();
        return row.isPresent() && row.get().counts() >= 4 && number * row.get().counts() <= 2048
                ? new Counts(number * row.get().counts(), pace, Sides.TOGETHER)
                : reps(number, Stage.Unit.REP);
    }

    private Dose sets(int many, int number) {
        return switch (exercise.usualDose()) {
            case Counts _ when moving() && many * number <= 2048 && (number % 4 == 0) ->
                new Counts(many * number, pace, Sides.TOGETHER);
            case Hold _ -> {
                sets = many;
                yield held(new Amount.OfTime(Duration.ofSeconds(number)));
            }
            default -> {
                sets = many;
                yield reps(number, Stage.Unit.REP);
            }
        };
    }

    private boolean moving() {
        return role == Role.AEROBIC || role == Role.WARM_UP || role == Role.COOL_DOWN || role == Role.TALK
                || exercise.footwork().isPresent();
    }

    private Dose music(int counts) {
        return exercise.usualDose() instanceof Hold
                ? held(new Amount.OfCounts(Math.min(256, counts), false))
                : new Counts(Math.clamp(counts, 1, 2048), pace, Sides.TOGETHER);
    }

    private Dose timed(Duration length, boolean about) {
        boolean still = role == Role.STRETCH && exercise.usualDose() instanceof Reps;
        boolean held = (exercise.usualDose() instanceof Hold || still) && length.toSeconds() <= 600;
        if (held) {
            return held(new Amount.OfTime(length));
        }
        boolean open = about || exercise.usualDose() instanceof Counts
                || exercise.usualDose() instanceof Open;
        return open && sets <= 1
                ? new Open(length, Duration.ZERO, Sides.TOGETHER)
                : new Interval(length, rest, Math.max(1, sets), true, Sides.TOGETHER);
    }

    private Dose held(Amount amount) {
        Hold.Kind kind = exercise.usualDose() instanceof Hold hold ? hold.kind() : Hold.Kind.HOLD;
        return new Hold(Math.max(1, sets), new Stage.Held(amount, List.of()), kind, rest, Sides.TOGETHER);
    }

    private Dose reps(int number, Stage.Unit unit) {
        Stage.Moves moves = new Stage.Moves(Math.clamp(number, 1, 300), unit, new Tempo.Usual(speed),
                Stage.Reach.WHOLE,
                Duration.ZERO);
        List<Stage> stages = new ArrayList<>(List.of(moves));
        last.ifPresent(stages::add);
        return new Reps(Math.clamp(sets, 1, 20), stages, Reps.Order.STAGES, rest, Sides.TOGETHER);
    }

    /** Sides that are written; else as the exercise is usually shared. "Each" may mean each exercise, or each arm. */
    private Dose sided(Dose dose) {
        Sides usual = exercise.usualDose().sides();
        boolean exercises = bareEach && usual == Sides.TOGETHER
                && (!alone || dose instanceof Interval || dose instanceof Open || dose instanceof Hold);
        if (exercises || sides.isEmpty()) {
            return exercise.shared(dose);
        }
        return dose.goesWith(sides.get()) ? dose.withSides(sides.get()) : dose;
    }
}
