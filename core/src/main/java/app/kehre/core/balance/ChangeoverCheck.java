package app.kehre.core.balance;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.timeline.Tally;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** Changing over takes much of the class. */
final class ChangeoverCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.CHANGEOVER;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        Duration spent = spent(judged.timeline());
        double share = judged.timeline().total().isZero()
                ? 0
                : (double) spent.toNanos() / judged.timeline().total().toNanos();
        if (share <= judged.figures().share(Threshold.CHANGEOVER)) {
            return List.of();
        }
        return List.of(found(Severity.FIX, Place.CLASS,
                "Changing over takes %s, %d %% of the class.".formatted(Lengths.clock(spent),
                        Math.round(share * 100)),
                "Up to %d %% is usual. What shares a position or equipment is kept together."
                        .formatted(judged.figures().of(Threshold.CHANGEOVER)),
                SourceKind.ESTIMATE,
                () -> Mends.nudged(judged, judged.plan().items(),
                        plan -> spent(Timeline.of(plan)).compareTo(spent) < 0))
                .by(spent.toSeconds()));
    }

    private static Duration spent(Timeline timeline) {
        return Tally.of(timeline, Optional.empty()).of(Tally.Use.CHANGEOVER);
    }
}
