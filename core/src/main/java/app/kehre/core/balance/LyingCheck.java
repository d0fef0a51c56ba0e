package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Position;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Way;

/** In pregnancy: on the back for too long. */
final class LyingCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.ON_THE_BACK;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        if (judged.brief().having(Limit.PREGNANCY) == 0) {
            return List.of();
        }
        int most = judged.figures().of(Threshold.ON_THE_BACK);
        List<Finding> findings = new ArrayList<>();
        double lying = 0;
        boolean reported = false;
        for (Use use : judged.uses()) {
            boolean supine = use.exercise().position() == Position.SUPINE
                    && use.item().map(item -> !item.instead().containsKey(Limit.PREGNANCY)).orElse(true);
            lying = supine ? lying + use.seconds() : 0;
            reported = supine && reported;
            if (lying > most && !reported) {
                findings.add(finding(judged, use, most));
                reported = true;
            }
        }
        return findings;
    }

    private Finding finding(ClassUnderCheck judged, Use use, int most) {
        return found(Severity.STOP, judged.at(use),
                "With %s everybody has lain on the back for more than %d s.".formatted(use.exercise().name(),
                        most),
                "After the first trimester not longer than about %d s, and medical advice first. Local rules and licensed professionals decide."
                        .formatted(most),
                SourceKind.PUBLISHED, () -> judged.ofItem(use.entry(), item -> mends(judged, item)));
    }

    private static List<Way> mends(ClassUnderCheck judged, Item item) {
        List<Way> mends = new ArrayList<>();
        item.exercise().cautionFor(Limit.PREGNANCY)
                .flatMap(caution -> judged.library().find(caution.instead()))
                .or(() -> other(judged, item)).ifPresent(other -> mends.add(Way.of(
                        "%s for who is pregnant".formatted(other.name()),
                        judged.plan().with(item.withInstead(Limit.PREGNANCY, other)))));
        mends.addAll(Mends.replace(judged, item, other -> other.position() != Position.SUPINE));
        return Mends.first(mends.stream());
    }

    private static Optional<Exercise> other(ClassUnderCheck judged, Item item) {
        return judged.library().all().stream().filter(other -> other.position() != Position.SUPINE
                && other.cautionFor(Limit.PREGNANCY).isEmpty()
                && other.main().stream().anyMatch(item.exercise().main()::contains)).findFirst();
    }
}
