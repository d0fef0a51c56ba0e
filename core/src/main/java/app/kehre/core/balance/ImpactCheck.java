package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.brief.School;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Impact;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Way;

/** A long stretch of high impact. */
final class ImpactCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.LONG_IMPACT;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        if (judged.brief().schools().impact() == School.Impact.LOW_ONLY) {
            return jumping(judged);
        }
        List<Finding> findings = new ArrayList<>();
        double sum = 0;
        Optional<Use> first = Optional.empty();
        for (Use use : judged.uses()) {
            boolean high = use.exercise().impact() == Impact.HIGH;
            if (high) {
                first = first.isEmpty() ? Optional.of(use) : first;
                double before = sum;
                sum += use.seconds();
                if (before <= limit(judged) && sum > limit(judged)) {
                    findings.add(finding(judged, first.get(), use));
                }
            } else {
                sum = 0;
                first = Optional.empty();
            }
        }
        return findings;
    }

    /** Each line that jumps, where low impact only was chosen. */
    private List<Finding> jumping(ClassUnderCheck judged) {
        return judged.items().stream().filter(item -> item.exercise().impact() == Impact.HIGH)
                .map(item -> found(Severity.FIX, judged.at(item),
                        "%s jumps, and this class is low impact only.".formatted(item.name()),
                        "Low impact only is the brief's answer: one foot stays on the floor.",
                        SourceKind.TEACHING_RANGE, () -> mends(judged, item)))
                .toList();
    }

    private static int limit(ClassUnderCheck judged) {
        return judged.figures().of(Threshold.IMPACT);
    }

    private Finding finding(ClassUnderCheck judged, Use from, Use last) {
        return found(Severity.FIX, judged.at(from),
                "High impact without a break from %s on.".formatted(from.exercise().name()),
                "More than %d s of jumping on end. Ankles and shins tire first; low impact between lets them recover."
                        .formatted(limit(judged)),
                SourceKind.ESTIMATE, () -> judged.ofItem(last.entry(), item -> mends(judged, item)));
    }

    private static List<Way> mends(ClassUnderCheck judged, Item item) {
        List<Way> mends = new ArrayList<>(
                Mends.replace(judged, item, other -> other.impact() != Impact.HIGH));
        Optional<Exercise> easier = judged.library().find(item.exercise().easier().exercise())
                .filter(other -> other.impact() != Impact.HIGH);
        easier.ifPresent(other -> mends.addFirst(Way.of("%s for %s".formatted(other.name(), item.name()),
                judged.plan().with(item.withExercise(other)))));
        return mends;
    }
}
