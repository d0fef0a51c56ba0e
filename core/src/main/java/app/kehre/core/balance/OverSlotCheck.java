package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.SlotFit;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** The class is longer than its slot. */
final class OverSlotCheck implements KeyedCheck {

    private static final int TRIED = 12;

    @Override
    public CheckKey key() {
        return CheckKey.OVER_SLOT;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        SlotFit fit = judged.timeline().fit();
        if (!fit.over()) {
            return List.of();
        }
        return List.of(found(Severity.FIX, Place.CLASS,
                "The class goes over its slot by %s.".formatted(Lengths.clock(fit.spare())),
                "The next group is at the door after %d min. What runs over is usually taken from the stretch."
                        .formatted(fit.slot().toMinutes()),
                SourceKind.TEACHING_RANGE, () -> mends(judged)).by(fit.spare().abs().toSeconds()));
    }

    private static List<Way> mends(ClassUnderCheck judged) {
        Predicate<ClassPlan> enough = plan -> !Timeline.of(plan).fit().over();
        List<Item> main = Mends.longest(judged, judged.segments().stream()
                .filter(segment -> segment.role().main())
                .flatMap(segment -> judged.items(segment).stream()));
        List<Way> mends = new ArrayList<>(
                Mends.shorter(judged.plan(), main.stream().limit(TRIED).toList(), enough));
        judged.plan().circuits()
                .filter(circuit -> circuit.rounds() > 1).findFirst().ifPresent(circuit -> mends.add(Way.of(
                        "%s: one round less".formatted(circuit.name()), judged.plan().with(circuit
                                .withRounds(circuit.rounds() - 1, circuit.rest(), circuit.soloFrom())))));
        main.stream().findFirst().ifPresent(longest -> mends.add(Mends.remove(judged.plan(), longest)));
        return mends;
    }
}
