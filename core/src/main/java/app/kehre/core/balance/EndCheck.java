package app.kehre.core.balance;

import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.effort.Effort;
import app.kehre.core.effort.Line;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Timeline;

/** The class ends before the line has come down. */
final class EndCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.ENDS_ON_A_PEAK;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        Line line = judged.effort().main();
        double most = judged.figures().share(Threshold.COOL_DOWN_TO);
        boolean cools = !judged.segments(Role.COOL_DOWN, Role.STRETCH).isEmpty();
        if (comesDown(line, most)) {
            return List.of();
        }
        Segment last = judged.segments().getLast();
        return List.of(found(Severity.FIX, judged.at(last),
                "The class ends at effort %.1f, before it has come down."
                        .formatted(line.effort(line.seconds() - 1)),
                "A cool-down ends below %d %% of the heart-rate reserve. Who stops at a peak may become dizzy."
                        .formatted(judged.figures().of(Threshold.COOL_DOWN_TO)),
                SourceKind.ESTIMATE, () -> cools
                        ? Mends.add(judged, judged.segments(Role.COOL_DOWN, Role.STRETCH).getLast(),
                                Exercise::rests)
                        : List.of(Mends.segment(judged, Optional.of(last.id()), Role.COOL_DOWN,
                                plan -> comesDown(Effort.of(Timeline.of(plan)).main(), most)))));
    }

    private static boolean comesDown(Line line, double most) {
        return line.seconds() == 0 || line.share(line.seconds() - 1) <= most;
    }
}
