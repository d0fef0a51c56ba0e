package app.kehre.core.stepping;

import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.choreography.TempoRange;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;

/** Whether the music suits the bench or the floor. */
final class TempoCheck implements Check {

    @Override
    public List<Finding> of(Checked checked) {
        boolean onStep = checked.combination().onStep();
        TempoRange range = onStep
                ? TempoRange.onStep(checked.conditions().bench(), checked.conditions().level())
                : checked.conditions().onFloor();
        int bpm = checked.conditions().bpm().value();
        if (range.has(bpm) || checked.combination().moves().isEmpty()) {
            return List.of();
        }
        boolean fast = bpm > range.most();
        return List.of(checked.found(CheckKey.DANCE_TEMPO,
                onStep && fast ? Severity.FIX : Severity.WATCH, 0, 1,
                "%d BPM is %s: %s goes with %s.".formatted(bpm, fast ? "too fast" : "slow", range.what(),
                        range.words()),
                fast && onStep
                        ? "The whole foot must find the middle of the bench; faster or higher than this it does"
                                + " not."
                        : "A teaching range; what suits the group comes first."));
    }
}
