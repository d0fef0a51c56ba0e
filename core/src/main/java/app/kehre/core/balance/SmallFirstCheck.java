package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.brief.School;
import app.kehre.core.edit.Moves;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.regrouping.SmallFirst;

/** A small muscle works before a large movement that needs it. */
final class SmallFirstCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.SMALL_FIRST;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        School.Order order = judged.brief().schools().order();
        if (order == School.Order.IN_CIRCUIT) {
            return List.of();
        }
        List<Finding> findings = new ArrayList<>();
        for (Segment segment : judged.segments(Role.TONING)) {
            List<Item> items = judged.items(segment);
            for (int i = 0; i + 1 < items.size(); i++) {
                Item first = items.get(i);
                Item next = items.get(i + 1);
                SmallFirst.of(first.exercise(), next.exercise())
                        .ifPresent(muscle -> findings.add(finding(judged, first, next, muscle)));
            }
        }
        return findings;
    }

    private Finding finding(ClassUnderCheck judged, Item first, Item next, Muscle muscle) {
        return found(Severity.WATCH, judged.at(first),
                "%s tires the %s before %s needs it.".formatted(first.name(), muscle.words(), next.name()),
                "Large muscles and compound exercises come before small ones. The small one gives way first, and the large one is not served.",
                SourceKind.TEACHING_RANGE,
                () -> List.of(Way.of("%s after %s".formatted(first.name(), next.name()),
                        Moves.nudge(judged.plan(), first.id(), 1))));
    }
}
