package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Phase;
import app.kehre.core.value.Side;

/** A long static hold of a muscle group just before it has to be quick. */
final class BeforePowerCheck implements KeyedCheck {

    private static final int JUST_BEFORE = 120;

    @Override
    public CheckKey key() {
        return CheckKey.HOLD_BEFORE_POWER;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        Set<EntryId> reported = new HashSet<>();
        for (int i = 0; i < judged.uses().size(); i++) {
            Use power = judged.uses().get(i);
            boolean quick = power.exercise().impact() == Impact.HIGH;
            if (quick) {
                heldBefore(judged, i).filter(use -> reported.add(use.entry()))
                        .ifPresent(use -> findings.add(finding(judged, use, power)));
            }
        }
        return findings;
    }

    private static Optional<Use> heldBefore(ClassUnderCheck judged, int at) {
        Use power = judged.uses().get(at);
        Map<Muscle, Double> held = new EnumMap<>(Muscle.class);
        for (int i = at - 1; i >= 0; i--) {
            Use use = judged.uses().get(i);
            if (power.span().start().minus(use.span().end()).toSeconds() > JUST_BEFORE) {
                return Optional.empty();
            }
            boolean still = use.span().phase() == Phase.HOLD && use.exercise().rests();
            for (Muscle muscle : still ? use.targets() : List.<Muscle>of()) {
                double sum = held.merge(muscle, use.seconds() / sides(use), Double::sum);
                if (sum > judged.figures().of(Threshold.STATIC_HOLD)
                        && power.exercise().work().share(muscle) > 0) {
                    return Optional.of(use);
                }
            }
        }
        return Optional.empty();
    }

    private static int sides(Use use) {
        return use.span().side() == Side.BOTH ? 1 : 2;
    }

    private Finding finding(ClassUnderCheck judged, Use held, Use power) {
        return found(Severity.FIX, judged.at(held),
                "%s is held long just before %s.".formatted(held.exercise().name(), power.exercise().name()),
                "More than %d s of static stretch a muscle group takes power for some minutes. Move it instead and hold at the end."
                        .formatted(judged.figures().of(Threshold.STATIC_HOLD)),
                SourceKind.PUBLISHED, () -> held.item().map(item -> {
                    Item line = (Item) judged.plan().entry(item.id());
                    List<Way> mends = new ArrayList<>(
                            Mends.scaled(judged.plan(), line, 0.33).stream().toList());
                    mends.add(Mends.remove(judged.plan(), line));
                    return mends;
                }).orElse(new ArrayList<>()));
    }
}
