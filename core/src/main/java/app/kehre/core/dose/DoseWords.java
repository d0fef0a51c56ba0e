package app.kehre.core.dose;

import java.time.Duration;
import java.util.List;
import java.util.stream.Collectors;

import app.kehre.core.value.Lengths;

/** A dose told as a sentence, for the line beside the field in which it is typed. */
public final class DoseWords {

    private DoseWords() {}

    /** Returns the dose in words, without a full stop: "3 sets of 12 reps with 25 s rest, right then left". */
    public static String of(Dose dose) {
        String body = switch (dose) {
            case Reps reps -> sets(reps.sets()) + stages(reps) + rest(reps.rest());
            case Hold hold -> (hold.sets() == 1 ? "" : hold.sets() + " times ") + hold.kind().word() + " for "
                    + held(hold.held()) + rest(hold.rest());
            case Interval interval ->
                interval.rounds() + (interval.rounds() == 1 ? " round" : " rounds") + " of "
                        + Lengths.notation(interval.work()) + rest(interval.rest())
                        + (interval.lastRest() || interval.rest().isZero() ? "" : ", none after the last");
            case AsMany many -> "as many as possible in " + Lengths.notation(many.length())
                    + (many.toBeat() == 0 ? "" : ", more than " + many.toBeat());
            case Open open -> "until you say stop, planned for " + Lengths.notation(open.planned())
                    + (open.tolerance().isZero()
                            ? ""
                            : ", " + Lengths.notation(open.tolerance()) + " more or less");
            case Counts counts -> counts.counts() + " counts" + pace(counts.pace());
            case CountPattern pattern -> (pattern.times() == 1 ? "once " : pattern.times() + " times ")
                    + pattern.parts().stream().map(part -> part.counts() + " counts of " + part.words())
                            .collect(Collectors.joining(", "))
                    + pace(pattern.pace());
        };
        return body + sides(dose.sides());
    }

    private static String stages(Reps reps) {
        List<String> words = reps.stages().stream().map(DoseWords::stage).toList();
        return switch (reps.order()) {
            case STAGES -> String.join(", then ", words);
            case RUNGS -> words.size() + " rungs, stay on any: " + String.join(", harder ", words);
        };
    }

    private static String stage(Stage stage) {
        return switch (stage) {
            case Stage.Moves moves ->
                moves.number() + DoseNotation.speed(moves.tempo()) + " " + moves.unit().word()
                        + (moves.number() == 1 ? "" : "s") + tempo(moves.tempo())
                        + (moves.reach() == Stage.Reach.WHOLE ? "" : " " + moves.reach().words())
                        + (moves.stretch().isZero()
                                ? ""
                                : " with a stretch of " + Lengths.notation(moves.stretch()) + " in each");
            case Stage.Held held -> "a hold of " + held(held);
        };
    }

    private static String held(Stage.Held held) {
        return held.amount().notation()
                + (held.postures().isEmpty() ? "" : " " + String.join(" or ", held.postures()));
    }

    private static String sets(int sets) {
        return sets == 1 ? "" : sets + " sets of ";
    }

    private static String rest(Duration rest) {
        return rest.isZero() ? "" : " with " + Lengths.notation(rest) + " rest";
    }

    private static String pace(Counts.Pace pace) {
        return pace == Counts.Pace.NORMAL ? "" : " at " + pace.notation();
    }

    private static String tempo(Tempo tempo) {
        return switch (tempo) {
            case Tempo.Usual _ -> "";
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
            case RIGHT_SIDE -> ", right side only";
            case LEFT_SIDE -> ", left side only";
            case SIDE_A_ROUND -> ", right in odd rounds, left in even ones";
            case SIDE_A_ROUND_LEFT_FIRST -> ", left in odd rounds, right in even ones";
        };
    }
}
