package app.kehre.core.balance;

import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.UsualMost;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Way;

/** A line has much more of an exercise than makes sense. */
final class MostDoseCheck implements KeyedCheck {

    /** So much over the most that the library gives is too much. Kehre's estimate. */
    private static final double MUCH = 1.5;

    @Override
    public CheckKey key() {
        return CheckKey.DOSE_OVER_MOST;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        return judged.items().stream()
                .filter(item -> UsualMost.isOver(item.dose(), item.exercise().dosing().most(), MUCH))
                .map(item -> finding(judged, item)).toList();
    }

    private Finding finding(ClassUnderCheck judged, Item item) {
        String most = DoseNotation.print(item.exercise().dosing().most());
        return found(Severity.WATCH, judged.at(item),
                "%s: %s, where %s is the most that is usual.".formatted(item.name(),
                        DoseNotation.print(item.dose()),
                        most),
                "Far beyond its usual range an exercise is done badly before it is done. A second one for the same area serves more.",
                SourceKind.TEACHING_RANGE,
                () -> List.of(Way.of("%s: %s".formatted(item.name(), most),
                        judged.plan().with(item.withDose(item.exercise().dosing().most())))));
    }
}
