package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.people.Limit;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Phase;

/** With high blood pressure: a long hard hold. */
final class HardHoldCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.HARD_HOLD;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        if (judged.brief().having(Limit.BLOOD_PRESSURE) == 0) {
            return List.of();
        }
        int most = judged.figures().of(Threshold.HARD_HOLD);
        List<Finding> findings = new ArrayList<>();
        for (Use use : judged.uses()) {
            boolean hard = use.span().phase() == Phase.HOLD && !use.exercise().rests()
                    && use.seconds() > most
                    && use.item().map(item -> !item.instead().containsKey(Limit.BLOOD_PRESSURE)).orElse(true);
            if (hard && findings.stream().noneMatch(each -> each.isAt(use.entry()))) {
                findings.add(finding(judged, use, most));
            }
        }
        return findings;
    }

    private Finding finding(ClassUnderCheck judged, Use use, int most) {
        return found(Severity.STOP, judged.at(use),
                "%s is held for %d s, with high blood pressure in the group.".formatted(use.exercise().name(),
                        Math.round(use.seconds())),
                "Not longer than %d s, breathing on. A long hard hold raises the pressure; medical advice comes first."
                        .formatted(most),
                SourceKind.TEACHING_RANGE, () -> mends(judged, use, most));
    }

    private static List<Way> mends(ClassUnderCheck judged, Use use, int most) {
        return judged.ofItem(use.entry(),
                item -> Mends.scaled(judged.plan(), item, most / use.seconds() * 0.99).stream().toList());
    }
}
