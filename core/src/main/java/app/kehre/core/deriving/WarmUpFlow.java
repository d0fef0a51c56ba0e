package app.kehre.core.deriving;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToIntFunction;

import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseScale;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Reps;
import app.kehre.core.dose.Stage;
import app.kehre.core.exercise.Exercise;

/** The order of a warm-up, and how long its moves are: it moves from the first beat, and the pulse rises. */
final class WarmUpFlow {

    /** So many seconds of easy big moves come before anybody stands and loosens a joint. Teaching range, two to three minutes. */
    private static final int MOVING_FIRST = 120;
    /** A big move takes 32 to 64 counts (figures.md, "Good classes"). */
    private static final int COUNTS = 64;
    /** Four eights: music comes in such phrases. */
    private static final int PHRASE = 32;
    /** More reps than these are counted in fours. */
    private static final int FEW = 12;

    private WarmUpFlow() {}

    /** Returns whether it is held as a stretch. */
    static boolean held(Exercise exercise) {
        return exercise.usualDose() instanceof Hold hold && hold.kind() == Hold.Kind.STRETCH;
    }

    /** Returns whether it is a big move to the music, which raises the pulse. */
    static boolean big(Exercise exercise) {
        return exercise.usualDose() instanceof Counts
                && exercise.work().mets().value() >= WarmUpDeriver.RAISES;
    }

    /** Returns two phrases of a move, or as much as makes sense. */
    static Dose dose(Exercise exercise) {
        return exercise.dosing().most() instanceof Counts most && exercise.usualDose() instanceof Counts usual
                ? new Counts(Math.min(COUNTS, Math.max(usual.counts(), most.counts())), usual.pace(),
                        usual.sides())
                : exercise.usualDose();
    }

    /** Returns one set of a dose: that is enough to show a move. */
    static Dose small(Dose usual) {
        return usual instanceof Reps reps && reps.sets() > 1
                ? new Reps(1, reps.stages(), reps.order(), Duration.ZERO, reps.sides())
                : usual;
    }

    /**
     * Returns a dose so many times as long, or longer: in whole phrases, or in a number of reps that is even, and over 12 one of
     * fours, since nobody stops in the middle of a phrase or on one side.
     *
     * @param times 1 or more
     */
    static Dose atLeast(Dose dose, double times) {
        return switch (dose) {
            case Counts counts -> new Counts(PHRASE * (int) Math.ceil(times * counts.counts() / PHRASE),
                    counts.pace(), counts.sides());
            case Reps reps when reps.stages().size() == 1
                    && reps.stages().getFirst() instanceof Stage.Moves moves -> {
                int number = (int) Math.ceil(times * moves.number());
                int step = number > FEW ? 4 : 2;
                yield new Reps(reps.sets(),
                        List.of(new Stage.Moves(step * Math.ceilDiv(number, step), moves.unit(),
                                moves.tempo(), moves.reach(), moves.stretch())),
                        reps.order(), reps.rest(), reps.sides());
            }
            default -> DoseScale.of(dose, times).orElse(dose);
        };
    }

    /** Returns whether two moves are one to the eye: the same steps. */
    static boolean alike(Exercise one, Exercise other) {
        return one.footwork().isPresent() && one.footwork().equals(other.footwork());
    }

    /**
     * Returns a warm-up in order: big easy moves first, then what makes single joints ready and shows what comes, then the livelier
     * moves; held stretches at the end. A calm class goes from the quietest to the liveliest.
     *
     * @param seconds how long each takes
     */
    static List<Exercise> inOrder(List<Exercise> chosen, boolean lively, ToIntFunction<Exercise> seconds) {
        List<Exercise> rising = chosen.stream().sorted(Comparator.comparing(WarmUpFlow::held)
                .thenComparingDouble(each -> each.work().mets().value())).toList();
        if (!lively) {
            return rising;
        }
        List<Exercise> first = new ArrayList<>();
        int moved = 0;
        for (Exercise each : rising.stream().filter(WarmUpFlow::big).toList()) {
            if (moved < MOVING_FIRST) {
                first.add(each);
                moved += seconds.applyAsInt(each);
            }
        }
        List<Exercise> ordered = new ArrayList<>(first);
        rising.stream().filter(each -> !first.contains(each) && !big(each) && !held(each))
                .forEach(ordered::add);
        rising.stream().filter(each -> !ordered.contains(each)).forEach(ordered::add);
        return ordered;
    }
}
