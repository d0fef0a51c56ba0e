package app.kehre.core.dose;

import java.time.Duration;

/** A dose told as a sentence, for the line beside the field in which it is typed. */
public final class DoseWords {

    private DoseWords() {}

    /** Returns the dose in words, without a full stop: "3 sets of 12 reps with 25 s rest, right then left". */
    public static String of(Dose dose) {
        String body = switch (dose) {
            case Reps reps ->
                sets(reps.sets()) + reps.reps() + " reps" + tempo(reps.tempo()) + rest(reps.rest());
            case Hold hold -> (hold.sets() == 1 ? "" : hold.sets() + " times ") + "hold for "
                    + Lengths.notation(hold.length()) + rest(hold.rest());
            case Interval interval ->
                interval.rounds() + (interval.rounds() == 1 ? " round" : " rounds") + " of "
                        + Lengths.notation(interval.work()) + rest(interval.rest());
            case Counts counts -> counts.counts() + " counts"
                    + (counts.pace() == Counts.Pace.NORMAL ? "" : " at " + counts.pace().notation());
        };
        return body + sides(dose.sides());
    }

    private static String sets(int sets) {
        return sets == 1 ? "" : sets + " sets of ";
    }

    private static String rest(Duration rest) {
        return rest.isZero() ? "" : " with " + Lengths.notation(rest) + " rest";
    }

    private static String tempo(Tempo tempo) {
        return switch (tempo) {
            case Tempo.Usual() -> "";
            case Tempo.Seconds(Tempo.Phases phases) -> " of " + phases.sum() + " s";
            case Tempo.MusicCounts(Tempo.Phases phases) -> " of " + phases.sum() + " counts";
        };
    }

    private static String sides(Sides sides) {
        return switch (sides) {
            case TOGETHER -> "";
            case ALTERNATING -> ", sides in turn";
            case EACH_SIDE -> ", right then left";
            case EACH_SIDE_LEFT_FIRST -> ", left then right";
        };
    }
}
