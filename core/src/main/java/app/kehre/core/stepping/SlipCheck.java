package app.kehre.core.stepping;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

import app.kehre.core.advice.Severity;
import app.kehre.core.choreography.Dance;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.footwork.Slip;
import app.kehre.core.value.Side;

/** What cannot be danced: a wrong foot, a wrong place or facing, a step forward off the bench. */
final class SlipCheck implements Check {

    @Override
    public List<Finding> of(Checked checked) {
        List<Finding> found = new ArrayList<>();
        Set<String> said = new HashSet<>();
        for (Dance.Beat beat : checked.dance().beats()) {
            for (Slip slip : beat.step().slips()) {
                boolean foot = slip.kind() == Slip.Kind.FOOT;
                if (said.add(beat.part() + (foot ? " foot" : " place"))) {
                    found.add(checked.found(kind(slip), Severity.STOP, beat.part(), beat.count(),
                            what(checked, beat, slip), why(slip)));
                }
            }
        }
        return found;
    }

    private static CheckKey kind(Slip slip) {
        return switch (slip.kind()) {
            case FOOT -> CheckKey.FOOT;
            case PLACE -> CheckKey.STANDING_PLACE;
            case FACING -> CheckKey.FACING;
            case OFF_THE_FRONT, SPRING_DOWN -> CheckKey.OFF_THE_BENCH;
        };
    }

    private static String what(Checked checked, Dance.Beat beat, Slip slip) {
        String move = checked.danced(beat).move().name();
        boolean opens = beat.step().half() == 0 && beat.time() == 0 && beat.part() > 0;
        if (slip.kind() == Slip.Kind.FOOT && opens) {
            Side lead = beat.lead();
            return "Count %d: %s starts on the %s, but %s leaves the weight on the %s foot.".formatted(
                    beat.count(), move, lead.word(),
                    checked.combination().moves().get(beat.part() - 1).move().name(), lead.word());
        }
        return "Count %d, %s: %s.".formatted(beat.count(), move, slip.words());
    }

    private static String why(Slip slip) {
        return switch (slip.kind()) {
            case FOOT -> "Only the free foot can step. People will stumble or add a step and lose the music.";
            case PLACE ->
                "The move needs another place. People will stand in each other's way or miss the bench.";
            case FACING -> "The move needs another facing. Turned like this it would go past the bench.";
            case OFF_THE_FRONT ->
                "Stepping forward off a bench loads the knee and is a usual cause of falls: step down backwards"
                        + " or to the side.";
            case SPRING_DOWN ->
                "Springs go up only. Landing on the floor from the bench is hard on knees and ankles.";
        };
    }
}
