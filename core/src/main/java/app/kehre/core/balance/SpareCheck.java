package app.kehre.core.balance;

import java.time.Duration;
import java.util.List;
import java.util.function.Predicate;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.timeline.SlotFit;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** Nothing is spare for a late start. */
final class SpareCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.NOTHING_SPARE;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        SlotFit fit = judged.timeline().fit();
        Duration wanted = judged.figures().seconds(Threshold.SPARE);
        if (fit.over() || fit.spare().compareTo(wanted) >= 0) {
            return List.of();
        }
        Predicate<ClassPlan> enough = plan -> Timeline.of(plan).fit().spare().compareTo(wanted) >= 0;
        return List.of(found(Severity.WATCH, Place.CLASS,
                "Only %s are spare for a late start.".formatted(Lengths.clock(fit.spare())),
                "Classes start late more often than not. %d s keep the stretch whole."
                        .formatted(judged.figures().of(Threshold.SPARE)),
                SourceKind.ESTIMATE, () -> Mends.shorter(judged.plan(), Mends.longest(judged,
                        judged.items().stream()).stream().limit(6).toList(), enough)));
    }
}
