package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.effort.Scale;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.value.Lengths;

/** The cool-down does not bring the line down. */
final class ComesDownCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.COOL_DOWN_HIGH;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Segment> cools = judged.segments(Role.COOL_DOWN);
        if (cools.isEmpty()) {
            return List.of();
        }
        Segment last = cools.getLast();
        int end = (int) Lengths.seconds(judged.timeline().ofSegment(last.id()).end());
        double share = judged.effort().main().share(end - 1);
        if (end == 0 || share <= judged.figures().share(Threshold.COOL_DOWN_TO)) {
            return List.of();
        }
        return List.of(found(Severity.FIX, judged.at(last),
                "%s ends at effort %.1f: it does not bring the line down.".formatted(last.name(),
                        Scale.effort(share)),
                "It shall end under %d %% of the heart-rate reserve. Gentler moves or more of them do it."
                        .formatted(judged.figures().of(Threshold.COOL_DOWN_TO)),
                SourceKind.ESTIMATE, () -> mends(judged, last)));
    }

    private static List<Way> mends(ClassUnderCheck judged, Segment last) {
        List<Way> mends = new ArrayList<>(Mends.add(judged, last, Exercise::rests));
        List<Item> items = judged.items(last);
        // What is hard does not belong there; but a cool-down of nothing else needs something first.
        items.stream().max(Comparator.comparingDouble((Item item) -> item.exercise().work().mets().value()))
                .ifPresent(item -> mends.add(items.size() > 1 ? 0 : mends.size(),
                        Mends.remove(judged.plan(), item)));
        return mends;
    }
}
