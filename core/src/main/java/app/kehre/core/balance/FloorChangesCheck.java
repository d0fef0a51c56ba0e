package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.exercise.Position;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Mark;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** The group goes down and up more often than it has to. */
final class FloorChangesCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.FLOOR_CHANGES;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        long down = downs(judged.timeline());
        int most = judged.figures().of(Threshold.FLOOR_CHANGES);
        if (down <= most) {
            return List.of();
        }
        Duration saved = judged.plan().pace().length(Quantity.FLOOR).multipliedBy(2 * (down - most));
        return List.of(found(Severity.FIX, Place.CLASS,
                "People go down to the floor %d times; keeping to %d would save %s.".formatted(down, most,
                        Lengths.clock(saved)),
                "More than %d times costs work and breath. What is done on the floor is kept together."
                        .formatted(most),
                SourceKind.ESTIMATE, () -> mends(judged, down)).by(down));
    }

    private static List<Way> mends(ClassUnderCheck judged, long down) {
        Predicate<ClassPlan> fewer = plan -> downs(Timeline.of(plan)) < down;
        List<Way> mends = new ArrayList<>(Mends.regrouped(judged, fewer));
        mends.addAll(Mends.nudged(judged, judged.plan().items(), fewer));
        judged.items().stream().filter(item -> item.position().level() == Position.Level.FLOOR)
                .map(item -> Mends.remove(judged.plan(), item)).filter(mend -> fewer.test(mend.after()))
                .limit(1)
                .forEach(mends::add);
        return mends;
    }

    private static long downs(Timeline timeline) {
        return timeline.marks().stream().filter(mark -> mark.kind() == Mark.Kind.DOWN).count();
    }
}
