package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassTimes;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Way;

/** Something new in the main part for whose explaining there is no time. */
final class ExplainingCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.NO_EXPLAINING;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        Set<String> seen = new HashSet<>();
        List<Finding> findings = new ArrayList<>();
        boolean none = judged.plan().times().explainNew().toSeconds() < judged.figures()
                .of(Threshold.EXPLAINED);
        for (Item item : judged.items()) {
            boolean first = seen.add(item.exercise().id()) && !item.manner().known();
            Explaining explaining = item.manner().explaining();
            boolean silent = explaining.mode() == Explaining.Mode.NONE
                    || none && explaining.length().isEmpty() && explaining.mode() != Explaining.Mode.OVER;
            if (first && silent && ClassUnderCheck.main(role(judged, item))) {
                findings.add(finding(judged, item));
            }
        }
        return findings;
    }

    private static Role role(ClassUnderCheck judged, Item item) {
        return judged.roleOf(item).orElse(Role.PAUSE);
    }

    private Finding finding(ClassUnderCheck judged, Item item) {
        return found(Severity.MEND, judged.at(item),
                "No time to explain %s, which is new.".formatted(item.name()),
                "A new exercise takes 10 to 30 s to show with its options. Planners forget it, and the class runs over.",
                SourceKind.TEACHING_RANGE, () -> List.of(
                        Way.of("Explain " + item.name(), judged.plan().with(item.withManner(item.manner()
                                .withExplaining(new Explaining(Explaining.Mode.STOPS,
                                        Optional.of(ClassTimes.USUAL.explainNew())))))),
                        Way.of("They know " + item.name(),
                                judged.plan().with(item.withManner(item.manner().withKnown(true))))));
    }
}
