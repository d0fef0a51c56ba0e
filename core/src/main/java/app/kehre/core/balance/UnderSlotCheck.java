package app.kehre.core.balance;

import java.util.List;
import java.util.function.Predicate;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.SlotFit;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** The class is much shorter than its slot. */
final class UnderSlotCheck implements KeyedCheck {

    private static final int TRIED = 6;

    @Override
    public CheckKey key() {
        return CheckKey.UNDER_SLOT;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        SlotFit fit = judged.timeline().fit();
        if (fit.over() || !fit.wellOff()) {
            return List.of();
        }
        return List.of(found(Severity.WATCH, Place.CLASS,
                "%s of the slot are empty.".formatted(Lengths.clock(fit.spare())),
                "More than a tenth of %d min has no plan. People come for the whole slot."
                        .formatted(fit.slot().toMinutes()),
                SourceKind.ESTIMATE, () -> mends(judged)).by(fit.spare().toSeconds()));
    }

    private static List<Way> mends(ClassUnderCheck judged) {
        Predicate<ClassPlan> enough = plan -> !Timeline.of(plan).fit().wellOff();
        return Mends.longer(judged.plan(), Mends.longest(judged, judged.items().stream()
                .filter(item -> judged.roleOf(item).filter(Role::main)
                        .isPresent()))
                .stream().limit(TRIED).toList(), enough);
    }
}
