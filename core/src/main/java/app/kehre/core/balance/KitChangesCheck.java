package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.kit.Equipment;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Way;

/** Kit is fetched, put away and fetched again. */
final class KitChangesCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.KIT_CHANGES;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        int most = judged.figures().of(Threshold.KIT_CHANGES);
        List<Finding> findings = new ArrayList<>();
        runs(judged.items()).forEach((kit, times) -> {
            if (times > most) {
                findings.add(finding(judged, kit, times, most));
            }
        });
        return findings;
    }

    /** How often each kind of kit in the hands is taken up anew. */
    private static Map<Equipment, Integer> runs(List<Item> items) {
        Map<Equipment, Integer> runs = new EnumMap<>(Equipment.class);
        Set<Equipment> before = EnumSet.noneOf(Equipment.class);
        for (Item item : items) {
            Set<Equipment> now = EnumSet.noneOf(Equipment.class);
            item.load().pieces().forEach(piece -> now.add(piece.kit()));
            now.remove(Equipment.STEP);
            now.stream().filter(kit -> !before.contains(kit))
                    .forEach(kit -> runs.merge(kit, 1, Integer::sum));
            before.clear();
            before.addAll(now);
        }
        return runs;
    }

    private Finding finding(ClassUnderCheck judged, Equipment kit, int times, int most) {
        return foundOf(kit.key(), Severity.WATCH, Place.CLASS,
                "The %s are taken up %d times.".formatted(kit.noun(2), times),
                "More than %d times costs the group's time. What uses the same kit is kept together."
                        .formatted(most),
                SourceKind.ESTIMATE, () -> mends(judged, kit, times)).by(times);
    }

    private static List<Way> mends(ClassUnderCheck judged, Equipment kit, int times) {
        Predicate<ClassPlan> fewer = plan -> runs(plan.items().toList()).getOrDefault(kit, 0) < times;
        List<Way> mends = new ArrayList<>(Mends.regrouped(judged, fewer));
        mends.addAll(Mends.nudged(judged, judged.plan().items(), fewer));
        return mends;
    }
}
