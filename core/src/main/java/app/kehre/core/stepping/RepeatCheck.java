package app.kehre.core.stepping;

import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Dance;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.footwork.Slip;
import app.kehre.core.value.Side;

/** Whether the combination can be done again from where it ends, on the foot that is free then. */
final class RepeatCheck implements Check {

    @Override
    public List<Finding> of(Checked checked) {
        Combination combination = checked.combination();
        if (combination.moves().isEmpty() || !checked.dance().works()) {
            return List.of();
        }
        Side free = checked.dance().end().free();
        Combination again = free == combination.lead().other() ? combination.mirrored() : combination;
        Dance second = Dance.of(again.moves(), checked.dance().end().on(again.lead().other()));
        return second.beats().stream().filter(beat -> !beat.step().slips().isEmpty()).findFirst()
                .map(beat -> List.of(misstep(checked, beat, beat.step().slips().getFirst())))
                .orElse(List.of());
    }

    private static Finding misstep(Checked checked, Dance.Beat beat, Slip slip) {
        int last = checked.combination().moves().size() - 1;
        return checked.found(CheckKey.REPEAT, Severity.FIX, last, checked.dance().counts(),
                "It ends %s. Done again from there, %s on count %d does not work: %s.".formatted(
                        checked.dance().end().words(), checked.danced(beat).move().name(), beat.count(),
                        slip.words()),
                "A combination is repeated many times while it is learnt, so its end must lead to its start.");
    }
}
