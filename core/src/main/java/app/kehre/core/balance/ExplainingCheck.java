package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.brief.School;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
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
        for (Segment segment : judged.segments()) {
            for (Item item : judged.items(segment)) {
                boolean first = seen.add(item.exercise().id()) && !judged.plan().isKnown(item)
                        && !item.exercise().everyday();
                if (first && segment.role().main() && silent(judged, segment, item)) {
                    findings.add(finding(judged, item));
                }
            }
        }
        return findings;
    }

    /** Where the group copies at once, words lie over the movement and nothing has to be shown first. */
    private static boolean silent(ClassUnderCheck judged, Segment segment, Item item) {
        School.Teaching style = item.delivery().teaching().orElseGet(() -> segment.teaching(judged.brief()));
        Explaining explaining = item.delivery().explaining();
        boolean none = judged.plan().pace().length(Quantity.NEW, style).toSeconds() < judged.figures()
                .of(Threshold.EXPLAINED);
        return style != School.Teaching.FOLLOW_ME && (explaining.mode() == Explaining.Mode.NONE
                || none && explaining.length().isEmpty() && explaining.mode() != Explaining.Mode.OVER);
    }

    private Finding finding(ClassUnderCheck judged, Item item) {
        return found(Severity.FIX, judged.at(item),
                "No time to explain %s, which is new.".formatted(item.name()),
                "A new exercise takes 10 to 30 s to show with its options. Planners forget it, and the class runs over.",
                SourceKind.TEACHING_RANGE, () -> List.of(
                        Way.of("Explain " + item.name(), judged.plan().with(item.withDelivery(item.delivery()
                                .withExplaining(new Explaining(Explaining.Mode.STOPS,
                                        Optional.of(Pace.USUAL.length(Quantity.NEW,
                                                School.Teaching.SHOW_THEN_DO))))))),
                        Way.of("They know " + item.name(),
                                judged.plan().with(item.withDelivery(item.delivery().withKnown(true))))));
    }
}
