package app.kehre.core.dose;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** The doses that lie between the least and the most, in the steps in which instructors change them. */
public final class DoseSteps {

    /** Steps of seconds held or worked. */
    private static final int SECONDS = 5;

    private DoseSteps() {}

    /**
     * Returns the usual dose with other numbers: sets and reps one by one, holds and work in steps of 5 s, counts
     * in whole eights. Where the three are of different kinds, or of stages, they are the three themselves.
     */
    public static List<Dose> between(Dose least, Dose usual, Dose most) {
        Set<Dose> steps = new LinkedHashSet<>(List.of(least));
        switch (usual) {
            case Reps reps when least instanceof Reps low && most instanceof Reps high ->
                steps.addAll(reps(low, reps, high));
            case Counts counts when least instanceof Counts low && most instanceof Counts high ->
                eights(low, high).forEach(
                        eights -> steps
                                .add(new Counts(eights * Counts.EIGHT, counts.pace(), counts.sides())));
            case Hold hold when least instanceof Hold low && most instanceof Hold high ->
                steps.addAll(holds(low, hold, high));
            case Interval interval when least instanceof Interval low && most instanceof Interval high ->
                steps.addAll(intervals(low, interval, high));
            case Reps _,Counts _,Hold _,Interval _,AsMany _,CountPattern _,Open _ -> {
            }
        }
        steps.add(usual);
        steps.add(most);
        return List.copyOf(steps);
    }

    private static IntStream eights(Counts low, Counts high) {
        int from = Math.max(1, low.counts() / Counts.EIGHT);
        return IntStream.rangeClosed(from, Math.max(from, high.counts() / Counts.EIGHT));
    }

    private static List<Dose> reps(Reps low, Reps usual, Reps high) {
        Optional<Stage.Moves> one = only(usual);
        Optional<Stage.Moves> from = only(low);
        Optional<Stage.Moves> to = only(high);
        List<Dose> steps = new ArrayList<>();
        if (one.isPresent() && from.isPresent() && to.isPresent()) {
            Duration rest = longer(usual.rest(), high.rest());
            for (int sets = low.sets(); sets <= high.sets(); sets++) {
                for (int number = from.get().number(); number <= to.get().number(); number++) {
                    Stage.Moves moves = one.get();
                    Stage stage = new Stage.Moves(number, moves.unit(), moves.tempo(), moves.reach(),
                            moves.stretch());
                    steps.add(new Reps(sets, List.of(stage), usual.order(),
                            sets == 1 ? Duration.ZERO : rest, usual.sides()));
                }
            }
        }
        return steps;
    }

    private static Optional<Stage.Moves> only(Reps reps) {
        return reps.stages().size() == 1 && reps.stages().getFirst() instanceof Stage.Moves moves
                ? Optional.of(moves)
                : Optional.empty();
    }

    private static List<Dose> holds(Hold low, Hold usual, Hold high) {
        List<Dose> steps = new ArrayList<>();
        Duration rest = longer(usual.rest(), high.rest());
        for (int sets = low.sets(); sets <= high.sets(); sets++) {
            for (Amount amount : amounts(low.held().amount(), high.held().amount())) {
                steps.add(new Hold(sets, new Stage.Held(amount, usual.held().postures()), usual.kind(),
                        sets == 1 ? Duration.ZERO : rest, usual.sides()));
            }
        }
        return steps;
    }

    private static List<Amount> amounts(Amount low, Amount high) {
        if (low instanceof Amount.OfTime(Duration from) && high instanceof Amount.OfTime(Duration to)) {
            return seconds(from, to).<Amount>map(Amount.OfTime::new).toList();
        }
        if (low instanceof Amount.OfBreaths(int from, boolean deep)
                && high instanceof Amount.OfBreaths(int to, boolean _)) {
            return IntStream.rangeClosed(from, to)
                    .<Amount>mapToObj(breaths -> new Amount.OfBreaths(breaths, deep)).toList();
        }
        return List.of(low, high);
    }

    private static List<Dose> intervals(Interval low, Interval usual, Interval high) {
        List<Dose> steps = new ArrayList<>();
        Duration rest = longer(usual.rest(), high.rest());
        for (int rounds = low.rounds(); rounds <= high.rounds(); rounds++) {
            int times = rounds;
            seconds(low.work(), high.work()).forEach(work -> steps.add(new Interval(work,
                    times == 1 ? low.rest() : rest, times, usual.lastRest(), usual.sides())));
        }
        return steps;
    }

    private static java.util.stream.Stream<Duration> seconds(Duration from, Duration to) {
        return IntStream.iterate((int) from.toSeconds(), at -> at <= to.toSeconds(), at -> at + SECONDS)
                .mapToObj(Duration::ofSeconds);
    }

    private static Duration longer(Duration one, Duration other) {
        return one.compareTo(other) >= 0 ? one : other;
    }
}
